import type { Amount } from '../../../model/money/amount.js';
import {
  discountIn,
  isAfterDiscount,
  lessIn,
  moneyOf,
  owedOf,
  paidInto,
  settledIn,
  someNamed,
} from '../paid.js';
import { paymentsOf } from '../payment.js';
import {
  AFTER_A_GAP,
  credit,
  debit,
  does,
  isPaidToOthers,
  isReceivedWithBill,
  isBillReceived,
  isSomebodyElse,
  thingAfter,
  why,
  wordsOf,
  type Event,
  type Scene,
  type Understood,
} from '../scene.js';
import type { Told } from '../told.js';
import { DOING, OURS } from '../words.js';
import { bestOf, isGoods, plainExpense } from '../things.js';
import { priceOf } from '../price.js';
import { partOf } from '../token.js';
import { isPaidByName, isUnsure, paidOf, type Debt } from './paying.js';
import { serviceAs, soldAs } from './selling.js';

const NOT_THEIRS: ReadonlySet<string> = new Set([
  ...OURS,
  ...['deposit', 'bill', 'wage', 'loan', 'rent'],
]);

/** `A school pays 240`, `the zoo paid half of its bill`: somebody else pays, who is named before it. */
function isTheirs({ tokens }: Told): boolean {
  const at = tokens.findIndex(({ word }) => ['pay', 'transfer', 'prepay'].includes(word));
  if (at <= 0) return false;
  const before = tokens.slice(0, at).filter(({ kind }) => kind !== 'count');
  const isSomebody = before.some(
    ({ kind, isNamed, word }) => kind === 'word' && isNamed !== true && word !== 'a',
  );
  const isPlain = before.every(
    ({ word, kind }) =>
      kind === 'word' &&
      !NOT_THEIRS.has(word) &&
      !DOING.has(word) &&
      word !== 'be' &&
      word !== 'and',
  );
  const isArticled =
    before[0]?.word === 'a' && before.length > 1 && !before.some(({ word }) => word === 'be');
  return (isSomebody && isPlain) || (isArticled && !NOT_THEIRS.has(before[1]?.word ?? ''));
}

/** `Restaurant paid its 95`: only whoever owes stands before it. */
const isPaidByDebtor = (scene: Scene): boolean =>
  scene.said.indexOf('pay') === 1 && (owedOf(scene)?.line.amount ?? 0) > 0;

/** `Parents paid her 620`. */
const PAID_TO_US =
  /\b(?:paid|pays) (?:her|him|us|me|the (?:business|company|firm|shop|studio|club))\b/i;

/** `Abbey School paid its account`. */
const THEIR_BILL =
  /\b(?:pays|paid|settles|settled|cleared|clears) (?:its|their|his|her) (?:\w+ )?(?:account|bill|invoice|balance|debt)\b/i;

const GIFTS = 'donation|donations|grant|gift|legacy|collection|subsidy';

/** `The students who served were paid 500`: by the business. */
const isPaidByUs = ({ said }: Scene): boolean =>
  said.has('customer') && said.has('be pay #amount') && said.tokens[0]?.word !== 'be';

const isReceived = ({ said }: Scene): boolean =>
  said.has('receive') &&
  !isPaidToOthers(said) &&
  !isReceivedWithBill(said) &&
  !isBillReceived(said);

/** `Was paid 700 on the spot`, `interpreted at a conference and was paid 700`: nobody else stands before it. */
const wasPaid = ({ said }: Scene): boolean =>
  (said.tokens[0]?.word === 'be' && said.tokens[1]?.word === 'pay') ||
  (said.has('and be pay #amount') && /^\p{Lu}\p{Ll}+ed\b/u.test(said.tokens[0]?.said ?? ''));

const isPaidByThem = ({ said, text }: Scene): boolean =>
  isTheirs(said) ||
  (said.has('pay #amount onaccount') && isPaidByName(said, said.indexOf('pay'))) ||
  ((PAID_TO_US.test(text) || THEIR_BILL.test(text)) && isSomebodyElse(said, 'pay')) ||
  (said.verb === 'order' && said.has('pay') && isSomebodyElse(said)) ||
  (said.has('send') && said.has('cheque') && isSomebodyElse(said, 'send'));

