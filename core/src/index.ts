// The one door of the core. What is not named by these folders' own doors stays inside.
export { done, refusal, type Refusal, type Result } from './model/refusal/refusal.js';
export { entriesBeside, openingsBeside } from './assessment/mark/beside.js';
export type { EntriesBeside, OpeningBeside } from './assessment/mark/beside.js';
export {
  allWhole,
  type Amount,
  formatAmount,
  formatDecimal,
  minorDigits,
  shortDecimal,
} from './model/money/index.js';
export { otherSide, parseAmount, QUANTITY_DIGITS, type Side, sideOf } from './model/money/index.js';
export { signOf, sum } from './model/money/index.js';
export {
  type AccountType,
  type Activity,
  changedSection,
  changedType,
} from './model/scheme/index.js';
export { CLASS_NAMES, type ClassId, faultsOfScheme, inWords } from './model/scheme/index.js';
export {
  movedSection,
  movedType,
  normalSide,
  orShipped,
  otherwiseSays,
} from './model/scheme/index.js';
export { type ProfitLine, renamedScheme, type Role, type Scheme } from './model/scheme/index.js';
export { type Section, sectionById, sectionOfType, SHIPPED_SCHEMES } from './model/scheme/index.js';
export { shippedScheme, type StatementId, statementName } from './model/scheme/index.js';
export { statementOfClass, typeOf, typesFound, typesOfSection } from './model/scheme/index.js';
export {
  withoutSection,
  withoutType,
  withSection,
  withType,
  type Words,
} from './model/scheme/index.js';
export { WORDS, WORDS_NAMES, wordsOf } from './model/scheme/index.js';
export {
  type Band,
  bandOfType,
  freeNearby,
  freeNumberAt,
  inBand,
} from './model/numbering/index.js';
export {
  type NumberPlan,
  planNotices,
  SHIPPED_PLANS,
  shippedPlan,
} from './model/numbering/index.js';
export { ticksOf } from './model/numbering/index.js';
export { account, type Account, accountLabel, accountOf } from './model/book/index.js';
export { type Book, bookTooLarge } from './model/book/index.js';
export { chartOf, type Company, dealingsOf, type Document } from './model/book/index.js';
export { DOCUMENT_KINDS, type DocumentKind, type DocumentLine } from './model/book/index.js';
export { type InventorySystem, type Item, type Party, type PartyKind } from './model/book/index.js';
export {
  type Posting,
  type PostingPurpose,
  type Schedule,
  SCHEDULE_KINDS,
} from './model/book/index.js';
export {
  type ScheduleKind,
  type ScheduleRow,
  type Entry,
  ENTRY_KINDS,
} from './model/book/index.js';
export { type EntryKind, faultsOfPlan, LEGAL_FORMS } from './model/book/index.js';
export {
  type LegalForm,
  newBook,
  type NewBook,
  NO_TAX_LISTS,
  NOT_PLACED,
} from './model/book/index.js';
export { openingOf, type Particulars, particularsOf, type Origin } from './model/book/index.js';
export { originsSince, sectionIdOf } from './model/book/index.js';
export { sectionOfAccount, slugOf, takenNumbers, type TaxItem } from './model/book/index.js';
export {
  type TaxListName,
  madeUpParticulars,
  type TaxLists,
  unfolded,
} from './model/book/index.js';

