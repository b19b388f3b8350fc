import type { Amount } from '../../../model/money/amount.js';
import type { Known, KnownAccount, Owed } from '../known.js';
import {
  discountIn,
  isAfterDiscount,
  moneyOf,
  owedOf,
  paidBy,
  lessIn,
  settledIn,
} from '../paid.js';
import { meansIn } from '../payment.js';
import { priceOf } from '../price.js';
import {
  AFTER_A_GAP,
  credit,
  debit,
  does,
  isSomebodyElse,
  phrase,
  thingAfter,
  thingBefore,
  thingFrom,
  why,
  wordsOf,
  type Event,
  type Scene,
  type Understood,
} from '../scene.js';
import { expenseOf, isGoods, plainExpense } from '../things.js';
import { partOf } from '../token.js';
import { Told } from '../told.js';

/** `A cheque for 1,400 is sent to Tarn Ropes`: by whom, nobody says; so it is ours. */
const isSent = (said: Told): boolean =>
  said.has('be send') && said.has('cheque|#amount by bank|supplier be send');

export const isPaying = ({ said }: Scene): boolean =>
  !said.has('which pay|which will pay|who pay|who will pay') && isPaid(said);

const isPaid = (said: Told): boolean =>
  said.has('pay|prepay') ||
  (said.has('supplier') && said.has('accept|accepts|accepted')) ||
  isSent(said) ||
  (said.verb === 'give' && !said.has('bring|onaccount')) ||
  said.verb === 'transfer' ||
  (said.has('be repay') && said.has('supplier|payable')) ||
  (said.verb === 'withdraw' && said.has('wage'));

/** How much of a debt is paid: an amount, a part of it, or all that is owed; less what is let off, where only that is said. */
export function paidOf({ said }: Scene, owed: Amount): Amount | null {
  if (said.has('less #amount') && said.amounts.length === 1 && !said.has('discount')) return null;
  if (said.first !== null) return said.first;
  if (said.has('owe at #day|owe on #day|due at #day|outstanding at #day|owe at begin')) return null;
  const [share] = said.of('share');
  if (share) return partOf(owed, share);
  return said.has(
    'balance|rest|remainder|all|atonce|owe|due|amount|whole|bill|invoice|debt|what|for|account|accounts',
  ) ||
    said.has('be pay|be repay') ||
    said.of('word').length <= 4 ||
    said.has('within') ||
    said.tokens.some((token) => /^settle/i.test(token.said))
    ? owed
    : null;
}

/** What somebody owes, or is owed. */
export interface Debt {
  readonly account: KnownAccount;
  readonly owed: Amount;
  readonly who: string;
  /** Whose it is, where somebody is known by name. */
  readonly of?: Owed;
}

const wordsIn = (text: string): string =>
  ` ${text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()} `;

/** Whether how much somebody owes is reckoned, and something was told of them that was not understood. */
export const isUnsure = ({ said, known }: Scene, of: Owed | undefined): boolean =>
  said.first === null &&
  of !== undefined &&
  known.gaps.some((text) => wordsIn(text).includes(wordsIn(of.name)));

/** A debt is paid, less a discount where one is taken. */
function paysDebt(scene: Scene, { account, owed, who, of }: Debt): Understood {
  const { known } = scene;
  if (isUnsure(scene, of)) return why(AFTER_A_GAP);
  const settled = settledIn(scene) ?? (scene.said.has('discount') ? lessIn(scene, owed) : null);
  const paid = settled?.gross ?? paidOf(scene, owed);
  if (paid === null || paid <= 0) return why(`how much of what is owed is paid isn’t said`);
  const discount = settled?.discount ?? discountIn(scene, paid) ?? 0;
  if (discount === 0 && scene.said.has('discount'))
    return why('how much the discount is isn’t said');
  const gross = !settled && isAfterDiscount(scene) ? paid + discount : paid;
  known.last = gross;
  if (of) known.settle(of, gross);
  const lines = [debit(account, gross), credit(moneyOf(scene), gross - discount)];
  const goods = known.isPerpetual ? 'inventory' : 'returns-taken';
  const taken = discount === 0 ? [] : [credit(known.account({ type: goods }), discount)];
  return does(`Pays ${who}`, [...lines, ...taken], [gross, paid, gross - discount]);
}

