import type { Amount } from '../../model/money/amount.js';
import { partOf, percentOf } from './token.js';
import type { Told } from './told.js';

/** How something is paid for. */
export type Means = 'cash' | 'bank' | 'credit' | 'note' | 'loan' | 'card';

export interface Payment {
  readonly means: Means;
  readonly amount: Amount;
  /** The words beside it, in which somebody may be named. */
  readonly said: Told;
}

const SAYS: readonly (readonly [Means, string])[] = [
  ['bank', 'banked|debit card|by card|with card|on card|card from account'],
  ['card', 'creditcard'],
  ['loan', 'mortgage'],
  ['note', 'promissory|note payable|note receivable|sign a note|issue a note|note'],
  ['loan', 'lend'],
  ['loan', 'loan|mortgage|lender|finance by|financed by|borrow'],
  [
    'credit',
    'terms #days|receive invoice|receive a invoice|receive a bill|receive bill|which pay|who pay|they pay monthly|they pay weekly|they pay at end|onaccount|owe|later|notyet|unpaid|due|credit|to be pay|to pay|will|promise|instalment|instalments',
  ],
  [
    'credit',
    'in #days|within #days|after #days|in #span|within #span|next monthof|next month|fall due|rest in monthof|balance in monthof|remainder in monthof|other #share in monthof',
  ],
  [
    'credit',
    'allow #days|allow #span|next week|pay next|invoice rest|invoice balance|invoice remainder|bill come|bill will be pay|bill be pay|give #days|give #span|invoice for|be pay by #day|to be pay in|payable in|payable later|payable on|payable by|invoice payable|payable within',
  ],
  [
    'cash',
    'cash|till|from register|out of register|out of float|from float|from petty|over counter|at counter|coins',
  ],
  [
    'bank',
    'bank|from account|cheque|transfer|debit|standing order|downpayment|atonce|now|down|immediately|pay|deposit|receive|pay today|today in',
  ],
];

const OF_A_LOAN =
  'interest on note|interest on a note|loan interest|note interest|mortgage interest|interest on loan|interest on a loan|interest for loan';

/** How a part of a sentence says that something is paid; null: it doesn’t. */
export function meansIn(said: Told): Means | null {
  const isInterest = said.has(OF_A_LOAN);
  const named = SAYS.find(
    ([means, words]) => !(isInterest && ['note', 'loan'].includes(means)) && said.has(words),
  );
  return named?.[0] ?? null;
}

const REST = 'rest|balance|remainder|remaining|other #share|outstanding|difference';

/** What a sentence is cut at: what is paid so, and what is paid otherwise, stand apart. */
const CUTS: ReadonlySet<string> = new Set([
  ',',
  ';',
  'and',
  'but',
  'with',
  'ofit',
  'while',
  'against',
]);

interface Part {
  readonly means: Means | null;
  readonly amount: Amount | null;
  readonly isRest: boolean;
  readonly said: Told;
}

/** How much a part of a sentence speaks of; null where it says no amount of its own. */
function amountIn(said: Told, total: Amount): Amount | null {
  const [amount] = said.amounts;
  if (amount) return amount.value;
  const [percent] = said.of('percent');
  if (percent && !said.has('discount|vat|interest|at #percent')) return percentOf(total, percent);
  const [share] = said.of('share');
  return share ? partOf(total, share) : null;
}

function readPart(said: Told, total: Amount): Part {
  const isRest = said.has(REST);
  return { means: meansIn(said), amount: isRest ? null : amountIn(said, total), isRest, said };
}

/** A share without its means belongs to the means that follows it: `400, in cash`. */
function joined(parts: readonly Part[]): Part[] {
  const found: Part[] = [];
  for (const part of parts) {
    const before = found.at(-1);
    const waits = before && before.means === null && (before.amount !== null || before.isRest);
    if (waits && part.amount === null && !part.isRest && part.means)
      found[found.length - 1] = { ...before, means: part.means, said: part.said };
    else found.push(part);
  }
  return found;
}

const isMoney = (means: Means | null): boolean => means === 'cash' || means === 'bank';

/**
 * How a total is paid, in parts that add up to it; null where what is said does not add up. `said`: what stands behind
 * the total. `usually`: how it is paid where nothing is said.
 */
export function paymentsOf(said: Told, total: Amount, usually: Means): Payment[] | null {
  const parts = joined(said.split(CUTS).map((part) => readPart(part, total)));
  const named = parts.filter(({ amount, isRest, means }) => means && (amount !== null || isRest));
  const wholes = parts.filter(({ means, amount, isRest }) => means && amount === null && !isRest);
  // What is still to be paid says more than what is paid: `invoiced today, payable within 30 days`.
  const whole =
    wholes.find(({ means }) => means === 'credit') ??
    wholes.find(({ means }) => means === 'cash') ??
    wholes[0];
  if (named.length === 0)
    return [{ means: whole?.means ?? usually, amount: total, said: whole?.said ?? said }];
  const paid = named.reduce((sum, { amount }) => sum + (amount ?? 0), 0);
  const rest = total - paid;
  const rests = named.filter(({ isRest }) => isRest).length;
  if (rest < 0 || rests > 1 || (rests === 1 && rest === 0)) return null;
  const payments = named.map(({ means, amount, said: own }): Payment => {
    return { means: means as Means, amount: amount ?? rest, said: own };
  });
  if (rests === 1 || rest === 0) return payments;
  const otherwise = isMoney(named[0]?.means ?? null) ? 'credit' : 'bank';
  const own = whole && !named.some(({ means }) => means === whole.means) ? whole : null;
  return [...payments, { means: own?.means ?? otherwise, amount: rest, said: own?.said ?? said }];
}
