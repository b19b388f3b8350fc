export { handoutOf, handoutToTable } from './handout.js';
export {
  type Handout,
  HANDOUT_KINDS,
  type HandoutKind,
  type HandoutRow,
  type HandoutWanted,
} from './sheet.js';
