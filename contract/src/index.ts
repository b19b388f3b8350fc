// The one door of the contract: what crosses the wire between web and server.
export {
  ChangePasswordRequest,
  DemoSignInRequest,
  FirstInstructorRequest,
  type Happened,
  type Instructor,
  type MadePassword,
  type Me,
  NewInstructorRequest,
  type PersonRole,
  SignInRequest,
  type Welcome,
} from './people.js';
export {
  ChangeCompanyRequest,
  type CompanySummary,
  type HangsOnCompany,
  NewCompanyRequest,
} from './companies.js';
export {
  type BookAnswer,
  type BookTold,
  type BookUse,
  type ChangesAnswer,
  ChangesRequest,
  type Help,
  type HistoryEntry,
  type Moment,
  NameMomentRequest,
  type NewerBook,
  OperationsRequest,
  type RefusedChange,
  type SentChange,
  SetBackRequest,
} from './books.js';
export {
  ChangeExerciseRequest,
  type ExerciseAnswer,
  type ExerciseSummary,
  type HandedOutTo,
  HandOutRequest,
  NewExerciseRequest,
  TakeBackRequest,
} from './exercises.js';
export {
  type AddedStudents,
  AddStudentsRequest,
  type GroupAnswer,
  type GroupSummary,
  NewGroupRequest,
  type Student,
} from './groups.js';
export {
  type AcceptedShown,
  type Asks,
  type CheckedState,
  type CheckProgress,
  type ClassResults,
  type ClassRow,
  type FiledWork,
  type InterimCheck,
  type Marked,
  type MendedCheck,
  type MyTry,
  type MyTryDetail,
  NewNoteRequest,
  type Note,
  type PairShown,
  type PlacementCell,
  type ShownResult,
  type TryState,
} from './tries.js';
export {
  GIVEN_BEFORE,
  GiveAllBackRequest,
  GiveBackRequest,
  type Giving,
  NewStockNoteRequest,
  type StockNote,
  USUAL_GIVING,
} from './giving.js';
export { type Rehearsal, type RehearsalMarks, SpoilRequest } from './rehearsals.js';
export {
  AcceptRequest,
  CheckAgainRequest,
  FiledRequest,
  type HandPairShown,
  type KeyVersionShown,
  OwnFileRequest,
  PairsRequest,
  type Preview,
  type PreviewRow,
} from './marking.js';