/** Whether what is paid is an expense by its name, and no debt is spoken of: `carriage on the flour`. */
const isExpense = ({ said }: Scene): boolean =>
  said.has('carriage|freight|delivery|repair|repairs|rent|insurance|wage|fuel') &&
  !said.has('owe|balance|bill|invoice|debt|supplier|due');

/** `Pays the electricity bill of 215`, where another bill waits: that of what is named. */
function isOtherBill(scene: Scene): boolean {
  const owed = owedOf(scene);
  const expense = owed?.name === 'Bill' ? expenseOf(wordsOf(scene), scene.known) : null;
  return expense !== null && !scene.known.remembered.owed.has((expense.name ?? '').toLowerCase());
}

/** `Paid the bill that had been recorded in January`. */
const isRecordedBefore = (said: Told): boolean =>
  said.has(
    'have be record|record in monthof|already record|have already be record|be already record',
  );

/** `Paid the bills from February`: what is owed from before, and no cost of this month. */
const billsOfBefore = ({ said, day }: Scene): boolean =>
  said.has('pay bill|pay invoice') &&
  said.has('from monthof|of monthof|for monthof') &&
  said.of('month').some(({ value }) => (value % 12) + 1 === Number(day.slice(5, 7)));

/** `Pays Fenn Ovens 1,000`, `pays for the clay`, `pays suppliers`: something that was owed. */
export const payingDebts: Event = (scene) => {
  const { said, known } = scene;
  const isTheirs =
    said.tokens[0]?.isNamed === true && said.verb === 'receive' && !said.has('bill|invoice');
  if (
    !(isPaying(scene) || isTheirs) ||
    ['buy', 'sell'].includes(said.verb) ||
    said.has('at a cost of')
  )
    return null;
  if (said.has('customer|interest')) return null;
  const isBefore = isRecordedBefore(said);
  const owed = !isBefore && (isExpense(scene) || isOtherBill(scene)) ? null : owedOf(scene);
  if (owed && owed.line.amount < 0) {
    const open = Math.min(-owed.line.amount, -known.balanceOf(owed.line.account));
    return paysDebt(scene, { account: owed.line.account, owed: open, who: owed.name, of: owed });
  }
  const isAccount =
    said.has('pay account|pay balance|pay bill|pay invoice') ||
    (said.has('account') && said.has('be pay')) ||
    isRecordedBefore(said) ||
    billsOfBefore(scene);
  if (!said.has('supplier|payable|pay #amount onaccount') && !isAccount) return null;
  if (said.has('pay #amount onaccount') && isPaidByName(said, said.indexOf('pay'))) return null;
  if (isAccount && isSomebodyElse(said, 'pay')) return null;
  const account = known.account({ type: 'trade-payables' });
  const open = -known.balanceOf(account);
  if (isAccount && !billsOfBefore(scene) && (said.first ?? 0) > open) return null;
  return paysDebt(scene, { account, owed: open, who: 'suppliers' });
};

const OWED: readonly (readonly [string, string])[] = [
  ['dividends-payable', 'dividend|dividends'],
  ['income-tax-payable', 'incometax'],
  ['sales-tax', 'vat'],
  [
    'wages-payable',
    'wage owe|owe wage|accrue wage|wage payable|owe to staff|wage be owe|outstanding wage',
  ],
  ['accrued-expense', 'accrue'],
  ['card-payable', 'creditcard bill|creditcard'],
];

