export { readIncoming, type Incoming } from './incoming-file.js';
export type { OpenWorkbook } from './workbook.js';
export { workFromTable, type TableChoice, type TableWork } from './work-from-table.js';