const isPaidByCustomers = ({ said }: Scene): boolean =>
  (said.has('pay') && said.has('by customer') && !said.has('buy')) ||
  (said.has('pay') &&
    (said.tokens[0]?.word === 'customer' || said.has('pay by customer|customer pay'))) ||
  (said.has('customer') && said.has('leave|deposit'));

const isBrought = ({ said }: Scene): boolean =>
  said.has('be take from') ||
  (said.has('bring') && said.has('bring #amount|bring in #amount') && !said.has('owner|capital'));

const isGiven = ({ said }: Scene): boolean =>
  (said.has('declare #amount') && isSomebodyElse(said, 'declare') && !said.has('dividend')) ||
  (said.has('donate') && isSomebodyElse(said)) ||
  (said.has('arrive|come in|come from') && said.has(GIFTS)) ||
  (said.has('cheque') && said.has('arrive'));

const isInterest = ({ said }: Scene): boolean =>
  (said.has('interest earn|earn interest') && !said.has('notyet|will|to be|accrue')) ||
  said.has('bank credit|credit by bank') ||
  (said.has('interest') && said.has('added by bank|bank adds|bank added'));

/** The ways in which it is told that money comes in. */
const COMES_IN: readonly ((scene: Scene) => boolean)[] = [
  isReceived,
  isPaidByDebtor,
  wasPaid,
  isPaidByThem,
  isPaidByCustomers,
  isBrought,
  isGiven,
  isInterest,
];

/** Money comes in: received, or paid by customers. */
const isReceiving = (scene: Scene): boolean =>
  !isPaidByUs(scene) &&
  !scene.said.has('it will be pay') &&
  COMES_IN.some((isTold) => isTold(scene));

function takesDebt(scene: Scene, { account, owed, who, of }: Debt): Understood {
  const { known } = scene;
  if (isUnsure(scene, of)) return why(AFTER_A_GAP);
  const settled = settledIn(scene) ?? lessIn(scene, owed);
  const paid = settled?.gross ?? paidOf(scene, owed);
  if (paid === null || paid <= 0) return why('how much of what is owed comes in isn’t said');
  const discount = settled?.discount ?? discountIn(scene, paid) ?? 0;
  const gross = !settled && isAfterDiscount(scene) ? paid + discount : paid;
  known.last = gross;
  if (of) known.settle(of, gross);
  const given = discount === 0 ? [] : [debit(known.account({ type: 'returns-given' }), discount)];
  const lines = [debit(moneyOf(scene), gross - discount), ...given, credit(account, gross)];
  return does(`${who} pays`, lines, [gross, paid, ...(settled ? [gross - discount] : [])]);
}

/** Whether somebody stands before what is paid: the school pays, and nobody pays the school. */
function isNamedBefore({ tokens }: Told, name: string): boolean {
  const at = tokens.findIndex(({ word }) => word === 'pay' || word === 'transfer');
  const before = tokens.slice(0, Math.max(0, at)).map(({ said }) => said.toLowerCase());
  return (
    before.join(' ').includes(name.toLowerCase()) ||
    (before.length > 0 && before.includes('customer'))
  );
}

/** `Receipts from repairs`: what comes in for what is done, whoever was billed for the like before. */
const isTakings = ({ said, known }: Scene): boolean =>
  said.has('receive from') &&
  !said.has('bill|invoice|owe|account|onaccount') &&
  known.sold.has(thingAfter(said, 'from').toLowerCase());

/** Who owes for what was told last: `the couple pay half of it`. */
const lastDebtor = ({ known }: Scene) =>
  [...known.remembered.owed.values()].filter(({ line }) => line.amount > 0).at(-1) ?? null;

/** `A customer handed over 35 in cash for a delivery`: for what is done now. */
const isOnTheSpot = ({ said, text }: Scene): boolean =>
  said.has('customer cash pay') ||
  (said.has('customer') &&
    /\bcash for (?:an?|the|some)\b/i.test(text) &&
    !said.has('bill|invoice|owe|account|onaccount|debt'));

