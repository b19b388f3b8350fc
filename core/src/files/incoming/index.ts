export {
  readIncoming,
  tableIn,
  tableTookTooLong,
  type Incoming,
  type ReadTable,
  type TableIn,
} from './incoming-file.js';
export {
  takenOfTable,
  workFromTable,
  type Doubt,
  type TableChoice,
  type TableWork,
  type TakenOfTable,
} from './work-from-table.js';
