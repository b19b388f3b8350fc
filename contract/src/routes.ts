import type { CalendarShown, TakenOver, TakeOverRequest } from './calendar.js';
import type { LetterGone, LinkLetterRequest, OwnLetters, OwnLettersRequest } from './letters.js';
import type { AskWordRequest, AtWork, SayWordRequest, SeenWordsRequest, Word } from './words.js';
import type { DrillFeedback } from '@gleddo/core';
import type {
  BookAnswer,
  ChangesAnswer,
  ChangesRequest,
  HistoryEntry,
  Moment,
  NameMomentRequest,
  OperationsRequest,
  SetBackRequest,
} from './books.js';
import type { ChangeCompanyRequest, CompanySummary, HangsOnCompany } from './companies.js';
import type { AskDrillRequest, ClassMixUps, DrillAnswerRequest, DrillStanding } from './drills.js';
import type {
  ChangeExerciseRequest,
  ContinueRequest,
  ExerciseAnswer,
  ExerciseChange,
  ExerciseSummary,
  HandOutRequest,
  NewExerciseRequest,
  PartsRequest,
  TakeBackRequest,
} from './exercises.js';
import type {
  BooksTakenOver,
  CompanyOrigin,
  ExerciseThen,
  OriginShown,
  OthersParts,
} from './origins.js';
import type {
  ArrivalDone,
  ArrivalRequest,
  ArrivalShown,
  NewPlatformRequest,
  PlatformLinkRequest,
  PlatformLinkShown,
  PlatformList,
  PlatformMarks,
  PlatformsShown,
} from './platforms.js';
import type { OwnTerm, TermMarks, TermRequest } from './term.js';
import type { ReadyShown } from './shelf.js';
import type { HereRequest, WhoIsHere } from './presence.js';
import type { ShareRequest, Sharing } from './sharing.js';
import type {
  GiveAllBackRequest,
  GiveBackRequest,
  NewStockNoteRequest,
  StockNote,
} from './giving.js';
import type {
  ClassListDone,
  ClassListPlan,
  ClassListRequest,
  GroupAnswer,
  GroupSummary,
  MergeStudentsRequest,
  MoveStudentRequest,
  NewGroupRequest,
  PartRequest,
  StudentRequest,
} from './groups.js';
import type {
  AnswerRequest,
  AlikeShown,
  CopiedShown,
  GoOnRequest,
  HintRequest,
  GuideAnswer,
  GuidePlace,
  LetGoOn,
  LetGoOnRequest,
  PictureKept,
  PictureRequest,
  PlaceRequest,
  Practice,
  PracticeCheck,
  PracticeRequest,
  PractisedShown,
  SeedShown,
} from './guides.js';
import type { HappenedPage, HouseShown } from './house.js';
import type {
  LeaveRequest,
  Leaving,
  LeavingTerm,
  LeavingTermRequest,
  WouldLeave,
} from './leaving.js';
import type {
  AcceptRequest,
  CheckAgainRequest,
  RightNamesRequest,
  FiledRequest,
  KeyVersionShown,
  OwnFileRequest,
  PairsRequest,
  Preview,
} from './marking.js';
import type {
  ChangePasswordRequest,
  DemoSignInRequest,
  FirstInstructorRequest,
  Instructor,
  MadePassword,
  Me,
  NewInstructorRequest,
  NoSecondFactorRequest,
  OwnSignIn,
  SecondFactorOffered,
  SecondFactorRequest,
  SessionShown,
  SignInRequest,
  Welcome,
  ChoosePasswordRequest,
  LinkShown,
  MadeLink,
} from './people.js';
import type { MoreTimeRequest, TimesRequest } from './times.js';
import type { SampleShown, Today } from './today.js';
import type { TrialRun, TrialRunMarks, TrialRunRequest, SpoilRequest } from './trial-runs.js';
import type {
  ClassResults,
  InterimCheck,
  Marked,
  CorrectedCheck,
  MyTry,
  MyTryDetail,
  NoteWritten,
  NewNoteRequest,
  PastCheck,
  HandInRequest,
  WorkOpen,
} from './tries.js';

/** What a route is sent, and what it answers: known to the compiler alone. */
interface Route<Body, Answer> {
  readonly body?: Body;
  readonly answer?: Answer;
}

const to = <Answer, Body = undefined>(): Route<Body, Answer> => ({});

/** A file that is read where it comes in: a company’s book, an exercise. */
type Document = object;

/**
 * Every route under `/api` that pages ask, with what it is sent and what it answers. Whoever asks, and whoever tests that
 * nobody asks what is not theirs, goes by this table; the server’s own routes are held against it.
 */
