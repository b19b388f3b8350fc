export { handoutOf } from './handout.js';
export { journalSheet } from './journal-sheets.js';
export { ledgerSheet, WHOLE_LEDGER, type LedgerWanted } from './ledger-sheet.js';
export { taxSheet } from './tax-sheet.js';
export { namesOfDocuments, owedSheet } from './owed-sheet.js';
export { marksSheet, markSheets, type Remark } from './mark-sheets.js';
export { signInSlips } from './sign-in-slips.js';
export { openingsSheet } from './openings-sheet.js';
export { cashBasisSheet } from './cash-basis-sheet.js';
export { costSheet } from './cost-sheet.js';
export { worksheetSheet } from './worksheet-sheet.js';
export { statementSheets } from './statement-sheets.js';
export {
  accountOfRow,
  cellShown,
  OF_NO_COMPANY,
  type Handout,
  type HandoutCell,
  type HandoutKind,
  type HandoutColumn,
  type HandoutRow,
  handoutToTable,
  sheetSays,
  tableHeads,
  tableRow,
  type TableCell,
  type HandoutWanted,
  isIndented,
} from './sheet.js';
export { paperSheets } from './paper-sheets.js';
export { proposedBrief } from './proposed-brief.js';
