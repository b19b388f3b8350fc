export { cellsFrom, cellsOf, cellsToCsv, decodeText, guarded } from './cells.js';
export { cellText } from './cell-text.js';
export { COLUMN_KINDS, proposeColumns, type ColumnKind, type Columns } from './headings.js';
export { readAccountTable, type AccountTable } from './read-accounts.js';
export { bookFromTable, proposeSign, type SignConvention } from './book-from-table.js';
export { doubledNumbers, newBookFromTable } from './new-book-from-table.js';
export { accountsToTable } from './accounts-to-table.js';
export { accountsIntoBook, type Taken } from './accounts-into-book.js';
