import {
  checkWork,
  faultOf,
  kindOfFault,
  keyOf,
  noteOf,
  type Book,
  type CheckResult,
  type Told,
} from '../src/index.js';
import { acct, book, entry } from './builder.js';

/** Accounts by their types, in a company of its own. */
const ACCOUNTS: Readonly<Record<string, string>> = {
  bank: 'bank',
  debtors: 'trade-receivables',
  allowance: 'allowance-doubtful-debts',
  stock: 'inventory',
  ahead: 'prepayment',
  oven: 'plant-equipment',
  wear: 'accumulated-depreciation',
  owed: 'accrued-expense',
  pay: 'wages-payable',
  creditors: 'trade-payables',
  vat: 'sales-tax',
  early: 'deferred-income',
  loan: 'long-term-loan',
  capital: 'owner-capital',
  drawn: 'drawings',
  sales: 'goods-sales',
  courses: 'service-fees',
  taken: 'returns-taken',
  bought: 'purchases',
  cost: 'cost-of-goods-sold',
  wages: 'staff',
  rent: 'premises',
  mending: 'repairs',
  cover: 'insurance',
  lost: 'bad-debts',
  charge: 'depreciation-charge',
  gain: 'gain-on-disposal',
  other: 'sundry-income',
  interest: 'interest-paid',
  let: 'returns-given',
  post: 'carriage-out',
};

type Lines = Readonly<Record<string, number>>;

const bookWith = (lines: readonly Lines[]): Book => ({
  ...book([]),
  accounts: Object.entries(ACCOUNTS).map(([id, type]) => acct(id, type, { name: NAMES[id] ?? id })),
  entries: lines.map((each, i) =>
    entry(`e${i}`, `2027-03-0${i + 1}`, { lines: each, rest: { text: `What happened ${i}` } }),
  ),
});

const NAMES: Readonly<Record<string, string>> = {
  bank: 'Current account',
  debtors: 'Owed by customers',
  allowance: 'Allowance for doubtful debts',
  stock: 'Loaves and flour',
  ahead: 'Paid ahead',
  oven: 'Bread oven',
  wear: 'Oven, used up so far',
  owed: 'Electricity not yet billed',
  pay: 'Wages still owed',
  creditors: 'Owed to suppliers',
  vat: 'Tax on sales',
  early: 'Courses paid ahead',
  loan: 'Loan for the oven',
  capital: 'Capital, Mara Quist',
  drawn: 'Drawings',
  sales: 'Bread sold',
  courses: 'Baking courses',
  taken: 'Discounts taken',
  bought: 'Purchases',
  cost: 'Cost of bread sold',
  wages: 'Wages',
  rent: 'Rent and heat',
  mending: 'Repairs',
  cover: 'Insurance',
  lost: 'Bad debts',
  charge: 'Depreciation of the oven',
  gain: 'Gain on disposal',
  other: 'Sundry income',
  interest: 'Loan interest',
  let: 'Discounts allowed',
  post: 'Carriage out',
};