/** Customers pay what they owed. */
export const receivingDebts: Event = (scene) => {
  const { said, known } = scene;
  if (said.has('be receive') && comesWithBill(scene)) return null;
  const isOfIt = said.has('ofit') && isTheirs(said);
  const owed = owedOf(scene) ?? (isOfIt ? lastDebtor(scene) : null);
  const isDebtor = owed && owed.line.amount > 0;
  if (said.verb === 'perform' || isOnTheSpot(scene)) return null;
  if (isOfLaterMonth(scene) && !isDebtor) return null;
  if (owed && owed.line.amount < 0 && said.tokens[0]?.isNamed && said.verb === 'receive')
    return null;
  const pays =
    isReceiving(scene) || isOfBefore(scene) || (isDebtor && isNamedBefore(said, owed.name));
  if (!pays || said.has('advance|deposit|beforehand|interest|deposits|donation|grant|compensation'))
    return null;
  const isSoldNow =
    said.has('sell') && !isOfBefore(scene) && owed !== null && isGoods(owed.name, known);
  if (isDebtor && !isTakings(scene) && !isSoldNow) {
    const { account, amount } = owed.line;
    const open = Math.min(amount, known.balanceOf(account));
    return takesDebt(scene, { account, owed: open, who: owed.name, of: owed });
  }
  const [account] = known.ofType('trade-receivables');
  const isTheirBill = said.has('bill|account|accounts') && said.verb === 'pay';
  const isCheque = said.has('cheque') && account && said.first === known.balanceOf(account);
  const isOwed =
    isTheirBill ||
    isCheque ||
    isOfBefore(scene) ||
    said.has('owe|receivable|onaccount|debt|debts|outstanding|due|invoice');
  if (!isOwed && !(said.has('customer') && account)) return null;
  if (said.has('for') && said.has('service|perform|sell|room|rooms|fees') && !isOfBefore(scene))
    return null;
  const isAnybody = said.has('customer|receivable|debts|outstanding|account|accounts');
  if (said.first === null && !isAnybody) return why('who owes how much isn’t said');
  const customers = account ?? known.account({ type: 'trade-receivables' });
  const open = known.balanceOf(customers);
  const isMore = said.first !== null && said.first > open && !known.hasGaps;
  if (isMore && !isOwed) return null;
  return takesDebt(scene, { account: customers, owed: open, who: 'Customer' });
};

const monthOf = (day: string): number => Number(day.slice(5, 7));

/** `pays 350 for boarding in September`, in August. */
const isOfLaterMonth = (scene: Scene): boolean => beginsLater(scene) || isOfNextMonth(scene);

/** `For a course that starts in September`, in July. */
const beginsLater = ({ said, day }: Scene): boolean =>
  said.has('begin in monthof|starting in monthof|beginning in monthof') &&
  said.of('month').some(({ value }) => value > monthOf(day));

const isOfNextMonth = ({ said, day }: Scene): boolean =>
  ['pay', 'receive', 'transfer'].includes(said.verb) &&
  (said.has('for monthof') || (said.has('in monthof') && said.has('for'))) &&
  said.of('month').some(({ value }) => value === (monthOf(day) % 12) + 1);

/** `1,500 arrives for cider sold in September`, in October: what was owed already. */
const isOfBefore = ({ said, day }: Scene): boolean =>
  said.has(
    'sell in monthof|invoice in monthof|perform in monthof|work in monthof|deliver in monthof',
  ) && said.of('month').some(({ value }) => (value % 12) + 1 === monthOf(day));

/** What of an order is paid: an amount behind *pay*, or a part of its price; null: neither is said. */
function orderPaid(said: Told): Amount | null {
  const [share] = said.of('share');
  const paid = said.amountAfter('pay');
  if (paid) return paid.value;
  return share && said.amounts.length === 1 ? partOf(said.first ?? 0, share) : null;
}

/** Received before anything is done for it. */
export const receivingAhead: Event = (scene) => {
  const { said, known } = scene;
  const isAhead =
    isOfLaterMonth(scene) ||
    said.has(
      'advance|prepay|beforehand|before|to be|to come|will be|for next|later|deferred|subscription|subscriptions|a deposit of|deposit of #amount',
    ) ||
    said.of('span').length > 0;
  if (
    !isReceiving(scene) ||
    !isAhead ||
    said.has(
      'loan|owe|interest|bill|deposit be return|returnable|refundable|key|back|to be receive|will be receive|be receive in',
    )
  )
    return null;
  // A club’s members pay for what the club does anyway.
  if (known.isClub && !said.has('advance|for next|next|beforehand|deferred')) return null;
  const isOrder = said.verb === 'order';
  const amount = isOrder ? orderPaid(said) : amountIn(scene);
  if (amount === null) return why('how much comes in ahead isn’t said');
  const account = known.account({ type: 'deferred-income' });
  const months = said.of('span')[0]?.value ?? (said.has('yearly|annual') ? 12 : 0);
  const count = said.of('count').at(-1)?.value ?? 0;
  known.remembered.promised.push({ account, amount, months, count, text: scene.text });
  return does(
    'Received ahead',
    [debit(moneyOf(scene), amount), credit(account, amount)],
    isOrder || said.has('each|per|apiece') ? said.amounts.map(({ value }) => value) : [],
  );
};

