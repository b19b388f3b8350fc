export { chargedOn, chargedOnSays } from './charged-on.js';
export { linesOf, openingDifference } from './balances.js';
export {
  entriesFound,
  EVERY_ENTRY,
  totalsByKind,
  MADE_BY,
  type MadeBy,
  isWanted,
  totalOfEntries,
  type EntriesWanted,
} from './find-entries.js';