/** What stood among what is owed and is paid now: wages, tax, a dividend that was granted. */
export const payingWhatWasOwed: Event = (scene) => {
  const { said, known } = scene;
  if (!isPaying(scene)) return null;
  const found = OWED.find(([type, words]) => said.has(words) && open(known, type) > 0);
  if (!found) return null;
  const [type] = found;
  const account = known.account({ type });
  const owed = open(known, type);
  const paid = paidOf(scene, owed);
  if (paid === null) return why('how much of it is paid isn’t said');
  return does(`Pays ${account.name.toLowerCase()}`, [
    debit(account, paid),
    credit(moneyOf(scene), paid),
  ]);
};

const open = (known: Known, type: string): Amount =>
  -known.ofType(type).reduce((sum, account) => sum + known.balanceOf(account), 0);

/** `The Otter Hotel pays`: only names stand before it. */
export const isPaidByName = ({ tokens }: Told, at: number): boolean =>
  at > 0 &&
  !plainExpense(phrase(tokens.slice(0, at))) &&
  tokens.slice(0, at).every(({ kind, isNamed }) => kind !== 'word' || isNamed === true);

/** What is paid for: named behind *pay*, behind *for* or *of*, or before it. */
export function paidThing({ said }: Scene): string {
  const at = Math.max(0, said.indexOf('pay', 'prepay', 'give', 'transfer', 'withdraw'));
  const found = [
    phrase(thingFrom(said.tokens, at + 1)),
    thingAfter(said, 'for'),
    thingAfter(said, 'of'),
    thingAfter(said, 'as'),
    thingAfter(said, 'on'),
    thingAfter(said, 'in'),
    // Whoever pays is nothing that is paid for.
    ...(isPaidByName(said, at) ? [] : [phrase(thingFrom(said.tokens, 0))]),
  ];
  const behind =
    said.tokens.slice(at).find(({ kind }) => kind === 'amount') ??
    said.tokens.find(({ kind }) => kind === 'amount');
  const after = behind ? phrase(thingFrom(said.tokens, said.tokens.indexOf(behind) + 1)) : '';
  return [after, ...found].filter((each) => each !== '').join(' ');
}

/** Months that something is paid ahead for: a span, a year’s premium, `until the end of April`. */
function monthsAhead({ said }: Scene): number {
  const [span] = said.of('span');
  if (span) return span.value;
  const [from, to] = said.of('month');
  const plain = new Told(said.tokens.filter(({ word }) => word !== '#year'));
  if (from && to && plain.has('monthof to monthof|monthof until monthof|monthof through monthof'))
    return ((to.value - from.value + 12) % 12) + 1;
  if (from && to && plain.has('monthof and monthof') && to.value === (from.value % 12) + 1)
    return 2;
  if (said.has('annual|yearly|year')) return 12;
  return said.has('quarter|quarterly') ? 3 : 0;
}

const isAhead = (scene: Scene): boolean => {
  const { said, day } = scene;
  const named = said.of('month').map(({ value }) => value);
  // `For January and February`, paid at the end of February.
  const isPast =
    named.length > 1 &&
    named.every((month, i) => month <= Number(day.slice(5, 7)) && month > (named[i - 1] ?? 0));
  if (isPast && Number(day.slice(8)) > 15 && !said.has('advance|prepay')) return false;
  const months = monthsAhead(scene);
  return (
    said.has('advance|prepay|prepayment') || months > 1 || (months === 1 && said.has('next month'))
  );
};

/** `Rates of 1,260 are paid, of which 315 is for next year`: the part that is paid ahead stands apart. */
function partlyAhead(scene: Scene): Understood | null {
  const { said, known } = scene;
  const [whole, ahead, ...more] = said.amounts;
  const isAheadOf =
    said.has('ofit|include|including') && said.has('next|relate|relates|following|advance|belongs');
  if (!whole || !ahead || more.length > 0 || !isAheadOf) return null;
  const expense = expenseOf(paidThing(scene), known);
  if (!expense) return why('what is paid for isn’t said');
  const name = `Prepaid ${(expense.name ?? 'expense').toLowerCase()}`;
  return does(expense.name ?? 'Paid', [
    debit(known.account(expense), whole.value - ahead.value),
    debit(known.account({ type: 'prepayment', name }), ahead.value),
    credit(moneyOf(scene), whole.value),
  ]);
}

