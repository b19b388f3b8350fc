export { bandOf, rowsOf, siblingsIn, typeAt } from './places.js';
export { guessesIn, guessesSettled } from './guesses.js';
export { companionOf, duplicateOf } from './companions.js';
export { accountAt, draftAt, type Draft } from './new-account.js';
export { moveTo, nudge, placeAt, possibleParents, putUnder, takeOut } from './move.js';
export { capacityOf, evenlyNumbered, renumberedChart, type Renumbered } from './renumber-chart.js';
export {
  ALL_ACCOUNTS,
  isFoundBy,
  listAccounts,
  searchText,
  type ListUse,
  type ListWanted,
} from './chart-list.js';
export { numberedFrom } from './numbered-from.js';
export { numberUnderParent } from './number-under-parent.js';
export { keepingNumbers } from './keeping-numbers.js';