export const ROUTES = {
  'GET welcome': to<Welcome>(),
  'POST first-instructor': to<Me, FirstInstructorRequest>(),
  'POST sign-in': to<Me, SignInRequest>(),
  'POST demo-sign-in': to<Me, DemoSignInRequest>(),
  'POST sign-out': to<undefined>(),
  'GET me': to<Me>(),
  'GET me/sign-in': to<OwnSignIn>(),
  'POST me/password': to<undefined, ChangePasswordRequest>(),
  'POST me/first-password': to<Me, ChoosePasswordRequest>(),
  'POST me/second-factor/offer': to<SecondFactorOffered>(),
  'POST me/second-factor': to<undefined, SecondFactorRequest>(),
  'POST me/second-factor/off': to<undefined, NoSecondFactorRequest>(),
  'GET me/sessions': to<SessionShown[]>(),
  'DELETE me/sessions/:handle': to<undefined>(),
  'GET me/data': to<Document>(),
  'GET today': to<Today>(),
  'POST sample': to<SampleShown>(),
  'DELETE sample': to<undefined>(),
  'GET instructors': to<Instructor[]>(),
  'POST instructors': to<MadePassword, NewInstructorRequest>(),
  'POST instructors/:id/password': to<MadePassword>(),
  'POST instructors/:id/link': to<MadeLink>(),
  'GET calendar': to<CalendarShown>(),
  'POST calendar/take-over': to<TakenOver, TakeOverRequest>(),
  'GET me/letters': to<OwnLetters>(),
  'PUT me/letters': to<OwnLetters, OwnLettersRequest>(),
  'POST letters/link': to<LetterGone, LinkLetterRequest>(),
  'GET links/:token': to<LinkShown>(),
  'POST links/:token': to<Me | null, ChoosePasswordRequest>(),

  'GET house': to<HouseShown>(),
  'GET house/happened': to<HappenedPage>(),
  'GET leavings': to<Leaving[]>(),
  'GET leavings/term': to<LeavingTerm>(),
  'PUT leavings/term': to<LeavingTerm, LeavingTermRequest>(),
  'GET leavings/:kind/:id': to<WouldLeave>(),
  'POST leavings/:kind/:id': to<undefined, LeaveRequest>(),
  'DELETE leavings/:kind/:id': to<undefined>(),

  'GET companies': to<CompanySummary[]>(),
  'POST companies': to<CompanySummary, { readonly book: Document }>(),
  'POST companies/:id/copy': to<CompanySummary>(),
  'GET companies/:id/origin': to<CompanyOrigin>(),
  'POST companies/:id/origin/book': to<BooksTakenOver>(),
  'GET companies/:id/hanging': to<HangsOnCompany>(),
  'PATCH companies/:id': to<CompanySummary, ChangeCompanyRequest>(),
  'DELETE companies/:id': to<undefined>(),

  'GET books/:id': to<BookAnswer>(),
  'POST books/:id/operations': to<ChangesAnswer, OperationsRequest>(),
  'POST books/:id/changes': to<ChangesAnswer, ChangesRequest>(),
  'GET books/:id/since/:revision': to<ChangesAnswer>(),
  'GET books/:id/events': to<undefined>(),
  'POST books/:id/set-back': to<{ readonly revision: number }, SetBackRequest>(),
  'GET books/:id/moments': to<Moment[]>(),
  'POST books/:id/moments': to<Moment[], NameMomentRequest>(),
  'GET books/:id/history': to<HistoryEntry[]>(),
  'GET books/:id/guide': to<GuideAnswer>(),
  'PUT books/:id/place': to<GuidePlace, PlaceRequest>(),
  'PUT books/:id/answers': to<undefined, AnswerRequest>(),
  'POST books/:id/skip-ahead': to<GuideAnswer, GoOnRequest>(),
  'POST books/:id/hints': to<GuideAnswer, HintRequest>(),
  'GET books/:id/pictures/:picture': to<undefined>(),

  'GET platforms': to<PlatformsShown>(),
  'POST platforms': to<PlatformsShown, NewPlatformRequest>(),
  'DELETE platforms/:id': to<PlatformsShown>(),
  'GET platform/keys': to<Document>(),
  'GET platform/sign-in': to<undefined>(),
  'POST platform/sign-in': to<undefined>(),
  'POST platform/launch': to<undefined>(),
  'POST platform/who': to<ArrivalShown, ArrivalRequest>(),
  'POST platform/me': to<ArrivalDone, ArrivalRequest>(),
  'GET platform/links/:id': to<PlatformLinkShown>(),
  'PUT platform/links/:id': to<ArrivalDone, PlatformLinkRequest>(),
  'GET groups/:id/platform-list': to<PlatformList | null>(),
  'GET exercises/:id/platform-marks': to<PlatformMarks[]>(),

  'POST here/:kind/:id': to<WhoIsHere, HereRequest>(),
  'DELETE here/:kind/:id': to<undefined>(),

  'GET sharing/:kind/:id': to<Sharing>(),
  'PUT sharing/:kind/:id': to<Sharing, ShareRequest>(),
  'DELETE sharing/:kind/:id/:person': to<Sharing>(),

  'GET groups': to<GroupSummary[]>(),
  'POST groups': to<GroupSummary, NewGroupRequest>(),
  'GET groups/:id': to<GroupAnswer>(),
  'POST groups/:id/parts': to<GroupAnswer, PartRequest>(),
  'PUT groups/:id/parts/:part': to<GroupAnswer, PartRequest>(),
  'DELETE groups/:id/parts/:part': to<GroupAnswer>(),
  'PATCH groups/:id': to<GroupSummary, NewGroupRequest>(),
  'POST groups/:id/list': to<ClassListPlan, ClassListRequest>(),
  'POST groups/:id/members': to<ClassListDone, ClassListRequest>(),
  'PATCH groups/:id/members/:person': to<GroupAnswer, StudentRequest>(),
  'DELETE groups/:id/members/:person': to<GroupAnswer>(),
  'POST groups/:id/members/:person/back': to<GroupAnswer>(),
  'POST groups/:id/members/:person/move': to<GroupAnswer, MoveStudentRequest>(),
  'POST groups/:id/members/:person/merge': to<GroupAnswer, MergeStudentsRequest>(),
  'POST groups/:id/members/:person/password': to<MadePassword>(),
  'POST groups/:id/members/:person/link': to<MadeLink>(),
  'GET groups/:id/marks': to<TermMarks>(),
  'PATCH groups/:id/marks': to<TermMarks, TermRequest>(),
  'GET groups/:id/mix-ups': to<ClassMixUps>(),
  'GET groups/:id/mix-ups/:student': to<ClassMixUps>(),
  'POST groups/:id/mix-ups/drills': to<ClassMixUps, AskDrillRequest>(),

  'GET exercises': to<ExerciseSummary[]>(),
  'POST exercises': to<ExerciseAnswer, NewExerciseRequest>(),
  'POST exercises/file': to<ExerciseAnswer, Document>(),
  'GET shelf': to<ReadyShown[]>(),
  'GET shelf/:ready': to<Document>(),
  'POST shelf/:ready/take': to<ExerciseAnswer>(),
  'GET exercises/:id': to<ExerciseAnswer>(),
  'PATCH exercises/:id': to<ExerciseAnswer, ChangeExerciseRequest>(),
  'GET exercises/:id/file': to<Document>(),
  'GET exercises/:id/changes': to<ExerciseChange[]>(),
  'POST exercises/:id/changes': to<ExerciseAnswer, PartsRequest>(),
  'POST exercises/:id/changes/:revision/take-back': to<ExerciseAnswer>(),
  'POST exercises/:id/copy': to<ExerciseAnswer>(),
  'GET exercises/:id/as-of/:revision': to<ExerciseThen>(),
  'GET exercises/:id/origin': to<OriginShown>(),
  'POST exercises/:id/origin/books': to<BooksTakenOver>(),
  'GET exercises/:id/parts-of/:other': to<OthersParts>(),
  'POST exercises/:id/take-over': to<ExerciseAnswer, PartsRequest>(),
  'POST exercises/:id/continue': to<ExerciseAnswer, ContinueRequest>(),
  'GET exercises/:id/seeds': to<SeedShown[]>(),
  'POST exercises/:id/hand-out': to<ExerciseAnswer, HandOutRequest>(),
  'PUT exercises/:id/times': to<ExerciseAnswer, TimesRequest>(),
  'PUT exercises/:id/more-time': to<ExerciseAnswer, MoreTimeRequest>(),
  'POST exercises/:id/take-back': to<ExerciseAnswer, TakeBackRequest>(),
  'POST exercises/:id/let-skip-ahead': to<LetGoOn, LetGoOnRequest>(),
  'POST exercises/:id/pictures': to<PictureKept, PictureRequest>(),
  'GET exercises/:id/pictures/:picture': to<undefined>(),
  'GET exercises/:id/practised': to<PractisedShown[]>(),
  'GET exercises/:id/trial-run': to<TrialRun>(),
  'POST exercises/:id/trial-run/begin': to<TrialRun, TrialRunRequest>(),
  'POST exercises/:id/trial-run/spoil': to<TrialRun, SpoilRequest>(),
  'POST exercises/:id/trial-run/check': to<TrialRunMarks>(),
  'GET exercises/:id/results': to<ClassResults>(),
  'GET exercises/:id/at-work': to<AtWork>(),
  'POST exercises/:id/words': to<AtWork, SayWordRequest>(),
  'POST exercises/:id/words/:word/put-away': to<AtWork>(),
  'GET exercises/:id/copied-figures': to<CopiedShown[]>(),
  'GET exercises/:id/notes-written': to<NoteWritten[]>(),
  'GET exercises/:id/works-alike': to<AlikeShown[]>(),
  'GET exercises/:id/key-versions': to<KeyVersionShown[]>(),
  'POST exercises/:id/check-again': to<ClassResults, CheckAgainRequest>(),
  'POST exercises/:id/right-names': to<ClassResults, RightNamesRequest>(),
  'GET exercises/:id/check-again/preview': to<Preview>(),
  'POST exercises/:id/check-again/cancel': to<ClassResults>(),
  'POST exercises/:id/files': to<undefined, FiledRequest>(),
  'POST exercises/:id/give-back': to<ClassResults, GiveAllBackRequest>(),

  'GET tries/:id': to<Marked>(),
  'GET tries/:id/earlier/:number': to<Marked>(),
  'POST tries/:id/open': to<WorkOpen>(),
  'DELETE tries/:id/open': to<undefined>(),
  'GET tries/:id/checks': to<PastCheck[]>(),
  'POST tries/:id/notes': to<Marked, NewNoteRequest>(),
  'DELETE tries/:id/notes/:note': to<Marked>(),
  'POST tries/:id/accept': to<Marked, AcceptRequest>(),
  'POST tries/:id/accept/preview': to<Preview, AcceptRequest>(),
  'POST tries/:id/pairs': to<Marked, PairsRequest>(),
  'POST tries/:id/take-back': to<Marked>(),
  'POST tries/:id/open-again': to<undefined>(),
  'POST tries/:id/give-back': to<Marked, GiveBackRequest>(),
  'GET note-stock': to<StockNote[]>(),
  'POST note-stock': to<StockNote[], NewStockNoteRequest>(),
  'DELETE note-stock/:id': to<StockNote[]>(),

  'GET my-exercises/term': to<OwnTerm[]>(),
  'GET my-exercises': to<MyTry[]>(),
  'GET my-exercises/:id': to<MyTryDetail>(),
  'POST my-exercises/:id/begin': to<MyTryDetail>(),
  'POST my-exercises/:id/begin-again': to<MyTryDetail>(),
  'GET my-exercises/:id/earlier/:number': to<MyTryDetail>(),
  'GET my-exercises/:id/words': to<Word[]>(),
  'POST my-exercises/:id/words': to<Word[], AskWordRequest>(),
  'POST my-exercises/:id/words/seen': to<Word[], SeenWordsRequest>(),
  'POST my-exercises/:id/check': to<InterimCheck>(),
  'POST my-exercises/:id/hand-in': to<MyTryDetail, HandInRequest | undefined>(),
  'POST my-exercises/:id/file': to<MyTryDetail, OwnFileRequest>(),
  'POST my-exercises/:id/copy': to<MyTryDetail>(),
  'POST my-exercises/:id/copy/check': to<CorrectedCheck>(),
  'GET practices': to<Practice[]>(),
  'POST practices': to<Practice, PracticeRequest>(),
  'GET practices/:id': to<Practice>(),
  'POST practices/:id/check': to<PracticeCheck>(),
  'GET drills': to<DrillStanding>(),
  'POST drills/answers': to<DrillFeedback, DrillAnswerRequest>(),
} as const;

