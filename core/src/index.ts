// The one door of the core. What is not named by these folders' own doors stays inside.
export { done, refusal, type Refusal, type Result } from './refusal/refusal.js';
export { entriesBeside, openingsBeside } from './mark/beside.js';
export type { EntriesBeside, OpeningBeside } from './mark/beside.js';
export {
  allWhole,
  type Amount,
  formatAmount,
  formatDecimal,
  minorDigits,
  shortDecimal,
} from './money/index.js';
export { otherSide, parseAmount, QUANTITY_DIGITS, type Side, sideOf } from './money/index.js';
export { signOf, sum } from './money/index.js';
export { type AccountType, type Activity, changedSection, changedType } from './scheme/index.js';
export { CLASS_NAMES, type ClassId, faultsOfScheme, inWords } from './scheme/index.js';
export { movedSection, movedType, normalSide, orShipped, otherwiseSays } from './scheme/index.js';
export { type ProfitLine, renamedScheme, type Role, type Scheme } from './scheme/index.js';
export { type Section, sectionById, sectionOfType, SHIPPED_SCHEMES } from './scheme/index.js';
export { shippedScheme, type StatementId, statementName } from './scheme/index.js';
export { statementOfClass, typeOf, typesFound, typesOfSection } from './scheme/index.js';
export { withoutSection, withoutType, withSection, withType, type Words } from './scheme/index.js';
export { WORDS, WORDS_NAMES, wordsOf } from './scheme/index.js';
export { type Band, bandOfType, freeNearby, freeNumberAt, inBand } from './numbering/index.js';
export { type NumberPlan, planNotices, SHIPPED_PLANS, shippedPlan } from './numbering/index.js';
export { ticksOf } from './numbering/index.js';
export { account, type Account, accountLabel, accountOf } from './book/index.js';
export { type Book, bookTooLarge } from './book/index.js';
export { chartOf, type Company, dealingsOf, type Document } from './book/index.js';
export { DOCUMENT_KINDS, type DocumentKind, type DocumentLine } from './book/index.js';
export { type InventorySystem, type Item, type Party, type PartyKind } from './book/index.js';
export { type Posting, type PostingPurpose, type Schedule, SCHEDULE_KINDS } from './book/index.js';
export { type ScheduleKind, type ScheduleRow, type Entry, ENTRY_KINDS } from './book/index.js';
export { type EntryKind, faultsOfPlan, LEGAL_FORMS } from './book/index.js';
export { type LegalForm, newBook, type NewBook, NO_TAX_LISTS, NOT_PLACED } from './book/index.js';
export { openingOf, type Particulars, particularsOf, type Origin } from './book/index.js';
export { originsSince, sectionIdOf } from './book/index.js';
export { sectionOfAccount, slugOf, takenNumbers, type TaxItem } from './book/index.js';
export { type TaxListName, madeUpParticulars, type TaxLists, unfolded } from './book/index.js';

