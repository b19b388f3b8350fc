import type { Amount } from '../../../model/money/amount.js';
import type { KnownAccount, Wanted } from '../known.js';
import { moneyOf } from '../paid.js';
import {
  AFTER_A_GAP,
  credit,
  debit,
  does,
  isSomebodyElse,
  thingAfter,
  thingBefore,
  titled,
  why,
  wordsOf,
  type Event,
  type Scene,
  type Understood,
} from '../scene.js';
import { expenseOf, isGoods } from '../things.js';
import { partOf, type Token } from '../token.js';
import { monthsSince } from './loans.js';
import { isOurBill, serviceAs, soldAs } from './selling.js';
import { priceOf } from '../price.js';
import type { Told } from '../told.js';

const shorter = (one: Token | undefined, other: Token): Token =>
  one && one.value < other.value ? one : other;

/** How much of what was paid or received ahead is used: an amount, a part, so many of its months, or as time has gone by. */
function usedOf(
  scene: Scene,
  whole: Amount,
  { months, from }: { months: number; from: string },
): Amount | null {
  const { said } = scene;
  const isAll = said.firstWord?.word === 'all' && said.amounts.length === 0;
  if (isAll && said.of('share').length === 0 && said.of('span').length === 0) return whole;
  const left = said.has('remain|unexpired|unused');
  const [share] = said.of('share');
  const span = said.of('span').reduce<Token | undefined>(shorter, undefined);
  const part =
    said.first ??
    (share
      ? partOf(whole, share)
      : span && months > 0 && span.value <= months
        ? Math.round((whole * span.value) / months)
        : null);
  if (part !== null) return left ? whole - part : part;
  if (months === 0) return null;
  const gone = Math.min(months, Math.max(1, monthsSince(from, scene.day)));
  return Math.round((whole * gone) / months);
}

/** `One month of the rent is used up`, `insurance of 200 has expired`: what was paid ahead becomes an expense. */
export const usedUp: Event = (scene) => {
  const { said, known } = scene;
  const isCharged = (said.has('charge') || said.verb === 'record') && said.of('span').length > 0;
  if (
    !isCharged &&
    !said.has('use|unexpired|adjust|now belong') &&
    !(said.has('remain') && said.has('prepay|prepayment|insurance|rent'))
  )
    return null;
  if (said.has('be use') && said.has('out of') && known.ofType('prepayment').length === 0)
    return why('what was paid ahead for it isn’t known');
  const spans = said.of('span');
  const isHistory = spans.length === 2 && said.has('use') && said.amounts.length === 0;
  const isOver = said.has('have use|have now use|have be use|have now be use');
  if (said.has('buy|pay') && !(isHistory || isOver) && !said.has('prepay|pay advance|advance'))
    return null;
  const account =
    known.spokenOf(wordsOf(scene), ['prepayment']) ??
    (said.has('prepay|prepayment') ? known.ofType('prepayment')[0] : undefined);
  if (!account) return null;
  const ahead = known.remembered.ahead.find((each) => each.account === account);
  const whole = known.balanceOf(account);
  const months = isHistory ? Math.max(...spans.map(({ value }) => value)) : 0;
  const used = usedOf(scene, ahead?.amount ?? whole, ahead ?? { months, from: scene.day });
  if (used === null || used <= 0 || used > whole)
    return why('how much of it is used up isn’t said');
  const called = account.name
    .replace(/^prepaid /i, '')
    .replace(/ (?:paid (?:ahead|in advance)|prepaid)$/i, '');
  const expense = ahead?.expense ??
    expenseOf(called, known) ?? { type: 'sundry-operating', name: titled(called) };
  const uses = said.amounts.map(({ value }) => value);
  return does(
    `${titled(called)} used up`,
    [debit(known.account(expense), used), credit(account, used)],
    uses,
  );
};