/** What happened as it should be recorded, as somebody recorded it, and what it is called. */
const FAULTS: readonly (readonly [string, Lines, Lines])[] = [
  [
    'A repair recorded as an asset',
    { mending: 24_000, bank: -24_000 },
    { oven: 24_000, bank: -24_000 },
  ],
  [
    'A repair recorded as an asset',
    { mending: 9_900, creditors: -9_900 },
    { oven: 9_900, creditors: -9_900 },
  ],
  [
    'An asset recorded as an expense',
    { oven: 310_000, bank: -310_000 },
    { mending: 310_000, bank: -310_000 },
  ],
  [
    'An asset recorded as an expense',
    { oven: 80_000, creditors: -80_000 },
    { rent: 80_000, creditors: -80_000 },
  ],
  [
    'The whole instalment recorded as interest',
    { loan: 50_000, interest: 4_500, bank: -54_500 },
    { interest: 54_500, bank: -54_500 },
  ],
  [
    'Interest recorded as repayment',
    { loan: 50_000, interest: 4_500, bank: -54_500 },
    { loan: 54_500, bank: -54_500 },
  ],
  [
    'Sales tax left in the sale',
    { bank: 12_000, sales: -10_000, vat: -2_000 },
    { bank: 12_000, sales: -12_000 },
  ],
  [
    'Sales tax left in the sale',
    { debtors: 6_000, courses: -5_000, vat: -1_000 },
    { debtors: 6_000, courses: -6_000 },
  ],
  [
    'Tax left in the purchase',
    { bought: 20_000, vat: 4_000, creditors: -24_000 },
    { bought: 24_000, creditors: -24_000 },
  ],
  [
    'Tax left in the purchase',
    { rent: 30_000, vat: 6_000, bank: -36_000 },
    { rent: 36_000, bank: -36_000 },
  ],
  [
    'A discount taken recorded as income of its own',
    { creditors: 40_000, bank: -39_200, taken: -800 },
    { creditors: 40_000, bank: -39_200, other: -800 },
  ],
  [
    'A discount taken recorded as income of its own',
    { creditors: 40_000, bank: -39_200, stock: -800 },
    { creditors: 40_000, bank: -39_200, other: -800 },
  ],
  [
    'A discount taken recorded as a lower cost',
    { creditors: 40_000, bank: -39_200, other: -800 },
    { creditors: 40_000, bank: -39_200, bought: -800 },
  ],
  [
    'A discount given recorded elsewhere',
    { bank: 9_800, let: 200, debtors: -10_000 },
    { bank: 9_800, post: 200, debtors: -10_000 },
  ],
  [
    'A debt written off, charged again',
    { allowance: 7_000, debtors: -7_000 },
    { lost: 7_000, debtors: -7_000 },
  ],
  [
    'A loss taken from the allowance',
    { lost: 7_000, debtors: -7_000 },
    { allowance: 7_000, debtors: -7_000 },
  ],
  [
    'What is paid ahead recorded as an expense',
    { ahead: 120_000, bank: -120_000 },
    { cover: 120_000, bank: -120_000 },
  ],
  [
    'What is paid ahead recorded as an expense',
    { cover: 30_000, ahead: 90_000, bank: -120_000 },
    { cover: 120_000, bank: -120_000 },
  ],
  [
    'What is used up recorded as paid ahead',
    { rent: 60_000, bank: -60_000 },
    { ahead: 60_000, bank: -60_000 },
  ],
  [
    'Money received ahead recorded as revenue',
    { bank: 45_000, early: -45_000 },
    { bank: 45_000, courses: -45_000 },
  ],
  [
    'Revenue recorded as received ahead',
    { bank: 45_000, courses: -45_000 },
    { bank: 45_000, early: -45_000 },
  ],
  [
    'Drawings recorded as wages',
    { drawn: 150_000, bank: -150_000 },
    { wages: 150_000, bank: -150_000 },
  ],
  [
    'Drawings recorded as an expense',
    { drawn: 8_000, bank: -8_000 },
    { rent: 8_000, bank: -8_000 },
  ],
  [
    'An expense recorded as drawings',
    { rent: 8_000, bank: -8_000 },
    { drawn: 8_000, bank: -8_000 },
  ],
  [
    'The owner’s money recorded as income',
    { bank: 500_000, capital: -500_000 },
    { bank: 500_000, sales: -500_000 },
  ],
  [
    'The owner’s money recorded as income',
    { bank: 500_000, capital: -500_000 },
    { bank: 500_000, other: -500_000 },
  ],
  [
    'Borrowed money recorded as income',
    { bank: 700_000, loan: -700_000 },
    { bank: 700_000, other: -700_000 },
  ],
  [
    'The sale of an asset recorded as revenue',
    { bank: 90_000, wear: 60_000, oven: -140_000, gain: -10_000 },
    { bank: 90_000, sales: -90_000 },
  ],
  [
    'The whole price of a sold asset recorded as gain',
    { bank: 90_000, wear: 60_000, oven: -140_000, gain: -10_000 },
    { bank: 90_000, gain: -90_000 },
  ],
  [
    'The cost of the sale forgotten',
    { bank: 20_000, sales: -20_000, cost: 11_000, stock: -11_000 },
    { bank: 20_000, sales: -20_000 },
  ],
  [
    'Goods for stock recorded as purchases',
    { stock: 33_000, creditors: -33_000 },
    { bought: 33_000, creditors: -33_000 },
  ],
  [
    'Purchases recorded in stock',
    { bought: 33_000, creditors: -33_000 },
    { stock: 33_000, creditors: -33_000 },
  ],
  [
    'Depreciation taken from the asset itself',
    { charge: 25_000, wear: -25_000 },
    { charge: 25_000, oven: -25_000 },
  ],
  [
    'What was owed charged a second time when it was paid',
    { pay: 64_000, bank: -64_000 },
    { wages: 64_000, bank: -64_000 },
  ],
  [
    'What was owed charged a second time when it was paid',
    { owed: 12_300, bank: -12_300 },
    { rent: 12_300, bank: -12_300 },
  ],
  [
    'The payment of a supplier charged a second time',
    { creditors: 18_000, bank: -18_000 },
    { bought: 18_000, bank: -18_000 },
  ],
  [
    'Money from a customer recorded as another sale',
    { bank: 26_000, debtors: -26_000 },
    { bank: 26_000, sales: -26_000 },
  ],
  [
    'Debit and credit turned round',
    { rent: 41_000, bank: -41_000 },
    { bank: 41_000, rent: -41_000 },
  ],
  [
    'Digits of an amount exchanged',
    { rent: 86_000, bank: -86_000 },
    { rent: 68_000, bank: -68_000 },
  ],
  ['A nought too many', { rent: 8_600, bank: -8_600 }, { rent: 86_000, bank: -86_000 }],
  ['A nought too few', { rent: 8_600, bank: -8_600 }, { rent: 860, bank: -860 }],
  [
    'Only one part of a split bill recorded',
    { rent: 5_000, cover: 7_000, bank: -12_000 },
    { rent: 5_000, bank: -5_000 },
  ],
];

