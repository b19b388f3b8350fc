export {
  type BalanceFound,
  type Goes,
  NEW_ACCOUNT,
  NOWHERE,
  proposedGoing,
  takingOpenings,
} from './openings-taken.js';
export { type BalanceBeside, besideOpenings, type SourceBalances } from './source-balances.js';
export { asPriorPeriod } from './prior-period.js';
