import type { Amount } from '../../../model/money/amount.js';
import type { KnownAccount } from '../known.js';
import { moneyOf, owedOf } from '../paid.js';
import type { Told } from '../told.js';
import { addMonths, daysBetween } from '../../../model/day/calendar.js';
import {
  credit,
  debit,
  does,
  endOf,
  isSomebodyElse,
  why,
  type Event,
  type Scene,
  type Understood,
} from '../scene.js';

const LOANS = ['long-term-loan', 'loan-within-year', 'note-payable'];

const OURS: ReadonlySet<string> = new Set(['business', 'firm', 'company', 'we', 'it', 'i', 'they']);

/** `lends the shop 2,000`: whoever it is. */
export const TO_US = 'lend business|lend shop|lend firm|lend company|lend us|lend club';

/** `A neighbour lends 2,000`: somebody is named before it, and not the business. */
function isLentToUs(said: Told): boolean {
  if (isSomebodyElse(said, 'lend')) return true;
  const { tokens } = said;
  const before = tokens.slice(
    0,
    tokens.findIndex(({ word }) => word === 'lend'),
  );
  return before.some(({ kind }) => kind === 'word') && !before.some(({ word }) => OURS.has(word));
}

/** `Borrows 8,000 from the bank`: a loan, or a note that is signed for money. */
export const borrowing: Event = (scene) => {
  const { said, known, day } = scene;
  const takes =
    said.has('borrow') ||
    (said.has('loan|mortgage') &&
      said.has('take|receive|get|lend|raise|raises|raised|obtain|obtains|obtained|sign'));
  const signs =
    said.has('note') &&
    said.has('sign|issue|give') &&
    said.has('cash|bank|receive|borrow') &&
    !said.has('buy|customer');
  const lent = said.has('lend') && (isLentToUs(said) || said.has(TO_US));
  if (said.has('leased|lease')) return null;
  if (said.verb === 'repay' || (lent && said.has('buy'))) return null;
  const isBackLater = said.has('be repay|repayable|repay in|repay over|repay by') && takes;
  const isOther = said.has('repay|instalment|pay|buy') && !isBackLater;
  if (!(takes || signs || lent) || (!lent && isOther)) return null;
  if (said.first === null) return why('how much is borrowed isn’t said');
  if (lent && said.has('ofit')) return why(FINANCED);
  if (said.has('worth|value|value at')) return why('whether money or a thing is lent isn’t plain');
  const isShort = said.of('span').some(({ value }) => value < 12) || said.has('#days');
  const type = said.has('note') ? 'note-payable' : isShort ? 'loan-within-year' : 'long-term-loan';
  const account = known.account({
    type: known.ofType(...LOANS).find(({ isGiven }) => isGiven)?.type ?? type,
  });
  const percent = said.of('percent')[0]?.value ?? null;
  known.remembered.loans.push({ account, amount: said.first, percent, from: day });
  return does('Loan', [debit(moneyOf(scene), said.first), credit(account, said.first)]);
};

const loanOf = ({ known }: Scene): KnownAccount =>
  known.remembered.loans.at(-1)?.account ??
  known.ofType(...LOANS)[0] ??
  known.account({ type: 'long-term-loan' });

/** The interest that is named beside an amount: `of which 30 is interest`, `and 40 interest`. */
function interestIn({ said }: Scene): Amount | null {
  const at = said.indexOf('interest');
  if (at < 0) return null;
  const near = (i: number) => said.tokens[i]?.kind === 'amount';
  if (said.tokens[at + 1]?.word === 'of' && near(at + 2)) return said.tokens[at + 2]?.value ?? null;
  const places = [at - 1, at - 2, at + 1, at + 2, at - 3, at + 3];
  const found = places.find(near);
  return found === undefined ? null : (said.tokens[found]?.value ?? null);
}

const FINANCED = 'what is lent for it, and to whom it is paid, isn’t said plainly';

/** Whether a sentence tells of paying a loan back, and of nothing else that is paid in parts. */
function isPaidBack(scene: Scene): boolean {
  const { said, known } = scene;
  const hasLoan = known.ofType(...LOANS).length > 0;
  const isPlus = said.has('plus #amount interest|and #amount interest|plus interest|with interest');
  const isLoan =
    said.has('loan|instalment|mortgage|repay|bank loan|principal|note payable|interest on note') ||
    (isPlus && hasLoan);
  const isListed = said.has('instalment|instalments') && said.has('interest') && said.verb === '';
  if (
    !isLoan ||
    !(said.has('pay|repay') || isListed) ||
    said.has('buy|customer|supplier|payable|receive|each')
  )
    return false;
  const isLater = said.has('will be pay|to be pay|notyet') && !said.has('repay');
  if (said.has('interest') && isLater) return false;
  if (said.has('loan|mortgage|principal|note payable|interest')) return true;
  return !owedOf(scene) && (hasLoan || !isSomebodyElse(said));
}