export { beforeDoings, completedPosting, isMade, KIND_FACTS, lineWorth } from './document/index.js';
export { POSTING_NAMES, recordingOf, settingUp, stockCourse } from './document/index.js';
export { worthOfDocument } from './document/index.js';
export { type Settling, settlingsOf, whoOwes } from './party/index.js';
export { blankItem, blankParty, itemsInTable, type Listed, partiesInTable } from './party/index.js';
export { madeUntil, planRows } from './schedule/index.js';
export { isVisible, LARGEST_BOOK, withoutEval } from './shape/index.js';
export { type Applied, apply, areTooMany, AUTHOR, backBefore } from './operation/index.js';
export { intoBatch, postBatch, postsInBatches, waits } from './operation/index.js';
export { booksBefore, changedSince, type DoneStep, effectsOfScheme } from './operation/index.js';
export { faultsOfCompany, formerNames } from './operation/index.js';
export { type HistoryStep, MOST_CHANGES } from './operation/index.js';
export { operationSays, readHistoric, readOperations } from './operation/index.js';
export { reservedRefusals, retireNotices, type Rules, sameUndoing } from './operation/index.js';
export { standing, takeBack, tooManyOperations, oddDay } from './operation/index.js';
export { accountAt, ALL_ACCOUNTS, bandOf, capacityOf, companionOf } from './placing/index.js';
export { type Draft, draftAt, duplicateOf, evenlyNumbered } from './placing/index.js';
export { guessesIn, guessesSettled } from './placing/index.js';
export { isFoundBy, keepingNumbers, listAccounts } from './placing/index.js';
export { numberedFrom, numberUnderParent } from './placing/index.js';
export { type ListUse, type ListWanted, moveTo, nudge, placeAt } from './placing/index.js';
export { possibleParents, putUnder, type Renumbered, renumberedChart } from './placing/index.js';
export { rowsOf, searchText, siblingsIn, takeOut, typeAt } from './placing/index.js';
export { type EntriesWanted, entriesFound, EVERY_ENTRY, totalsByKind } from './ledger/index.js';
export { MADE_BY, type MadeBy, isWanted, linesOf, openingDifference } from './ledger/index.js';
export { chargedOn, chargedOnSays, totalOfEntries } from './ledger/index.js';
export {
  activityOf,
  budgetPeriods,
  balanceSheet,
  cashBasis,
  movedSays,
  budgetFigure,
  cashFlow,
} from './statement/index.js';
export { changesInEquity, EQUITY_COLUMN_NAMES, equityColumnsShown } from './statement/index.js';
export { flowLineName } from './statement/index.js';
export { FLOW_PARTS, flowBeginning, type EquityColumn, type CashFlow } from './statement/index.js';
export { bookAfter, budgetFigures, hasBudgets, worksheet } from './statement/index.js';
export { type ComparedLine, courseOf, type CourseStep, looksWrong } from './statement/index.js';
export { type LooksWrong, comparedLines, countsIn, type FlowLine } from './statement/index.js';
export { inChartOrder, type Level, LEVELS, linesOfStatement } from './statement/index.js';
export { type Moved, whatMoves } from './statement/index.js';
export { periodEnds, PROFIT_LINES, profitAndLoss, profitLineName } from './statement/index.js';
export { profitOnSheet, profitRows, resultName, type SectionFigures } from './statement/index.js';
export { profitRowsBeside, withThoseOf } from './statement/index.js';
export { sectionLike, shownPeriod, spreadFigures, type SpreadFigures } from './statement/index.js';
export { type StatementLine, statementsToJson, subtotalsShown } from './statement/index.js';
export { trialBalance, trialMovement, usualPeriod } from './statement/index.js';
export { type Accepted, acceptedFor, type AnswerKey, type EntryPair } from './key/index.js';
export { keyFromJson, keyOf, keyOfRules, pairedEntries, readKey } from './key/index.js';
export { type StatementDate, writeKey, type HandPair, latestDate } from './key/index.js';
export { type CauseShare, checkById, type CheckResult, CHECKS, faultOf } from './check/index.js';
export { Marking, type Outcome, sentenceOf, settingName } from './check/index.js';
export { SETTINGS, type Setting } from './shape/index.js';
export { type Checked, checkedToJson, type CheckOptions, checkWork } from './mark/index.js';
export { type KeptPair, keptPairs, type KeptResult, keptResults } from './mark/index.js';
export { lostAtStart, type Margin, marginOf, sideBySide, type SideRow } from './mark/index.js';
export { type SideSection, stillOpen, missingIn, pairedByHand } from './mark/index.js';
export { type PairLine, pairLines, type Sureness, figureWith } from './mark/index.js';
export { type LineOnItsWay, linesOnTheirWay } from './mark/index.js';
export { accountsIntoBook, accountsToTable, type AccountTable } from './table/index.js';
export { bookFromTable, cellsOf, cellsToCsv, COLUMN_KINDS } from './table/index.js';
export { type ColumnKind, type Columns, decodeText, doubledNumbers } from './table/index.js';
export { guarded, newBookFromTable, proposeColumns, proposeSign } from './table/index.js';
export { listCellsOf, readAccountTable, type SignConvention, type Taken } from './table/index.js';
export { asPriorPeriod, type BalanceFound, balancesInTable } from './opening/index.js';
export { closingBalances, type Goes, NEW_ACCOUNT, NOWHERE } from './opening/index.js';
export { proposedGoing, signByArithmetic, takingOpenings } from './opening/index.js';
export { type BalanceBeside, besideOpenings, type SourceBalances } from './opening/index.js';
export { cellShown, type Handout, type HandoutCell, type HandoutKind } from './handout/index.js';
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
} from './handout/index.js';
export { namesOfDocuments, worksheetSheet, owedSheet } from './handout/index.js';
export { type HandoutWanted, isIndented, journalSheet, ledgerSheet } from './handout/index.js';
export { marksSheet, markSheets, type Remark, statementSheets } from './handout/index.js';
export { paperSheets } from './handout/index.js';
export { columnsOfClass, type MarkRow, marksToTable, type Overview } from './survey/index.js';
export { overviewOf, spreadOf, worst, classMixUps } from './survey/index.js';
export { type ClassMixUp, type MixedStudent } from './survey/index.js';
export { emptyStart, FAULT_KINDS, type FaultKind, givenToStudents } from './start/index.js';
export { randomFrom, shuffled, type Planting, proposedBrief, START_KINDS } from './start/index.js';
export { startingPoint, type StartKind, usualPoints } from './start/index.js';
export { starterChart, TRADES } from './starter/index.js';
export { juniperLane, nurseryYear, pollardRow, ternIsland } from './demo/index.js';
export { closingEntries, nextYear, takersOfProfit } from './year/index.js';
export { glossary } from './glossary/index.js';
export { type AccountGoes, carriedOn, keyFromOwnWork, proposedGoes } from './series/index.js';
export { yearCarriedOn } from './series/index.js';
export {
  type Incoming,
  readIncoming,
  type ReadTable,
  tableIn,
  type TableIn,
  tableTookTooLong,
} from './incoming/index.js';
export { type TableChoice, type TableWork, workFromTable } from './incoming/index.js';
export { healthOf, type HealthNote } from './health/index.js';
export { defensible, DISTINCTION_IDS, DISTINCTIONS } from './mixup/index.js';
export { type Distinction, takenFor } from './mixup/index.js';
export { DRILL_ASKS, DRILL_KINDS, drillCurves, drillNames, drillQuestion } from './drill/index.js';
export { type CurvePoint, type DrillAnswer, type DrillKind, drillTold } from './drill/index.js';
export { type DrillQuestion, type DrillTold, stockName, STOCK, tallies } from './drill/index.js';
export { evaluate, readExpression } from './expression/index.js';
export { keyScope, proposedQuestions, rightAnswer } from './question/index.js';
export { type ProposedQuestion } from './question/index.js';
export { fixedFigures } from './variant/index.js';
export { figurePlaces, type FigurePlace, foreignFigures, ownBook } from './variant/index.js';
export { type BrokenSeed, ownKey, ownStart } from './variant/index.js';
export { trySeeds, type ForeignFigures } from './variant/index.js';
export { checkpoint, faultsOfGuide, faultsOfQuestions } from './exercise/index.js';
export { guideShown, proposedGuide } from './exercise/index.js';
export { type DrawnPaper, picturesOf, withPictures } from './exercise/index.js';
export { type GuideShown, type QuestionShown, type SheetShown } from './exercise/index.js';
export { type RowShown, type StepShown, ownExercise } from './exercise/index.js';
export { type Brought, BROUGHT, type Guide, guideFile, type SheetKind } from './shape/index.js';
export { MOST_OF_A_PICTURE, type Picture, pictureIn, type PictureKind } from './shape/index.js';
export { notAPicture, urlOfPicture } from './shape/index.js';
export { type SourceSheet, type Step, type OwnFigures, type Quantity } from './shape/index.js';
export { keyRulesFile, type Question, type QuestionKind, fitting } from './shape/index.js';
export type { AcceptedEntryFile, AcceptedFile, KeyRulesFile } from './shape/index.js';
export {
  exerciseFromJson,
  exerciseToJson,
  readExercise,
  type RulesOfTry,
} from './exercise/index.js';
export { USUAL_RULES, writeExercise, type Exercise } from './exercise/index.js';
export { EXERCISE_PARTS, exerciseOfParts, type ExerciseParts } from './part/index.js';
export { type Named, type Overtaken, type PartChange, partChanges } from './part/index.js';
export { partSays, reverseOf, withPartChanges } from './part/index.js';
export { keyChanges, keyToJson } from './key/index.js';
export { addDays, addMonths, firstYear, isDay, periodLike, type Period } from './day/index.js';
export { shortDay } from './day/index.js';
export { bookFromJson, bookToJson, compactBook, readBook, writeBook } from './book-file/index.js';
export { type EntersBy, type Operation } from './shape/index.js';
export { filledWords, wordsBy } from './question/index.js';
export { isUsed } from './book/index.js';
export { forEachAccount } from './operation/index.js';
export { type Drawing } from './chance/index.js';
export { oddOpeningDate } from './operation/index.js';
export { namedIn } from './part/index.js';
export { rulesOfTry } from './exercise/index.js';
export { standingRules } from './key/index.js';
export { entriesInTable } from './pasted/index.js';