/** `6,000 in rent for the year`: that of which the problem tells. */
const isForThisYear = ({ said, firstDay }: Scene): boolean =>
  said.has('for year') && !said.has('advance|prepay|annual|yearly') && firstDay.endsWith('-01-01');

/** `Pays 1,800 for three months’ rent`: paid ahead, and used up month by month. */
export const payingAhead: Event = (scene) => {
  const { said, known } = scene;
  const isPolicy = said.verb === '' && said.has('insurance') && meansIn(said) === 'bank';
  if (!(isPaying(scene) || isPolicy) || !isAhead(scene)) return null;
  if (said.has('loan|instalment|customer')) return null;
  const partly = partlyAhead(scene);
  if (partly) return partly;
  const price = priceOf(said);
  const expense = expenseOf(paidThing(scene), known) ?? expenseOf(wordsOf(scene), known);
  if (!price) return null;
  if (!expense) return why('what is paid ahead isn’t said');
  if (isForThisYear(scene) && expense.type !== 'insurance') return null;
  const called = expense.name ?? 'expense';
  const account = known.account({ type: 'prepayment', name: `Prepaid ${called.toLowerCase()}` });
  const months = monthsAhead(scene);
  const from = said.of('day').at(-1)?.day ?? scene.day;
  known.remembered.ahead.push({ account, expense, amount: price.total, months, from });
  known.last = price.total;
  return does(`${called} paid ahead`, [
    debit(account, price.total),
    credit(moneyOf(scene), price.total),
  ]);
};

/** `Pays a deposit of 500 for the workshop`: money that comes back. */
export const payingDeposit: Event = ({ said, known, ...scene }) => {
  const isBack = said.has(
    'returnable|refundable|deposit for|deposit on|a deposit of|security deposit|rent deposit',
  );
  const isOthers = said.has('customer|buy|into bank') || isSomebodyElse(said);
  if (!isBack || !said.has('pay') || isOthers || said.first === null) return null;
  const money = moneyOf({ said, known, ...scene });
  const lines = [
    debit(known.account({ type: 'deposit-paid' }), said.first),
    credit(money, said.first),
  ];
  return does('Deposit paid', lines);
};

/** `The paper arrives with an invoice`: what is kept under such a name, or is sold. */
function goodsCalled(thing: string, known: Known): KnownAccount | null {
  const kept = known.spokenOf(thing, ['inventory', 'supplies']);
  const type = known.isPerpetual ? 'inventory' : 'purchases';
  return kept ?? (isGoods(thing, known) ? known.account({ type }) : null);
}

/** `Receives the electricity bill of 240, to be paid next month`: used already, and owed. */
export const billed: Event = (scene) => {
  const { said, known } = scene;
  if (said.has('not|notyet|and pay|be pay from')) return null;
  if (!said.has('bill|invoice') || !said.has('receive|come|comes|arrives|arrive|from')) return null;
  if (said.has('customer') || said.has('pay bill') || said.first === null) return null;
  const words = thingBefore(said, 'arrive') || wordsOf(scene);
  const thing = thingAfter(said, 'for') || words;
  const goods = said.has('arrive') ? goodsCalled(thing, known) : null;
  const expense = goods ? null : (expenseOf(thing, known) ?? expenseOf(words, known));
  if (!goods && !expense) return why('what the bill is for isn’t said');
  const account = goods ?? known.account(expense ?? { type: '' });
  const owing = { wanted: { type: 'trade-payables' }, names: [expense?.name ?? thing, 'bill'] };
  const payments = [{ means: 'credit' as const, amount: said.first, said }];
  known.last = said.first;
  return does(`Bill for ${account.name.toLowerCase()}`, [
    debit(account, said.first),
    ...paidBy(known, payments, owing),
  ]);
};
