import fc from 'fast-check';
import {
  balanceSheet,
  cashFlow,
  cellShown,
  handoutOf,
  handoutToTable,
  journalSheet,
  ledgerSheet,
  readAccountTable,
  sheetSays,
  statementSheets,
  type Handout,
} from '../src/index.js';
import { anyBook } from './arbitrary-book.js';
import { acct, book, entry } from './builder.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };
const SPRING = { from: '2027-03-01', to: '2027-05-31' };
const WANTED = { period: YEAR, level: 'account', against: null, method: 'indirect' } as const;

const kiln = {
  ...book(
    [
      acct('bank', 'bank', { number: '1010' }),
      acct('kiln', 'plant-equipment', { number: '1510' }),
      acct('idle', 'vehicles', { number: '1520' }),
      acct('owed', 'trade-payables', { number: '2010' }),
      acct('capital', 'owner-capital', { number: '3010' }),
    ],
    { bank: 90_000, capital: -90_000 },
  ),
  entries: [
    entry('first', '2027-02-08', { lines: { kiln: 50_000, bank: -20_000, owed: -30_000 } }),
    entry('second', '2027-03-05', { lines: { owed: 30_000, bank: -30_000 } }),
  ],
};

const shown = (sheet: Handout): string[] =>
  sheet.rows.map(({ cells }) => cells.map((cell) => cellShown(sheet, cell)).join(' | '));

describe('a ledger on paper', () => {
  test('begins with what stood there, names the other side, ends with its totals', () => {
    expect(shown(ledgerSheet(kiln, SPRING))).toEqual([
      '1010 bank',
      ' |  | At the beginning |  |  |  | 700',
      '5\u00a0Mar\u00a02027 |  | second | 2010 owed |  | 300 | 400',
      ' |  | Total |  |  | 300 | 400',
      '1510 kiln',
      ' |  | At the beginning |  |  |  | 500',
      ' |  | Total |  |  |  | 500',
      '2010 owed',
      ' |  | At the beginning |  |  |  | (300)',
      '5\u00a0Mar\u00a02027 |  | second | 1010 bank | 300 |  | –',
      ' |  | Total |  | 300 |  | –',
      '3010 capital',
      ' |  | At the beginning |  |  |  | (900)',
      ' |  | Total |  |  |  | (900)',
    ]);
  });

  test('says how many stand on the other side of a line, where they are several', () => {
    expect(shown(ledgerSheet(kiln, YEAR)).filter((row) => row.includes('first'))).toEqual([
      '8\u00a0Feb\u00a02027 |  | first | 1510 kiln |  | 200 | 700',
      '8\u00a0Feb\u00a02027 |  | first | 2 accounts | 500 |  | 500',
      '8\u00a0Feb\u00a02027 |  | first | 1510 kiln |  | 300 | (300)',
    ]);
  });
});

test('a sheet says its company, its dates and its currency', () => {
  const [sheet] = statementSheets(kiln, { ...WANTED, shown: 'trial' });
  expect(sheet && sheetSays(sheet)).toBe(
    'Heron Quay Stores. as at 31 December 2027; moved since 1 January 2027. amounts in EUR',
  );
});

test('a trial balance leaves out what is nothing, where that is wanted', () => {
  const rows = (zeros: boolean) =>
    statementSheets(kiln, { ...WANTED, shown: 'trial', zeros }).flatMap(shown);
  expect(rows(true).filter((row) => row.startsWith('1520'))).toHaveLength(1);
  expect(rows(false).filter((row) => row.startsWith('1520'))).toHaveLength(0);
  expect(rows(false).at(-1)).toBe(rows(true).at(-1));
});

test('in a table number and name stand in two columns, days as ISO 8601 has them, amounts as decimals', () => {
  const [heads, first] = handoutToTable(journalSheet(kiln));
  expect(heads).toEqual([
    'Day',
    'Reference',
    'What happened',
    'Number',
    'Account',
    'Debit',
    'Credit',
  ]);
  expect(first).toEqual(['2027-02-08', '', 'first', '1510', 'kiln', '500.00', '']);
});