function noteTo(fault: CheckResult | undefined): Told {
  if (!fault) throw new Error('nothing is told');
  return noteOf(fault);
}

const BESIDE: Lines = { bank: 77_700, sales: -77_700 };

describe.each(FAULTS)('%s', (called, right, taken) => {
  const key = keyOf(bookWith([BESIDE, right]));
  const marked = checkWork(key, bookWith([BESIDE, taken]));
  const [fault, ...more] = marked.results.filter(({ outcome }) => outcome === 'not-met');

  it(`${JSON.stringify(right)}, recorded as ${JSON.stringify(taken)}: is one fault, called so`, () => {
    expect(more.map(({ ref }) => ref)).toEqual([]);
    expect(fault && [fault.ref, faultOf(fault)]).toEqual(['entry.amounts:e1', called]);
    // Who is not told what belongs there is not told what was misunderstood.
    expect(fault && kindOfFault(fault)).toBe('Entry not right');
  });

  it('is told as it is recorded, as it should be, why, and what to do', () => {
    const note = noteTo(fault);
    const shown = (side: 1 | -1, lines: Lines) =>
      Object.entries(lines)
        .filter(([, amount]) => Math.sign(amount) === side)
        .map(([account]) => NAMES[account]);
    for (const name of [...shown(1, taken), ...shown(-1, taken)])
      expect(note.there).toContain(name);
    const [debits = '', credits = ''] =
      /Right is: (.*)\.$/.exec(note.belongs)?.[1]?.split('; ') ?? [];
    for (const name of shown(1, right)) expect(debits).toContain(name);
    for (const name of shown(-1, right)) expect(credits).toContain(name);
    expect(note.why.length).toBeGreaterThan(30);
    expect(note.now).not.toBe('');
  });
});

it('an entry recorded twice is called so, with the day on which it stands already', () => {
  const key = keyOf(bookWith([BESIDE, { rent: 41_000, bank: -41_000 }]));
  const twice = bookWith([
    BESIDE,
    { rent: 41_000, bank: -41_000 },
    { rent: 41_000, bank: -41_000 },
  ]);
  const [fault, ...more] = checkWork(key, twice).results.filter(
    (each) => each.outcome === 'not-met',
  );
  expect(more).toEqual([]);
  expect(fault && faultOf(fault)).toBe('An entry recorded twice');
  expect(fault && noteOf(fault).there).toContain('It stands there already');
});

it('an entry that is missing is told with debit and credit, and why', () => {
  for (const [, right] of FAULTS) {
    const marked = checkWork(keyOf(bookWith([BESIDE, right])), bookWith([BESIDE]));
    const fault = marked.results.find(({ ref }) => ref === 'entry.present:e1');
    const { there, belongs, why } = noteTo(fault);
    expect(there).toBe('');
    expect(belongs).toMatch(/Right is: debit .+; credit .+\.$/);
    expect(why).toMatch(/^[A-Z].{20,}\.$/);
  }
});