const IS_LEASED = /\bleas(?:e|ed|ing)\b/i;

/** `Pays back 500 of the loan and 40 interest`, `an instalment of 280, of which 30 is interest`. */
export const repaying: Event = (scene) => {
  const { said, known } = scene;
  if (!isPaidBack(scene)) return null;
  if (IS_LEASED.test(scene.text))
    return why('whether what is leased is kept as its own isn’t said');
  if (said.has('finance|finances|financed') && !said.has('finance others')) return why(FINANCED);
  const [first, second] = said.amounts;
  if (!first) return why('how much is paid back isn’t said');
  const interest = interestIn(scene);
  if (said.has('interest') && interest === null)
    return why('how much of it is interest isn’t said');
  if (interest !== null && !second)
    return said.has('repay|instalment|principal')
      ? why('how much of it is interest isn’t said')
      : interestPaid(scene, interest);
  if (interest === null) {
    if (second) return why('what is paid besides the loan isn’t said');
    return does('Loan paid back', [
      debit(loanOf(scene), first.value),
      credit(moneyOf(scene), first.value),
    ]);
  }
  const other = first.value === interest ? (second?.value ?? 0) : first.value;
  const isPartOfIt = said.has(
    'ofit|include|includes|including|consist|consisting|inclusive|thereof',
  );
  const loan = isPartOfIt ? other - interest : other;
  const lines = [
    debit(loanOf(scene), loan),
    debit(known.account({ type: 'interest-paid' }), interest),
    credit(moneyOf(scene), loan + interest),
  ];
  return does('Loan and interest paid', lines, [other]);
};

function interestPaid(scene: Scene, amount: Amount): Understood {
  const account = scene.known.account({ type: 'interest-paid' });
  return does('Interest paid', [debit(account, amount), credit(moneyOf(scene), amount)]);
}

/** `Interest at 6 % on a note of 10,000`: of what, and how much of it; what the interest is is not said itself. */
const rateIn = (said: Told): boolean =>
  said.of('percent').length > 0 &&
  said.has('on #amount|on a #amount|note|loan') &&
  !said.has('interest of #amount|interest #amount|be #amount');

/** `For June`, `for May and June`: so many months; null: none is named. */
function monthsNamed(said: Told): number | null {
  const [from, to, ...more] = said.of('month').map(({ value }) => value);
  if (from === undefined || more.length > 0 || !said.has('for monthof')) return null;
  return to === undefined ? 1 : ((to - from + 12) % 12) + 1;
}

/** Interest for the time that has gone by, reckoned from a loan, its rate and its day. */
function reckoned({ said, known, day, ...scene }: Scene): Amount | null {
  const loan = known.remembered.loans.at(-1);
  const percent = said.of('percent')[0]?.value ?? loan?.percent ?? null;
  const principal = rateIn(said) ? said.first : null;
  const signed = said.of('day')[0]?.day;
  const amount =
    principal ??
    loan?.amount ??
    -LOANS.flatMap((type) => known.ofType(type)).reduce(
      (sum, each) => sum + known.balanceOf(each),
      0,
    );
  if (percent === null || amount <= 0) return null;
  const months =
    said.of('span')[0]?.value ??
    monthsNamed(said) ??
    monthsSince(
      (principal === null ? null : signed) ?? loan?.from ?? day,
      endOf({ said, known, day, ...scene }),
    );
  return months > 0 ? Math.round((amount * percent * months) / 120_000) : null;
}

/** Whole months from one day to another. */
export function monthsSince(from: string, to: string): number {
  let months = Math.max(0, Math.round(daysBetween(from, to) / 30.44));
  while (months > 0 && daysBetween(addMonths(from, months), to) < -1) months--;
  return months;
}

/** `Interest of 40 is owed`, `interest for one month at 6 % is still to be paid`. */
export const interestOwed: Event = (scene) => {
  const { said, known } = scene;
  const isOwed = said.has(
    'accrue|owe|notyet|unpaid|due|outstanding|for #span|incur|incurred|to pay|will be pay|to be pay',
  );
  if (
    !said.has('interest') ||
    !isOwed ||
    (said.verb === 'pay' && !said.has('notyet|to pay|will be pay|be pay'))
  )
    return null;
  if (said.has('receivable|earn|deposit')) return null;
  const amount = rateIn(said) ? reckoned(scene) : (said.first ?? reckoned(scene));
  if (amount === null) return why('how much the interest is can’t be reckoned from what is said');
  const lines = [
    debit(known.account({ type: 'interest-paid' }), amount),
    credit(known.account({ type: 'accrued-expense', name: 'Interest owed' }), amount),
  ];
  return does(
    'Interest owed',
    lines,
    said.amounts.map(({ value }) => value),
  );
};