test('the money at the beginning and at the end of a cash flow is what the accounts say', () => {
  fc.assert(
    fc.property(anyBook, fc.constantFrom(YEAR, SPRING), (of, period) => {
      const { before, movement } = cashFlow(of, period);
      const cash = (at: string) =>
        balanceSheet(of, at).sections.flatMap(({ lines, class: side }) =>
          lines.flatMap(({ account, amount }) =>
            ['bank', 'cash-in-hand', 'bank-overdraft'].includes(account.type ?? '')
              ? [side === 'asset' ? amount : -amount]
              : [],
          ),
        );
      const end = cash(period.to).reduce((sum, each) => sum + each, 0);
      const others = of.accounts.some(({ cashFlow: own }) => own === 'cash');
      if (!others) expect(before + movement).toBe(end);
    }),
    { numRuns: 200 },
  );
});

test('every figure of a sheet is in its table, to the cent', () => {
  fc.assert(
    fc.property(
      anyBook,
      fc.constantFrom('spread', 'trial', 'cash', 'equity', 'ledger' as const),
      (of, what) => {
        for (const sheet of statementSheets(of, { ...WANTED, shown: what })) {
          const [heads = [], ...rows] = handoutToTable(sheet);
          const there = rows.map((row) =>
            row.flatMap((cell) =>
              /^-?\d+\.\d\d$/.test(cell) ? [Math.round(Number(cell) * 100)] : [],
            ),
          );
          const wanted = sheet.rows.map(({ cells }) =>
            cells.flatMap((cell) =>
              typeof cell !== 'string' && 'amount' in cell ? [cell.amount] : [],
            ),
          );
          expect(there).toEqual(wanted);
          for (const row of rows)
            if (row.length > 1) expect(row.length).toBeLessThanOrEqual(heads.length);
        }
      },
    ),
    { numRuns: 100 },
  );
});

test('a cash flow says which way its lines went', () => {
  const names = (method: 'direct' | 'indirect') =>
    statementSheets(kiln, { ...WANTED, shown: 'cash', method })
      .flatMap(shown)
      .filter((row) => /kiln|owed/.test(row) && !row.includes('2027'));
  expect(names('indirect')).toEqual(['2010 Decrease in owed | (300)', '1510 Paid: kiln | (200)']);
  const sold = {
    ...book(
      [
        acct('bank', 'bank', { number: '1010' }),
        acct('debtors', 'trade-receivables', { number: '1100' }),
        acct('owed', 'trade-payables', { number: '2010' }),
        acct('sales', 'goods-sales', { number: '4010' }),
        acct('rent', 'premises', { number: '6010' }),
      ],
      {},
    ),
    entries: [
      entry('sold', '2027-02-08', { lines: { debtors: 900, sales: -900 } }),
      entry('got', '2027-02-09', { lines: { bank: 400, debtors: -400 } }),
      entry('rented', '2027-02-10', { lines: { rent: 300, owed: -300 } }),
    ],
  };
  const rows = (method: 'direct' | 'indirect') =>
    statementSheets(sold, { ...WANTED, shown: 'cash', method }).flatMap(shown);
  expect(rows('indirect')).toEqual(
    expect.arrayContaining(['1100 Increase in debtors | (5)', '2010 Increase in owed | 3']),
  );
  expect(rows('direct')).toEqual(expect.arrayContaining(['1100 Received: debtors | 4']));
});

test('a chart that was saved below what it is of is read again, account by account', () => {
  const sheet = handoutOf(kiln, { kind: 'chart', answers: true, order: 'number' });
  const cells = [[sheet.title], [sheetSays(sheet)], [], ...handoutToTable(sheet)];
  const read = readAccountTable(cells, { scheme: kiln.scheme, digits: 2, guessTypes: true });
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  expect(read.value.rows.map(({ name, number, type }) => [number, name, type])).toEqual(
    expect.arrayContaining(
      kiln.accounts.map(({ number, name, type }) => [number, name, type]),
    ) as unknown,
  );
});