/** `Of the clay, 210 is left`, `supplies used, 120`: what was kept for use, and is used or left. */
export const suppliesUsed: Event = (scene) => {
  const { said, known } = scene;
  const isLeft = said.has(
    'remain|count|be left|be in yard|be in store|be in stock|be on shelves|be in workshop|stock-take|stocktake|close|closing goods',
  );
  if ((!isLeft && !said.has('use')) || said.has('missing|stolen|shortage')) return null;
  const account =
    known.spokenOf(wordsOf(scene), ['supplies', 'inventory']) ??
    boughtBefore(scene) ??
    kept(scene) ??
    goodsLeft(scene, isLeft);
  if (!account || said.first === null || said.has('buy|sell|private')) return null;
  const whole = known.balanceOf(account);
  if (isLeft && known.hasGaps) return why(AFTER_A_GAP);
  if (account.type === 'inventory' && !isLeft) return materialUsed(scene, account, said.first);
  if (account.type === 'inventory') return counted(scene, account, said.first);
  const used = isLeft && !said.has('use') ? whole - said.first : said.first;
  if (used <= 0 || used > whole) return why(`there is less of it than is said: ${account.name}`);
  const name = `${account.name} used`;
  const expense = known.spokenOf(name, [
    'office',
    'sundry-operating',
    'other-direct-cost',
    'premises',
  ]);
  const lines = [
    debit(
      expense ?? known.account({ type: usedAs(`${name} ${wordsOf(scene)}`), name, isGuess: true }),
      used,
    ),
    credit(account, used),
  ];
  return does(name, lines, [said.first]);
};

/** What a kept thing becomes when it is used. */
function usedAs(words: string): string {
  if (
    /\bparts\b|\bmaterials?\b|\blogs\b|\btimber\b|\bwood\b|\bflour\b|\bclay\b|\bfabric\b|\bleather\b|\byarn\b|used in (?:repairs|jobs|work)/i.test(
      words,
    )
  )
    return 'other-direct-cost';
  if (/office|stationery|paper|stamps/i.test(words)) return 'office';
  return /clean/i.test(words) ? 'premises' : 'sundry-operating';
}

/** `Unsold vegetables are worth 310`: goods that are counted at the end, by what they are called. */
const goodsLeft = (scene: Scene, isLeft: boolean): KnownAccount | undefined =>
  isLeft && !scene.known.isPerpetual && isGoods(wordsOf(scene), scene.known)
    ? scene.known.account({ type: 'inventory' })
    : undefined;

/** What was bought under a word of the sentence: `detergent worth 150 is left`. */
const boughtBefore = ({ said, known }: Scene): KnownAccount | undefined =>
  said.tokens.map((each) => known.keptAs.get(each.said.toLowerCase())).find((each) => each);

function kept({ said, known }: Scene): KnownAccount | undefined {
  if (said.has('supplies|clay|material|materials')) return known.ofType('supplies')[0];
  return said.has('goods')
    ? (known.ofType('inventory')[0] ??
        goodsCounted(said.has('count|remain|close|closing goods'), known))
    : undefined;
}

const goodsCounted = (isCounted: boolean, known: Scene['known']): KnownAccount | undefined =>
  isCounted && !known.isPerpetual ? known.account({ type: 'inventory' }) : undefined;

/** `Uses clay of 120`: material goes into what is made. */
function materialUsed({ known }: Scene, account: KnownAccount, used: Amount): Understood {
  if (used > known.balanceOf(account))
    return why(`there is less of it than is said: ${account.name}`);
  const name = `${account.name} used`;
  const cost = known.account({ type: 'other-direct-cost', name, isGuess: true });
  return does(name, [debit(cost, used), credit(account, used)]);
}

/** Goods counted at the end: where purchases are told, the change of stock; else what is missing. */
function counted({ known, said }: Scene, account: KnownAccount, left: Amount): Understood | null {
  const change = left - known.balanceOf(account);
  if (change === 0) return why('the count agrees with the books: nothing moves');
  const isKept = known.ofType('cost-of-goods-sold').some((each) => known.balanceOf(each) !== 0);
  if (known.isPerpetual && isKept && !said.has('count')) return null;
  const against = known.account({
    type: known.isPerpetual ? 'cost-of-goods-sold' : 'stock-change',
  });
  return does('Goods counted', [debit(account, change), credit(against, change)], [left]);
}

