import type { Event } from '../scene.js';
import { chargedTooEarly, countedSince, earnedByNow, usedByNow } from './adjusting.js';
import { buying, carriagePaid } from './buying.js';
import { depreciating, disposing } from './lasting.js';
import { borrowing, interestOwed, repaying } from './loans.js';
import { moneyMoved } from './money-moved.js';
import { dividendGranted, ownersPutIn, ownersTakeOut, sharesIssued } from './owners.js';
import { billed, payingAhead, payingDebts, payingDeposit, payingWhatWasOwed } from './paying.js';
import {
  earnedAhead,
  earnedUnbilled,
  owedAtEnd,
  suppliesUsed,
  taxOwed,
  usedUp,
} from './period-end.js';
import {
  allowanceMade,
  dishonoured,
  bankCharges,
  correcting,
  customersReturn,
  lending,
  nothingMoves,
  returning,
  writtenOff,
} from './put-right.js';
import {
  billedToUs,
  boughtPlainly,
  costPlainly,
  doneForOthers,
  doneForUs,
  goodsLost,
  staffPaid,
} from './plainly.js';
import { payingExpenses } from './expenses.js';
import { receivingAhead, receivingDebts, receivingIncome } from './receiving.js';
import { costTold, doneForMoney, selling } from './selling.js';

/** All that a sentence can tell, the particular before the general: the first that knows it answers. */
export const EVENTS: readonly Event[] = [
  countedSince,
  chargedTooEarly,
  usedByNow,
  earnedByNow,
  correcting,
  nothingMoves,
  dividendGranted,
  sharesIssued,
  ownersPutIn,
  ownersTakeOut,
  moneyMoved,
  allowanceMade,
  writtenOff,
  dishonoured,
  customersReturn,
  returning,
  depreciating,
  disposing,
  borrowing,
  repaying,
  interestOwed,
  bankCharges,
  payingDeposit,
  carriagePaid,
  earnedUnbilled,
  usedUp,
  suppliesUsed,
  earnedAhead,
  staffPaid,
  receivingAhead,
  receivingDebts,
  lending,
  payingWhatWasOwed,
  payingDebts,
  costTold,
  buying,
  billedToUs,
  owedAtEnd,
  selling,
  taxOwed,
  billed,
  payingAhead,
  receivingIncome,
  boughtPlainly,
  doneForOthers,
  payingExpenses,
  doneForMoney,
  goodsLost,
  doneForUs,
  costPlainly,
];
