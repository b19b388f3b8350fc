export { balancesOf, linesOf, openingDifference, statementAccounts } from './balances.js';
export {
  entriesFound,
  EVERY_ENTRY,
  isWanted,
  totalOfEntries,
  type EntriesWanted,
} from './find-entries.js';