/** `A travel agency owes 1,900 for a group`: somebody else does. */
const isOwingToUs = (said: Told): boolean =>
  said.verb === 'owe' &&
  said.has('owe #amount|remain owe|owe us') &&
  isSomebodyElse(said, 'owe') &&
  !said.has('supplier|owner');

const WAGES = { type: 'staff', name: 'Wages', isGuess: true };

const OWES =
  'bill come|be estimate at #amount|bill will|will bill|will invoice|will charge|will cost|owe|accrue|notyet|unpaid|outstanding|to pay|to be pay|yet to|due|not receive|no bill|not bill|' +
  'not invoice|still to|not come|not arrive|not have come|have not come|notyet invoice|will be pay|payable on|payable in|payable next|invoice be due|bill be due|payable #day|payable on #day';

/** `Salaries of 21,000 were earned, of which 19,800 was paid`: the rest is owed. */
function partlyPaid(scene: Scene, expense: Wanted): Understood | null {
  const { said, known } = scene;
  const [whole, paid, ...more] = said.amounts;
  if (!whole || !paid || more.length > 0 || !said.has('ofit') || !said.has('pay')) return null;
  if (said.has('will be pay|to be pay'))
    return why('what is paid of it, and by whom, isn’t said plainly');
  const rest = whole.value - paid.value;
  if (rest <= 0) return why('more of it is paid than there is');
  const owed = expense.type === 'staff' ? { type: 'wages-payable' } : { type: 'accrued-expense' };
  return does(expense.name ?? 'Expense', [
    debit(known.account(expense), whole.value),
    credit(moneyOf(scene), paid.value),
    credit(known.account(owed), rest),
  ]);
}

/** `Wages of 300 are owed at the end`: used already, and not paid. */
export const owedAtEnd: Event = (scene) => {
  const { said, known } = scene;
  if (!said.has(`${OWES}|earn`) || said.has('customer|receivable|buy|service|perform|advance'))
    return null;
  // What was owed and is paid is no cost of this period.
  if (said.verb === 'pay' && said.has('pay of|owe at begin|owe business|business owe')) return null;
  if (said.has('interest') && said.has('earn|receive')) return null;
  if (isOwingToUs(said) || isOurBill(said) || said.has('be deliver to')) return null;
  // The business earns it itself.
  if (said.firstWord?.word === 'earn' && !said.has(OWES)) return null;
  const expense = expenseOf(wordsOf(scene), known) ?? (said.has('earn') ? WAGES : null);
  if (!expense) return null;
  if (said.first === null) return why('how much of it is owed isn’t said');
  const partly = partlyPaid(scene, expense);
  if (partly) return partly;
  const isTax = expense.type === 'income-tax';
  const isWages = expense.type === 'staff' || expense.type === 'direct-labour';
  const isBilled = said.has('bill of #amount be due|invoice of #amount be due');
  const other = isBilled ? 'trade-payables' : 'accrued-expense';
  const type = isTax ? 'income-tax-payable' : isWages ? 'wages-payable' : other;
  const owed = known.account(
    type === 'accrued-expense' ? { type, name: `${expense.name ?? 'Expense'} owed` } : { type },
  );
  return does(`${expense.name ?? 'Expense'} owed`, [
    debit(known.account(expense), said.first),
    credit(owed, said.first),
  ]);
};

/** `Three of the ten lessons have been given`: of what was sold by number; null where none is said. */
function givenOf({ said, known }: Scene): Amount | null {
  const promised = known.remembered.promised.at(-1);
  const [given, of] = said.of('count');
  const all = of?.value ?? promised?.count ?? 0;
  if (!promised || !given || said.amounts.length > 0 || given.value > all) return null;
  return Math.round((promised.amount * given.value) / all);
}

/** Whether two sentences speak of one thing: a word of some length stands in both. */
function speaksOf(one: string, other: string): boolean {
  const words = (text: string) => text.toLowerCase().match(/\p{L}{4,}/gu) ?? [];
  const known = new Set(words(other).filter((word) => !COMMON.has(word)));
  return words(one).some((word) => known.has(word));
}

