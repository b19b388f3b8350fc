export {
  readIncoming,
  tableIn,
  tableTookTooLong,
  type Incoming,
  type ReadTable,
  type TableIn,
} from './incoming-file.js';
export { workFromTable, type TableChoice, type TableWork } from './work-from-table.js';
