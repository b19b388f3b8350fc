export {
  HANDOUT_KINDS,
  handoutOf,
  handoutToTable,
  type Handout,
  type HandoutColumn,
  type HandoutKind,
  type HandoutRow,
  type HandoutWanted,
} from './handout.js';