type Routes = typeof ROUTES;
export type RouteName = keyof Routes;
export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/** A route’s path with anything in the place of its names. */
type Filled<P extends string> = P extends `${infer First}/${infer Rest}`
  ? `${Filled<First>}/${Filled<Rest>}`
  : P extends `:${string}`
    ? string
    : P;

/** Each route of a method, with the form of its paths. */
type Each<M extends Method> = {
  [R in RouteName]: R extends `${M} ${infer P}`
    ? readonly [form: Filled<P>, route: Routes[R]]
    : never;
}[RouteName];

/** The paths that can be asked by a method. */
export type PathOf<M extends Method> = Each<M>[0];

/** The route of just this form: one form may hold another, since anything stands for a name. */
type Just<E, P> = E extends readonly [infer Form, infer R]
  ? [Form] extends [P]
    ? [P] extends [Form]
      ? R
      : never
    : never
  : never;

type At<M extends Method, P extends string> = P extends string ? Just<Each<M>, P> : never;

/** What a path answers. */
export type AnswerOf<M extends Method, P extends string> =
  At<M, P> extends Route<infer _, infer Answer> ? Answer : never;

/** As a page has it: nothing that is sent is changed on the way. */
type AsSent<T> = T extends readonly (infer Each)[]
  ? readonly AsSent<Each>[]
  : T extends object
    ? { readonly [K in keyof T]: AsSent<T[K]> }
    : T;

/** What a path is sent; undefined where it needs nothing. */
export type BodyOf<M extends Method, P extends string> =
  At<M, P> extends Route<infer Body, infer _> ? AsSent<Body> : never;
