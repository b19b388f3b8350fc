export { cellsFrom, cellsOf, cellsToCsv, decodeText, guarded } from './cells.js';
export { cellText } from './cell-text.js';
export { COLUMN_KINDS, proposeColumns, type ColumnKind, type Columns } from './headings.js';
export { guessType } from './guess-type.js';
export {
  readAccountTable,
  type AccountRow,
  type AccountTable,
  type TableOptions,
} from './read-accounts.js';
export {
  bookFromTable,
  proposeSign,
  type SignConvention,
  type TableFrame,
} from './book-from-table.js';
export { doubledNumbers, newBookFromTable } from './new-book-from-table.js';
export { accountsToTable } from './accounts-to-table.js';
export { accountsIntoBook, type Taken, type TakenRow } from './accounts-into-book.js';
