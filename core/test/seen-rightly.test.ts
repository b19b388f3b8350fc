import { checkWork, keyOf, noteOf, startingPoint, type Account, type Book } from '../src/index.js';
import { acct, book, entry } from './builder.js';

const named = (id: string, type: string, name: string, number: string): Account =>
  acct(id, type, { name, number });

/** A pottery in its first month. */
const studio = (): Book =>
  book(
    [
      named('bank', 'bank', 'Bank, current account', '1010'),
      named('till', 'cash-in-hand', 'Cash box', '1020'),
      named('owed', 'trade-receivables', 'Trade receivables', '1100'),
      named('clay', 'supplies', 'Clay and glazes', '1200'),
      named('ahead', 'prepayment', 'Prepaid insurance', '1300'),
      named('kiln', 'plant-equipment', 'Kiln', '1510'),
      named('wheels', 'plant-equipment', 'Throwing wheels', '1520'),
      named('creditors', 'trade-payables', 'Trade payables', '2010'),
      named('wages-due', 'wages-payable', 'Wages owed', '2100'),
      named('loan-now', 'loan-within-year', 'Kiln loan, due within a year', '2400'),
      named('loan', 'long-term-loan', 'Kiln loan', '2510'),
      named('capital', 'owner-capital', 'Capital, Nell Farrow', '3010'),
      named('kept', 'retained-earnings', 'Retained earnings', '3100'),
      named('pots', 'goods-sales', 'Pots sold', '4010'),
      named('classes', 'service-fees', 'Pottery classes', '4020'),
      named('used', 'other-direct-cost', 'Clay used', '5010'),
      named('rent', 'premises', 'Rent', '6010'),
      named('power', 'premises', 'Electricity', '6020'),
      named('phone', 'office', 'Telephone', '6100'),
      named('wages', 'staff', 'Office wages', '6200'),
      named('cover', 'insurance', 'Insurance', '6300'),
      named('sundry', 'sundry-operating', 'Sundry expenses', '6400'),
    ],
    {
      bank: 820_000,
      till: 15_000,
      owed: 64_000,
      clay: 42_000,
      ahead: 36_000,
      kiln: 960_000,
      wheels: 240_000,
      creditors: -38_000,
      'loan-now': -120_000,
      loan: -480_000,
      capital: -1_456_000,
      kept: -83_000,
    },
    [
      entry('e1', '2027-01-04', { lines: { rent: 90_000, bank: -90_000 } }),
      entry('e2', '2027-01-11', { lines: { till: 57_000, pots: -57_000 } }),
      entry('e3', '2027-01-15', {
        lines: { bank: 132_000, classes: -132_000 },
        rest: { text: 'Morning class' },
      }),
      entry('e4', '2027-01-15', {
        lines: { bank: 80_000, classes: -80_000 },
        rest: { text: 'Evening class' },
      }),
      entry('e5', '2027-01-20', { lines: { power: 21_000, bank: -21_000 } }),
      entry('e6', '2027-01-22', { lines: { phone: 6_000, bank: -6_000 } }),
      entry('e7', '2027-01-25', { lines: { wages: 48_000, bank: -48_000 } }),
      entry('e8', '2027-01-28', { lines: { wheels: 60_000, bank: -60_000 } }),
      entry('e9', '2027-01-31', { lines: { cover: 3_000, ahead: -3_000 } }),
      entry('e10', '2027-01-31', { lines: { used: 11_000, clay: -11_000 } }),
      entry('e11', '2027-01-31', { lines: { wages: 12_000, 'wages-due': -12_000 } }),
      entry('e12', '2027-01-26', { lines: { sundry: 3_500, till: -3_500 } }),
    ],
  );