/** An amount, so many times one that each pays, or a part of the one that was spoken of last. */
function amountIn({ said, known }: Scene): Amount | null {
  if (said.first !== null) return priceOf(said)?.total ?? said.first;
  const [share] = said.of('share');
  return share && known.last !== null ? partOf(known.last, share) : null;
}

const FROM: readonly (readonly [string, string])[] = [
  ['deposits-held', 'returnable|refundable|key deposit|key deposits|security deposit|back'],
  ['interest-received', 'interest'],
  ['dividends-received', 'dividend|dividends'],
  ['donations-grants', `${GIFTS}|declare|donate`],
  ['sundry-income', 'rent|commission|compensation|subtenant|tenant'],
  ['income-tax', 'refund incometax'],
];

/** `Textbooks are received; the bill is due in October`: what came in is not money. */
const comesWithBill = ({ text }: Scene): boolean =>
  /\b(?:bill|invoice|payment|payable)\b[^.;]* (?:due|payable|follows|will follow|later)\b/i.test(
    text,
  );

/** `The treasurer paid 18 for stamps`: nothing that a business is paid for. */
const paysACost = (said: Told): boolean => {
  const thing = thingAfter(said, 'for');
  const cost = plainExpense(thing);
  return (
    (cost !== null &&
      cost.type !== 'repairs' &&
      cost.type !== 'premises' &&
      bestOf(thing, ['service-fees']) === null) ||
    said.has('out of till|out of cash|out of float|from till|from float|petty')
  );
};

/** Other money that comes in: interest, rent, a donation; else what was earned by it. */
export const receivingIncome: Event = (scene) => {
  const { said, known } = scene;
  if (!isReceiving(scene) || said.has('bill|order')) return null;
  if (isTheirs(said) && paysACost(said)) return why('who pays whom for what isn’t said plainly');
  if (comesWithBill(scene)) return why('whether goods or money come in isn’t plain');
  const amount = amountIn(scene);
  if (amount === null)
    return said.has('goods|delivery') ? null : why('how much comes in isn’t said');
  const named = FROM.find(([, words]) => said.has(words));
  const isEarned = said.has(
    'for|from customer|fees|fee|dues|hire|rental|rentals|membership|revenue|income|service|sales|takings|perform|cash sales',
  );
  const isService =
    (said.has('each') && said.of('count').length > 0) ||
    said.has('by customer|customer pay|bring #amount|bring in #amount|and be pay #amount') ||
    (said.tokens[0]?.word === 'customer' && said.verb === 'pay') ||
    isTakings(scene) ||
    bestOf(thingAfter(said, 'from'), ['service-fees', 'goods-sales']) !== null;
  if (!named && !isEarned && !isService) {
    const who = someNamed(scene);
    return why(who === '' ? 'what it comes in for isn’t said' : `what ${who} pays for isn’t said`);
  }
  const words = wordsOf(scene);
  const wanted = named ? { type: named[0] } : incomeOf(scene, words);
  const account = known.account(wanted);
  const payments = said.has('ofit|rest')
    ? paymentsOf(priceOf(said)?.rest ?? said, amount, 'bank')
    : null;
  const into = payments
    ? paidInto(known, payments, [someNamed(scene)])
    : [debit(moneyOf(scene), amount)];
  return does(
    account.name,
    [...into, credit(account, amount)],
    said.has('each|apiece|per') ? said.amounts.map(({ value }) => value) : [],
  );
};

/** Where the like was told before: takings stand with what was invoiced. */
const soldBefore = (scene: Scene) => {
  if (!isTakings(scene)) return null;
  const [only, ...others] = scene.known.ofType('service-fees', 'goods-sales');
  return only && others.length === 0 ? { type: only.type, name: only.name } : null;
};

const incomeOf = (scene: Scene, words: string) =>
  scene.said.has('service|fees|perform')
    ? serviceAs(scene.known)
    : (soldBefore(scene) ?? soldAs(words, scene));
