// The one door of the core. What is not named by these folders' own doors stays inside.
export { done, refusal, type Refusal, type Result } from './model/refusal/refusal.js';
export {
  allWhole,
  type Amount,
  amountSaid,
  amountTyped,
  amountWritten,
} from './model/money/index.js';
export { type AmountWriting, formatAmount, formatDecimal } from './model/money/index.js';
export { minorDigits, otherSide, parseAmount, QUANTITY_DIGITS } from './model/money/index.js';
export { quantitySaid, type Side, sideOf } from './model/money/index.js';
export { signOf, sum } from './model/money/index.js';
export { collatorOf, PLACES, placeOfId, PLAIN_WRITING } from './model/place/index.js';
export { usualDecimal, type Writing, writingOf } from './model/place/index.js';
export { type AccountType, type Activity, changedSection } from './model/scheme/index.js';
export { changedType, CLASS_NAMES, type ClassId, faultsOfScheme } from './model/scheme/index.js';
export { inWords, movedSection, movedType, normalSide, orShipped } from './model/scheme/index.js';
export { otherwiseSays, type ProfitLine, renamedScheme, type Role } from './model/scheme/index.js';
export { type Scheme, type Section, sectionById, sectionOfType } from './model/scheme/index.js';
export { SHIPPED_SCHEMES, shippedScheme, type StatementId } from './model/scheme/index.js';
export { statementName, statementOfClass, typeOf, typesFound } from './model/scheme/index.js';
export { typesOfSection, withoutSection, withoutType, withSection } from './model/scheme/index.js';
export { withType, type Words, WORDS, WORDS_NAMES, wordsOf } from './model/scheme/index.js';
export { type Band, bandOfType, freeNearby, freeNumberAt } from './model/numbering/index.js';
export { inBand, type NumberPlan, planNotices, SHIPPED_PLANS } from './model/numbering/index.js';
export { shippedPlan, ticksOf } from './model/numbering/index.js';
export { account, type Account, type AccountAssignment, accountLabel } from './model/book/index.js';
export { accountOf, type AssignmentPurpose, type Book, bookTooLarge } from './model/book/index.js';
export { chartOf, type Company, type Document, DOCUMENT_KINDS } from './model/book/index.js';
export { type DocumentKind, type DocumentLine, type Entry, type Line } from './model/book/index.js';
export { ENTRY_KINDS, type EntryKind, faultsOfPlan } from './model/book/index.js';
export { type InventorySystem, isUsed, type Item, LEGAL_FORMS } from './model/book/index.js';
export { type LegalForm, madeUpParticulars, newBook, type NewBook } from './model/book/index.js';
export { NO_TAX_LISTS, NOT_PLACED, openingOf, type Origin } from './model/book/index.js';
export { originsSince, type Particulars, particularsOf, type Party } from './model/book/index.js';
export { type PartyKind, type Schedule, SCHEDULE_KINDS } from './model/book/index.js';
export { type ScheduleKind, sectionIdOf } from './model/book/index.js';
export { sectionOfAccount, slugOf, subledgersOf, takenNumbers } from './model/book/index.js';
export { type TaxRule } from './model/book/index.js';
export { type TaxItem, type TaxListName, type TaxLists, unfolded } from './model/book/index.js';
export { type AcceptedEntryFile, type AcceptedFile } from './model/exercise-shapes/index.js';
export { type EntersBy, fitting, type Guide, guideFile } from './model/exercise-shapes/index.js';
export { type Aim, AIMS } from './model/exercise-shapes/index.js';
export { isVisible, keyRulesFile, type KeyRulesFile } from './model/exercise-shapes/index.js';
export { LARGEST_BOOK, MOST_OF_A_PICTURE, notAPicture } from './model/exercise-shapes/index.js';
export { type Operation, type OwnFigures, type Picture } from './model/exercise-shapes/index.js';
export { pictureIn, type PictureKind, type Quantity } from './model/exercise-shapes/index.js';
export { type Question, type QuestionKind, type Revealed } from './model/exercise-shapes/index.js';
export { REVEALED, type Setting, SETTINGS, type SheetKind } from './model/exercise-shapes/index.js';
export { type SourceSheet, type Step, urlOfPicture } from './model/exercise-shapes/index.js';
export { withoutEval } from './model/exercise-shapes/index.js';
export { accountAt, ALL_ACCOUNTS, bandOf, capacityOf, companionOf } from './model/placing/index.js';
export { type Draft, draftAt, duplicateOf, evenlyNumbered } from './model/placing/index.js';
export { guessesIn, guessesSettled, isFoundBy, keepingNumbers } from './model/placing/index.js';
export { listAccounts, type ListUse, type ListWanted, moveTo } from './model/placing/index.js';
export { nudge, numberedFrom, numberUnderParent, placeAt } from './model/placing/index.js';
export { possibleParents, putUnder, type Renumbered } from './model/placing/index.js';
export { renumberedChart, rowsOf, searchText, siblingsIn, takeOut } from './model/placing/index.js';
export { typeAt } from './model/placing/index.js';
export {
  addDays,
  daysBetween,
  addMonths,
  firstYear,
  isDay,
  type Period,
} from './model/day/index.js';
export { type DayOrder, periodLike, shortDay } from './model/day/index.js';
export { type Drawing } from './model/chance/index.js';
export { beforeDoings, completedAssignment, isMade } from './accounting/document/index.js';
export {
  assignmentFirst,
  KIND_FACTS,
  lineWorth,
  POSTING_NAMES,
  recordingOf,
} from './accounting/document/index.js';
export { settingUp, stockCourse, taxesOf, worthOfDocument } from './accounting/document/index.js';
export { partiesOn, partyOfLine, type Settling, settlingsOf } from './accounting/party/index.js';
export { whoOwes } from './accounting/party/index.js';
export { chargingTax, notChargingTax, taxReturn, taxStanding } from './accounting/tax/index.js';
export { lockedRows, madeUntil, planRows, proposedSchedule } from './accounting/schedule/index.js';
export { scheduleKindFor } from './accounting/schedule/index.js';
export { chargedOn, chargedOnSays, entriesFound } from './accounting/ledger/index.js';
export { type EntriesWanted, EVERY_ENTRY, isWanted, linesOf } from './accounting/ledger/index.js';
export { MADE_BY, type MadeBy, openingDifference } from './accounting/ledger/index.js';
export { totalOfEntries, totalsByKind } from './accounting/ledger/index.js';
export { activityOf, balanceSheet, bookAfter, budgetFigure } from './accounting/statement/index.js';
export { budgetFigures, budgetPeriods, cashBasis, cashFlow } from './accounting/statement/index.js';
export { type CashFlow, changesInEquity, type ComparedLine } from './accounting/statement/index.js';
export { comparedLines, countsIn, courseOf } from './accounting/statement/index.js';
export { type CourseStep, EQUITY_COLUMN_NAMES } from './accounting/statement/index.js';
export { type EquityColumn, equityColumnsShown, FLOW_PARTS } from './accounting/statement/index.js';
export { flowBeginning, type FlowLine, flowLineName } from './accounting/statement/index.js';
export {
  hasBudgets,
  IN_SUSPENSE,
  inChartOrder,
  type Level,
  LEVELS,
} from './accounting/statement/index.js';
export { linesOfStatement, looksWrong, type LooksWrong } from './accounting/statement/index.js';
export { type Moved, movedSays, periodEnds, PROFIT_LINES } from './accounting/statement/index.js';
export { profitAndLoss, profitLineName, profitOnSheet } from './accounting/statement/index.js';
export { profitRows, profitRowsBeside, resultName } from './accounting/statement/index.js';
export { type SectionFigures, sectionLike, shownPeriod } from './accounting/statement/index.js';
export { spreadFigures, type SpreadFigures } from './accounting/statement/index.js';
export { type StatementLine, statementsToJson } from './accounting/statement/index.js';
export { subtotalsShown, trialBalance, trialMovement } from './accounting/statement/index.js';
export { usualPeriod, whatMoves, withThoseOf, worksheet } from './accounting/statement/index.js';
export { closingEntries, nextYear, takersOfProfit } from './accounting/year/index.js';
export { type HealthNote, healthOf } from './accounting/health/index.js';
export { evaluate, readExpression } from './accounting/expression/index.js';
export { type Applied, apply, areTooMany, AUTHOR, backBefore } from './changes/apply/index.js';
export { booksBefore, changedSince, type DoneStep } from './changes/apply/index.js';
export { effectsOfScheme, faultsOfCompany, forEachAccount } from './changes/apply/index.js';
export { formerNames, type HistoryStep, intoBatch, MOST_CHANGES } from './changes/apply/index.js';
export {
  madeOfCopy,
  oddDay,
  oddOpeningDate,
  operationSays,
  postBatch,
} from './changes/apply/index.js';
export { postsInBatches, readHistoric, readOperations } from './changes/apply/index.js';
export { reservedRefusals, retireNotices, type Rules, sameUndoing } from './changes/apply/index.js';
export { standing, takeBack, tooManyOperations, waits } from './changes/apply/index.js';
export { asPriorPeriod, type BalanceBeside, type BalanceFound } from './changes/opening/index.js';
export { besideOpenings, type Goes, NEW_ACCOUNT, NOWHERE } from './changes/opening/index.js';
export { proposedGoing, type SourceBalances, takingOpenings } from './changes/opening/index.js';
export { bookFromJson, bookToJson, compactBook, readBook } from './changes/book-file/index.js';
export { writeBook } from './changes/book-file/index.js';
export { entriesBeside, type EntriesBeside, type OpeningBeside } from './assessment/mark/beside.js';
export { openingsBeside } from './assessment/mark/beside.js';
export { type Accepted, acceptedFor, type AnswerKey } from './assessment/key/index.js';
export { type EntryPair, type HandPair, keyChanges, keyFromJson } from './assessment/key/index.js';
export { keyOf, keyOfRules, keyToJson, latestDate, pairedEntries } from './assessment/key/index.js';
export { readKey, standingRules, type StatementDate, writeKey } from './assessment/key/index.js';
export { type CauseShare, checkById, type CheckResult } from './assessment/all-checks/index.js';
export {
  CHECKS,
  faultOf,
  kindOfFault,
  Marking,
  type Outcome,
} from './assessment/all-checks/index.js';
export { inOneText, noteOf, TOLD_PARTS, toldUpTo } from './assessment/all-checks/index.js';
export { type Told, type ToldPart } from './assessment/all-checks/index.js';
export { sentenceOf, settingName } from './assessment/all-checks/index.js';
export { type Checked, checkedToJson, type CheckOptions } from './assessment/mark/index.js';
export { checkWork, figureWith, type KeptPair, keptPairs } from './assessment/mark/index.js';
export { type KeptResult, keptResults, type LineOnItsWay } from './assessment/mark/index.js';
export {
  asNotOwnFigures,
  gathered,
  linesOnTheirWay,
  lostAtStart,
  type Margin,
  marginOf,
  together,
} from './assessment/mark/index.js';
export {
  AIM_NAMES,
  pointsFollowing,
  usualWorth,
  weightsOf,
  type Weighing,
} from './assessment/mark/index.js';
export { aimOf, usualAim } from './assessment/key/index.js';
export { missingIn, pairedByHand, type PairLine, pairLines } from './assessment/mark/index.js';
export { sideBySide, type SideRow, type SideSection, stillOpen } from './assessment/mark/index.js';
export { type Sureness } from './assessment/mark/index.js';
export { defensible, type Distinction, DISTINCTION_IDS } from './assessment/mixup/index.js';
export { DISTINCTIONS, takenFor } from './assessment/mixup/index.js';
export { filledWords, keyScope, type ProposedQuestion } from './assessment/question/index.js';
export { proposedQuestions, rightAnswer, wordsBy } from './assessment/question/index.js';
export { type ClassMixUp, classMixUps, columnsOfClass } from './teaching/survey/index.js';
export { type MarkRow, marksToTable, type MixedStudent } from './teaching/survey/index.js';
export { unknownNames } from './assessment/account-checks/unknown-names.js';
export {
  classesCompared,
  type ClassesCompared,
  type ComparedWork,
  type Overview,
  overviewOf,
  spreadOf,
  worst,
} from './teaching/survey/index.js';
export { emptyStart, FAULT_KINDS, type FaultKind } from './teaching/start/index.js';
export { givenToStudents, type Planting, randomFrom, shuffled } from './teaching/start/index.js';
export {
  usualKeyRules,
  START_KINDS,
  startingPoint,
  type StartKind,
  usualPoints,
} from './teaching/start/index.js';
export { starterChart, TRADES } from './teaching/starter/index.js';
export { glossary } from './teaching/glossary/index.js';
export { type AccountGoes, carriedOn, keyFromOwnWork } from './teaching/series/index.js';
export { proposedGoes, yearCarriedOn } from './teaching/series/index.js';
export { type CurvePoint, DRILL_ASKS, DRILL_KINDS } from './teaching/drill/index.js';
export { type DrillAnswer, drillCurves, drillFeedback } from './teaching/drill/index.js';
export { type DrillFeedback, type DrillKind, drillNames } from './teaching/drill/index.js';
export { drillQuestion, type DrillQuestion, STOCK, stockName } from './teaching/drill/index.js';
export { tallies } from './teaching/drill/index.js';
export { type BrokenSeed, copiedFigures, type CopiedFigures } from './teaching/variant/index.js';
export { type FigurePlace, figurePlaces, fixedFigures, ownBook } from './teaching/variant/index.js';
export { odditiesOf, type Oddity, worksAlike, type WorksAlike } from './teaching/alike/index.js';
export { instructorLetterOf, type InstructorNews, isPressing } from './teaching/letter/index.js';
export { type Letter, letterOf, type LetterNews, type LetterTo } from './teaching/letter/index.js';
export { type Solvable, solvable } from './teaching/solvable/index.js';
export {
  nearType,
  LONGEST_PROBLEM,
  NO_EDITS,
  problemExercise,
  propose,
  proposalToJson,
  proposedBook,
  sentenceNames,
  withEdits,
  type ProblemEdits,
  type Proposal,
  type ProposedEntry,
  type ProposedSentence,
  type SaidEntry,
  type SaidLine,
} from './teaching/problem/index.js';
export {
  percentOfTenths,
  termResult,
  type Counts,
  type TermExercise,
  type TermWork,
} from './teaching/term/index.js';
export { ownKey, ownStart, setsAmong, setsOf, trySeeds } from './teaching/variant/index.js';
export { HINT_PIECES, type HintPiece } from './model/exercise-shapes/hint-pieces.js';
export {
  earnedOf,
  type Hint,
  type HintAbout,
  hintsFor,
  type HintsSoFar,
  nextHint,
} from './teaching/hint/index.js';
export { checkpoint, type DrawnPaper, type Exercise } from './teaching/exercise/index.js';
export { exerciseFromJson, exerciseToJson, faultsOfGuide } from './teaching/exercise/index.js';
export { faultsOfQuestions, guideShown, type GuideShown } from './teaching/exercise/index.js';
export { howFar, type StepReached, tickOfStep } from './teaching/exercise/index.js';
export { ownExercise, picturesOf, proposedGuide } from './teaching/exercise/index.js';
export { type QuestionShown, readExercise, type RowShown } from './teaching/exercise/index.js';
export { type RulesOfTry, rulesOfTry, type SheetShown } from './teaching/exercise/index.js';
export { RULE_SETS, type RuleSet, ruleSetOf } from './teaching/exercise/index.js';
export {
  ALWAYS,
  countedMark,
  type CountedMark,
  COUNTS_RULES,
  type CountsRule,
  GRACE,
  isClosed,
  isZone,
  LATE_RULES,
  lastsSaid,
  daysLate,
  lateBy,
  lateOffOf,
  type LateRule,
  dayIn,
  daysLater,
  momentSaid,
  standsAt,
  type Times,
  timesOf,
  timesOfTry,
} from './teaching/times/index.js';
export {
  planOfList,
  SOMEBODY_NEW,
  STUDENT_FIELDS,
  type Becomes,
  type KnownStudent,
  type ListedStudent,
  type ListPlan,
  type PlannedStudent,
} from './teaching/class-list/index.js';
export { type StepShown, USUAL_RULES, withPictures } from './teaching/exercise/index.js';
export { writeExercise } from './teaching/exercise/index.js';
export { EXERCISE_PARTS, exerciseOfParts, type ExerciseParts } from './teaching/part/index.js';
export { type Named, namedIn, type Overtaken, type PartChange } from './teaching/part/index.js';
export {
  partChanges,
  partsBefore,
  partSays,
  partsForBook,
  reverseOf,
} from './teaching/part/index.js';
export { besideParts, withPartChanges } from './teaching/part/index.js';
export { blankItem, blankParty, itemsInTable, type Listed } from './files/lists/index.js';
export { partiesInTable, studentsInTable, type StudentsInTable } from './files/lists/index.js';
export { accountsIntoBook, accountsToTable, type AccountTable } from './files/table/index.js';
export { balancesInTable, bookFromTable, cellsOf, cellsToCsv } from './files/table/index.js';
export { closingBalances, COLUMN_KINDS, type ColumnKind } from './files/table/index.js';
export { type Columns, decodeText, doubledNumbers, guarded } from './files/table/index.js';
export { listCellsOf, newBookFromTable, columnsIn, proposeSign } from './files/table/index.js';
export {
  readAccountTable,
  SIGN_CONVENTIONS,
  signByArithmetic,
  type SignConvention,
} from './files/table/index.js';
export { type Taken } from './files/table/index.js';
export {
  accountOfRow,
  cashBasisSheet,
  cellShown,
  OF_NO_COMPANY,
  costSheet,
  type Handout,
} from './files/handout/index.js';
export { type HandoutCell, type HandoutColumn, type HandoutKind } from './files/handout/index.js';
export { handoutOf, type HandoutRow, handoutToTable } from './files/handout/index.js';
export { type HandoutWanted, isIndented, journalSheet } from './files/handout/index.js';
export { type LedgerWanted, WHOLE_LEDGER } from './files/handout/index.js';
export { ledgerSheet, markSheets, marksSheet, namesOfDocuments } from './files/handout/index.js';
export { signInSlips } from './files/handout/index.js';
export {
  openingsSheet,
  owedSheet,
  paperSheets,
  proposedBrief,
  taxSheet,
} from './files/handout/index.js';
export { type Remark, sheetSays, statementSheets, type TableCell } from './files/handout/index.js';
export { tableHeads, tableRow, worksheetSheet } from './files/handout/index.js';
export { type Incoming, readIncoming, type ReadTable } from './files/incoming/index.js';
export { type TableChoice, tableIn, type TableIn } from './files/incoming/index.js';
export { type Doubt, takenOfTable, type TakenOfTable } from './files/incoming/index.js';
export { tableTookTooLong, type TableWork, workFromTable } from './files/incoming/index.js';
export { documentsInTable, entriesInTable } from './files/pasted/index.js';
export { typeGuess } from './model/naming/guess-type.js';