const KEY = keyOf(studio(), {
  statementDates: [
    { statement: 'balance-sheet', at: '2027-01-31' },
    { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-01-31' },
  ],
});
const start = startingPoint(studio(), 'company-only', { faults: {}, seed: 1 });

/** What is marked in a work, and what it costs. */
function marked(work: Book) {
  const { points, of, results } = checkWork(KEY, work, { start });
  const faults = results.filter(({ outcome }) => outcome === 'not-met');
  return { refs: faults.map(({ ref }) => ref), lost: of - points, told: faults.map(noteOf) };
}

/** All that stands on an account stands on another instead, and the account is not there. */
function on(work: Book, from: string, to: string): Book {
  const { [from]: opening = 0, ...balances } = work.opening.balances;
  const put = (account: string) => (account === from ? to : account);
  return {
    ...work,
    accounts: work.accounts.filter(({ id }) => id !== from),
    opening: { ...work.opening, balances: { ...balances, [to]: (balances[to] ?? 0) + opening } },
    entries: work.entries.map((each) => ({
      ...each,
      lines: each.lines.map((line) => ({ ...line, account: put(line.account) })),
    })),
  };
}

const adding = (work: Book, ...more: Account[]): Book => ({
  ...work,
  accounts: [...work.accounts, ...more],
});

const recorded = (work: Book, lines: Readonly<Record<string, Record<string, number>>>): Book => ({
  ...work,
  entries: work.entries.map((each) =>
    lines[each.id]
      ? entry(each.id, each.date, { lines: lines[each.id] ?? {}, rest: { text: each.text } })
      : each,
  ),
});

test('the key itself loses nothing', () => {
  expect(marked(studio())).toMatchObject({ refs: [], lost: 0 });
});

describe('an account whose amounts stand on another is missing, and that is told', () => {
  const suspense = named('waits', 'suspense', 'Suspense account', '1490');
  it.each([
    ['on one of its type', on(studio(), 'wheels', 'kiln'), 'wheels', 'Kiln'],
    ['on one of its section', on(studio(), 'power', 'rent'), 'power', 'Rent'],
    ['on another debt', on(studio(), 'wages-due', 'creditors'), 'wages-due', 'Trade payables'],
    ['in suspense', on(adding(studio(), suspense), 'ahead', 'waits'), 'ahead', 'Suspense account'],
    ['on the loan that it is part of', on(studio(), 'loan-now', 'loan'), 'loan-now', 'Kiln loan'],
  ])('%s', (_, work, missing, stands) => {
    const { refs, told, lost } = marked(work);
    expect(refs).toEqual([`account.present:${missing}`]);
    expect(told[0]?.belongs).toContain(`Its amounts stand on “${stands}”.`);
    const entryLeftOut = marked({
      ...studio(),
      entries: studio().entries.filter(({ id }) => id !== 'e5'),
    }).lost;
    const openings = Object.keys(studio().opening.balances).includes(missing) ? 2 : 0;
    expect(lost).toBeLessThanOrEqual(entryLeftOut + openings);
  });
});

describe('two faults that cancel each other are both found', () => {
  it.each([
    [
      'amounts of two sales of one day',
      { e3: { bank: 142_000, classes: -142_000 }, e4: { bank: 70_000, classes: -70_000 } },
      ['entry.amounts:e3', 'entry.amounts:e4'],
    ],
    [
      'accounts of two adjustments of one day',
      { e9: { used: 3_000, ahead: -3_000 }, e10: { used: 8_000, cover: 3_000, clay: -11_000 } },
      ['entry.amounts:e9', 'entry.amounts:e10'],
    ],
  ])('%s', (_, lines, refs) => {
    expect(marked(recorded(studio(), lines)).refs).toEqual(refs);
  });
});

describe('one thing is told once', () => {
  it.each(['kept', 'capital'])('an opening that %s took up', (owners) => {
    const work = studio();
    const { balances } = work.opening;
    const taken = { ...balances, owed: 46_000, [owners]: (balances[owners] ?? 0) + 18_000 };
    expect(marked({ ...work, opening: { ...work.opening, balances: taken } }).refs).toEqual([
      'opening.amount:owed',
    ]);
  });

  it('an account too many that holds a part of another, with a name of its own', () => {
    const work = adding(
      studio(),
      acct('quorum', 'bank', { name: 'Quorum balance', number: '1011', parent: 'bank' }),
    );
    const { balances } = work.opening;
    const parted = { ...balances, bank: 720_000, quorum: 100_000 };
    expect(marked({ ...work, opening: { ...work.opening, balances: parted } }).refs).toEqual([
      'account.leftover:quorum',
    ]);
  });
});

describe('what is another way costs nothing', () => {
  const without = (id: string) => studio().entries.filter((each) => each.id !== id);
  it('a wrong amount that a second entry puts right', () => {
    const entries = [
      ...without('e5'),
      entry('a', '2027-01-20', { lines: { power: 12_000, bank: -12_000 } }),
      entry('b', '2027-01-21', { lines: { power: 9_000, bank: -9_000 } }),
    ];
    expect(marked({ ...studio(), entries })).toMatchObject({ refs: [], lost: 0 });
  });

  it('one account that is called after two, though they are of two types', () => {
    const work = on(studio(), 'phone', 'power');
    const renamed = work.accounts.map((each) =>
      each.id === 'power' ? { ...each, name: 'Electricity and telephone' } : each,
    );
    expect(marked({ ...work, accounts: renamed })).toMatchObject({ refs: [], lost: 0 });
  });

  it('a division into several accounts, whatever they are called', () => {
    const more = ['North drawer', 'South drawer'].map((name, i) =>
      acct(`drawer${i}`, 'cash-in-hand', { name, number: `102${i + 1}`, parent: 'till' }),
    );
    const work = adding(studio(), ...more);
    const { balances } = work.opening;
    const parted = { ...balances, till: 0, drawer0: 10_000, drawer1: 5_000 };
    const parts = recorded(work, {
      e2: { drawer0: 57_000, pots: -57_000 },
      e12: { sundry: 3_500, drawer1: -3_500 },
    });
    expect(marked({ ...parts, opening: { ...work.opening, balances: parted } })).toMatchObject({
      refs: [],
      lost: 0,
    });
  });
});

it('another account’s word for a name is told', () => {
  const renamed = (id: string, name: string): Book => ({
    ...studio(),
    accounts: studio().accounts.map((each) => (each.id === id ? { ...each, name } : each)),
  });
  expect(marked(renamed('wages', 'Miscellaneous expenses')).refs).toEqual(['account.name:wages']);
  expect(marked(renamed('wages-due', 'Wages paid in advance')).refs).toEqual([
    'account.name:wages-due',
  ]);
});