export {
  beforeDoings,
  completedPosting,
  isMade,
  KIND_FACTS,
  lineWorth,
} from './accounting/document/index.js';
export { POSTING_NAMES, recordingOf, settingUp, stockCourse } from './accounting/document/index.js';
export { worthOfDocument } from './accounting/document/index.js';
export { type Settling, settlingsOf, whoOwes } from './accounting/party/index.js';
export {
  blankItem,
  blankParty,
  itemsInTable,
  type Listed,
  partiesInTable,
} from './files/lists/index.js';
export { madeUntil, planRows } from './accounting/schedule/index.js';
export { isVisible, LARGEST_BOOK, withoutEval } from './model/exercise-shapes/index.js';
export { type Applied, apply, areTooMany, AUTHOR, backBefore } from './changes/apply/index.js';
export { intoBatch, postBatch, postsInBatches, waits } from './changes/apply/index.js';
export {
  booksBefore,
  changedSince,
  type DoneStep,
  effectsOfScheme,
} from './changes/apply/index.js';
export { faultsOfCompany, formerNames } from './changes/apply/index.js';
export { type HistoryStep, MOST_CHANGES } from './changes/apply/index.js';
export { operationSays, readHistoric, readOperations } from './changes/apply/index.js';
export { reservedRefusals, retireNotices, type Rules, sameUndoing } from './changes/apply/index.js';
export { standing, takeBack, tooManyOperations, oddDay } from './changes/apply/index.js';
export { accountAt, ALL_ACCOUNTS, bandOf, capacityOf, companionOf } from './model/placing/index.js';
export { type Draft, draftAt, duplicateOf, evenlyNumbered } from './model/placing/index.js';
export { guessesIn, guessesSettled } from './model/placing/index.js';
export { isFoundBy, keepingNumbers, listAccounts } from './model/placing/index.js';
export { numberedFrom, numberUnderParent } from './model/placing/index.js';
export { type ListUse, type ListWanted, moveTo, nudge, placeAt } from './model/placing/index.js';
export {
  possibleParents,
  putUnder,
  type Renumbered,
  renumberedChart,
} from './model/placing/index.js';
export { rowsOf, searchText, siblingsIn, takeOut, typeAt } from './model/placing/index.js';
export {
  type EntriesWanted,
  entriesFound,
  EVERY_ENTRY,
  totalsByKind,
} from './accounting/ledger/index.js';
export {
  MADE_BY,
  type MadeBy,
  isWanted,
  linesOf,
  openingDifference,
} from './accounting/ledger/index.js';
export { chargedOn, chargedOnSays, totalOfEntries } from './accounting/ledger/index.js';
export {
  activityOf,
  budgetPeriods,
  balanceSheet,
  cashBasis,
  movedSays,
  budgetFigure,
  cashFlow,
} from './accounting/statement/index.js';
export {
  changesInEquity,
  EQUITY_COLUMN_NAMES,
  equityColumnsShown,
} from './accounting/statement/index.js';
export { flowLineName } from './accounting/statement/index.js';
export {
  FLOW_PARTS,
  flowBeginning,
  type EquityColumn,
  type CashFlow,
} from './accounting/statement/index.js';
export { bookAfter, budgetFigures, hasBudgets, worksheet } from './accounting/statement/index.js';
export {
  type ComparedLine,
  courseOf,
  type CourseStep,
  looksWrong,
} from './accounting/statement/index.js';
export {
  type LooksWrong,
  comparedLines,
  countsIn,
  type FlowLine,
} from './accounting/statement/index.js';
export {
  inChartOrder,
  type Level,
  LEVELS,
  linesOfStatement,
} from './accounting/statement/index.js';
export { type Moved, whatMoves } from './accounting/statement/index.js';
export {
  periodEnds,
  PROFIT_LINES,
  profitAndLoss,
  profitLineName,
} from './accounting/statement/index.js';
export {
  profitOnSheet,
  profitRows,
  resultName,
  type SectionFigures,
} from './accounting/statement/index.js';
export { profitRowsBeside, withThoseOf } from './accounting/statement/index.js';
export {
  sectionLike,
  shownPeriod,
  spreadFigures,
  type SpreadFigures,
} from './accounting/statement/index.js';
export {
  type StatementLine,
  statementsToJson,
  subtotalsShown,
} from './accounting/statement/index.js';
export { trialBalance, trialMovement, usualPeriod } from './accounting/statement/index.js';
export {
  type Accepted,
  acceptedFor,
  type AnswerKey,
  type EntryPair,
} from './assessment/key/index.js';
export { keyFromJson, keyOf, keyOfRules, pairedEntries, readKey } from './assessment/key/index.js';
export { type StatementDate, writeKey, type HandPair, latestDate } from './assessment/key/index.js';
export {
  type CauseShare,
  checkById,
  type CheckResult,
  CHECKS,
  faultOf,
} from './assessment/all-checks/index.js';
export { Marking, type Outcome, sentenceOf, settingName } from './assessment/all-checks/index.js';
export { SETTINGS, type Setting } from './model/exercise-shapes/index.js';
export {
  type Checked,
  checkedToJson,
  type CheckOptions,
  checkWork,
} from './assessment/mark/index.js';
export { type KeptPair, keptPairs, type KeptResult, keptResults } from './assessment/mark/index.js';
export {
  lostAtStart,
  type Margin,
  marginOf,
  sideBySide,
  type SideRow,
} from './assessment/mark/index.js';
export { type SideSection, stillOpen, missingIn, pairedByHand } from './assessment/mark/index.js';
export { type PairLine, pairLines, type Sureness, figureWith } from './assessment/mark/index.js';
export { type LineOnItsWay, linesOnTheirWay } from './assessment/mark/index.js';
export { accountsIntoBook, accountsToTable, type AccountTable } from './files/table/index.js';
export { bookFromTable, cellsOf, cellsToCsv, COLUMN_KINDS } from './files/table/index.js';
export { type ColumnKind, type Columns, decodeText, doubledNumbers } from './files/table/index.js';
export { guarded, newBookFromTable, proposeColumns, proposeSign } from './files/table/index.js';
export { balancesInTable, closingBalances, signByArithmetic } from './files/table/index.js';
export {
  listCellsOf,
  readAccountTable,
  type SignConvention,
  type Taken,
} from './files/table/index.js';
export { asPriorPeriod, type BalanceFound } from './changes/opening/index.js';
export { type Goes, NEW_ACCOUNT, NOWHERE } from './changes/opening/index.js';
export { proposedGoing, takingOpenings } from './changes/opening/index.js';
export {
  type BalanceBeside,
  besideOpenings,
  type SourceBalances,
} from './changes/opening/index.js';
export {
  cellShown,
  type Handout,
  type HandoutCell,
  type HandoutKind,
} from './files/handout/index.js';
export {
  handoutOf,
  type HandoutColumn,
  type HandoutRow,
  handoutToTable,
  sheetSays,
  tableHeads,
  tableRow,
  type TableCell,
  cashBasisSheet,
  openingsSheet,
  costSheet,
} from './files/handout/index.js';
export { namesOfDocuments, worksheetSheet, owedSheet } from './files/handout/index.js';
export {
  type HandoutWanted,
  isIndented,
  journalSheet,
  ledgerSheet,
} from './files/handout/index.js';
export { marksSheet, markSheets, type Remark, statementSheets } from './files/handout/index.js';
export { paperSheets, proposedBrief } from './files/handout/index.js';
export {
  columnsOfClass,
  type MarkRow,
  marksToTable,
  type Overview,
} from './teaching/survey/index.js';
export { overviewOf, spreadOf, worst, classMixUps } from './teaching/survey/index.js';
export { type ClassMixUp, type MixedStudent } from './teaching/survey/index.js';
export {
  emptyStart,
  FAULT_KINDS,
  type FaultKind,
  givenToStudents,
} from './teaching/start/index.js';
export { randomFrom, shuffled, type Planting, START_KINDS } from './teaching/start/index.js';
export { startingPoint, type StartKind, usualPoints } from './teaching/start/index.js';
export { starterChart, TRADES } from './teaching/starter/index.js';
export { juniperLane, nurseryYear, pollardRow, ternIsland } from './demo/index.js';
export { closingEntries, nextYear, takersOfProfit } from './accounting/year/index.js';
export { glossary } from './teaching/glossary/index.js';
export {
  type AccountGoes,
  carriedOn,
  keyFromOwnWork,
  proposedGoes,
} from './teaching/series/index.js';
export { yearCarriedOn } from './teaching/series/index.js';
export {
  type Incoming,
  readIncoming,
  type ReadTable,
  tableIn,
  type TableIn,
  tableTookTooLong,
} from './files/incoming/index.js';
export { type TableChoice, type TableWork, workFromTable } from './files/incoming/index.js';
export { healthOf, type HealthNote } from './accounting/health/index.js';
export { defensible, DISTINCTION_IDS, DISTINCTIONS } from './assessment/mixup/index.js';
export { type Distinction, takenFor } from './assessment/mixup/index.js';
export {
  DRILL_ASKS,
  DRILL_KINDS,
  drillCurves,
  drillNames,
  drillQuestion,
} from './teaching/drill/index.js';
export {
  type CurvePoint,
  type DrillAnswer,
  type DrillKind,
  drillTold,
} from './teaching/drill/index.js';
export {
  type DrillQuestion,
  type DrillTold,
  stockName,
  STOCK,
  tallies,
} from './teaching/drill/index.js';
export { evaluate, readExpression } from './accounting/expression/index.js';
export { keyScope, proposedQuestions, rightAnswer } from './assessment/question/index.js';
export { type ProposedQuestion } from './assessment/question/index.js';
export { fixedFigures } from './teaching/variant/index.js';
export {
  figurePlaces,
  type FigurePlace,
  foreignFigures,
  ownBook,
} from './teaching/variant/index.js';
export { type BrokenSeed, ownKey, ownStart } from './teaching/variant/index.js';
export { trySeeds, type ForeignFigures } from './teaching/variant/index.js';
export { checkpoint, faultsOfGuide, faultsOfQuestions } from './teaching/exercise/index.js';
export { guideShown, proposedGuide } from './teaching/exercise/index.js';
export { type DrawnPaper, picturesOf, withPictures } from './teaching/exercise/index.js';
export { type GuideShown, type QuestionShown, type SheetShown } from './teaching/exercise/index.js';
export { type RowShown, type StepShown, ownExercise } from './teaching/exercise/index.js';
export {
  type Brought,
  BROUGHT,
  type Guide,
  guideFile,
  type SheetKind,
} from './model/exercise-shapes/index.js';
export {
  MOST_OF_A_PICTURE,
  type Picture,
  pictureIn,
  type PictureKind,
} from './model/exercise-shapes/index.js';
export { notAPicture, urlOfPicture } from './model/exercise-shapes/index.js';
export {
  type SourceSheet,
  type Step,
  type OwnFigures,
  type Quantity,
} from './model/exercise-shapes/index.js';
export {
  keyRulesFile,
  type Question,
  type QuestionKind,
  fitting,
} from './model/exercise-shapes/index.js';
export type {
  AcceptedEntryFile,
  AcceptedFile,
  KeyRulesFile,
} from './model/exercise-shapes/index.js';
export {
  exerciseFromJson,
  exerciseToJson,
  readExercise,
  type RulesOfTry,
} from './teaching/exercise/index.js';
export { USUAL_RULES, writeExercise, type Exercise } from './teaching/exercise/index.js';
export { EXERCISE_PARTS, exerciseOfParts, type ExerciseParts } from './teaching/part/index.js';
export { type Named, type Overtaken, type PartChange, partChanges } from './teaching/part/index.js';
export { partSays, reverseOf, withPartChanges } from './teaching/part/index.js';
export { keyChanges, keyToJson } from './assessment/key/index.js';
export {
  addDays,
  addMonths,
  firstYear,
  isDay,
  periodLike,
  type Period,
} from './model/day/index.js';
export { shortDay } from './model/day/index.js';
export {
  bookFromJson,
  bookToJson,
  compactBook,
  readBook,
  writeBook,
} from './changes/book-file/index.js';
export { type EntersBy, type Operation } from './model/exercise-shapes/index.js';
export { filledWords, wordsBy } from './assessment/question/index.js';
export { isUsed } from './model/book/index.js';
export { forEachAccount } from './changes/apply/index.js';
export { type Drawing } from './model/chance/index.js';
export { oddOpeningDate } from './changes/apply/index.js';
export { namedIn } from './teaching/part/index.js';
export { rulesOfTry } from './teaching/exercise/index.js';
export { standingRules } from './assessment/key/index.js';
export { entriesInTable } from './files/pasted/index.js';