const COMMON: ReadonlySet<string> = new Set(
  'been have that this what with from their half third quarter fifth done paid were will which when'.split(
    ' ',
  ),
);

/** `A third of what was paid ahead has been earned`: what was received ahead becomes revenue. */
export const earnedAhead: Event = (scene) => {
  const { said, known } = scene;
  const isEarned = said.has('earn|perform|give|be give|redeem|redeemed|use|make');
  const isOther = said.verb === 'receive' && !said.has('earn|perform|redeem|redeemed');
  const [account] = known.ofType('deferred-income');
  const names =
    'advance|deferred|unearned|beforehand|prepay|voucher|vouchers|gift|pass|passes|subscriptions|ahead|that be pay for|which be pay for';
  const promised = known.remembered.promised.at(-1);
  const isShare =
    said.of('share').length > 0 &&
    said.has('have be perform|be now perform') &&
    speaksOf(scene.text, promised?.text ?? '');
  const isPart =
    said.of('span').length > 0 ? (promised?.months ?? 0) > 0 : givenOf(scene) !== null || isShare;
  if (!isEarned || isOther || !account || said.has('sell|pay rent|buy')) return null;
  const isOfFee = said.has('earn') && said.has('#amount of fee');
  if (!said.has(names) && !isOfFee && !(isPart && !said.has('pay'))) return null;
  const whole = promised?.amount ?? known.balanceOf(account) * -1;
  const months = promised?.months ?? 0;
  const used = givenOf(scene) ?? usedOf(scene, whole, { months, from: scene.day });
  if (used === null || used <= 0) return why('how much of it is earned isn’t said');
  const income = known.account(serviceAs(known));
  return does(
    'Earned of what was received ahead',
    [debit(account, used), credit(income, used)],
    said.amounts.map(({ value }) => value),
  );
};

/** Somebody owes for what was done, or sold: nobody has told it before. */
function owedToUs(scene: Scene): Understood | null {
  const { said, known } = scene;
  const price = priceOf(said);
  const who = thingBefore(said, 'owe');
  if (
    !price ||
    said.has('since|from monthof|remain owe') ||
    known.remembered.owed.has(who.toLowerCase())
  )
    return null;
  const income = known.account(soldAs(thingAfter(said, 'for'), scene));
  const line = debit(known.account({ type: 'trade-receivables' }), price.total);
  known.remembered.owed.set(who.toLowerCase(), { name: titled(who), line, percent: null });
  return does(`${titled(who)} owes`, [line, credit(income, price.total)], price.uses);
}

/** `Work done for 250 is not invoiced yet`: earned, and nobody has been asked for it. */
export const earnedUnbilled: Event = (scene) => {
  const { said, known } = scene;
  const isUnbilled = said.has(
    'notyet invoice|notyet be invoice|notyet be bill|notyet bill|unbilled|not invoice|not bill|not be invoice|notyet receive|but notyet|notyet credit|to be receive|will be receive|be receive in|accrue income|accrue revenue|notyet be invoice|have notyet invoice',
  );
  const isEarned = said.has(
    'perform|service|earn|do|done|work|accrue|customer owe|hire charge|fees',
  );
  if (!isUnbilled && isOwingToUs(said) && said.has('for')) return owedToUs(scene);
  if (!isUnbilled || !isEarned || said.has('wage')) return null;
  if (said.first === null) return why('how much of it is earned isn’t said');
  const income = said.has('interest') ? { type: 'interest-received' } : serviceAs(known);
  const lines = [
    debit(known.account({ type: 'accrued-income' }), said.first),
    credit(known.account(income), said.first),
  ];
  return does('Earned, not yet invoiced', lines);
};

/** `Income tax of 400 is due on the profit`. */
export const taxOwed: Event = ({ said, known }) => {
  if (
    !said.has('incometax') ||
    said.first === null ||
    (said.verb === 'pay' && !said.has('be pay|notyet'))
  )
    return null;
  const lines = [
    debit(known.account({ type: 'income-tax' }), said.first),
    credit(known.account({ type: 'income-tax-payable' }), said.first),
  ];
  return does('Income tax', lines);
};
