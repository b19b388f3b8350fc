import {
  balanceSheet,
  changesInEquity,
  ledgerSheet,
  profitRows,
  spreadFigures,
  profitRowsBeside,
  statementSheets,
  type HandoutRow,
} from '../src/index.js';
import { sectionFigures } from '../src/accounting/statement/section-figures.js';
import { balancesOf, ledgerOf, linesOf } from '../src/accounting/ledger/balances.js';
import { acct, book, entry } from './builder.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };

/** Opens 120.00 apart: 500.00 in the bank, 380.00 of capital. */
const apart = book([acct('bank', 'bank'), acct('capital', 'owner-capital')], {
  bank: 50_000,
  capital: -38_000,
});

/** The same with a suspense account of its own, under another account. */
const own = book(
  [
    acct('bank', 'bank'),
    acct('others', 'sundry-receivable'),
    acct('unexplained', 'suspense', { parent: 'others' }),
    acct('capital', 'owner-capital'),
  ],
  { bank: 50_000, unexplained: -12_000, capital: -38_000 },
);

describe('what waits in suspense', () => {
  test.each([apart, own])('is a line of its own where only sections are shown', (of) => {
    const { sections, totals } = balanceSheet(of, YEAR.to, 'section');
    const shown = sections
      .filter(({ total }) => total !== 0)
      .map(({ name, total }) => [name, total]);
    expect(shown).toEqual([
      ['Current assets', 50_000],
      [expect.stringMatching(/Suspense|unexplained/), -12_000],
      ['Equity', 38_000],
    ]);
    expect(totals.assets).toBe(38_000);
  });

  test('is a line of its own where accounts are shown under their parents', () => {
    const current = sectionFigures(own, balancesOf(own), 'parent').find(
      ({ id }) => id === 'current-assets',
    );
    expect(current?.lines.map(({ account, amount }) => [account.id, amount])).toEqual([
      ['bank', 50_000],
      ['others', 0],
      ['unexplained', -12_000],
    ]);
    expect(current?.total).toBe(38_000);
  });

  test('stands in the ledger, too, so that it adds up to nothing', () => {
    const { rows } = ledgerSheet(apart, YEAR);
    const said = JSON.stringify(rows);
    expect(said).toContain('Suspense: opening difference');
    expect(said).toContain('-12000');
  });
});

test('what an asset was written up by is neither contributed nor earned', () => {
  const land = book(
    [
      acct('field', 'land'),
      acct('reserve', 'revaluation-reserve'),
      acct('capital', 'share-capital'),
      acct('kept', 'retained-earnings'),
    ],
    { field: 100_000, capital: -100_000 },
  );
  const up = entry('up', '2027-06-30', { lines: { field: 20_000, reserve: -20_000 } });
  const realised = entry('down', '2027-09-30', { lines: { reserve: 5000, kept: -5000 } });
  const { total, rows } = changesInEquity({ ...land, entries: [up, realised] }, YEAR);
  expect(total).toMatchObject({ revalued: 20_000, contributed: 0, takenOut: 0, between: 0 });
  expect(rows.find(({ account }) => account?.id === 'reserve')).toMatchObject({
    revalued: 20_000,
    between: -5000,
    closing: 15_000,
  });
});

describe('profit before an interim period', () => {
  const shop = book(
    [acct('bank', 'bank'), acct('capital', 'owner-capital'), acct('sales', 'goods-sales')],
    { bank: 10_000, capital: -10_000 },
  );
  const earns = (id: string, day: string, amount: number) =>
    entry(id, day, { lines: { bank: amount, sales: -amount } });
  const rowsOf = (entries: ReturnType<typeof earns>[], from: string, to: string) => {
    const of = { ...shop, entries };
    return profitRows(of.scheme, spreadFigures(of, { from, to })).map(({ name, amount }) => [
      name,
      amount,
    ]);
  };

  test('of the same year is the year’s, so far; nobody forgot to close it', () => {
    const year = [earns('a', '2027-02-01', 300), earns('b', '2027-05-01', 500)];
    expect(rowsOf(year, '2027-04-01', '2027-06-30')).toEqual([
      ['Profit of the year before this period', 300],
      ['Profit for the period', 500],
    ]);
  });

  test('of an earlier year is not closed yet, and stands apart from it', () => {
    const years = [
      earns('a', '2027-02-01', 300),
      earns('b', '2028-02-01', 200),
      earns('c', '2028-05-01', 500),
    ];
    expect(rowsOf(years, '2028-04-01', '2028-06-30')).toEqual([
      ['Profit of earlier years, not yet closed', 300],
      ['Profit of the year before this period', 200],
      ['Profit for the period', 500],
    ]);
  });
});

describe('beside another date', () => {
  const sums = (rows: readonly HandoutRow[], column: number, names: RegExp) =>
    rows
      .filter(({ cells: [name] }) => typeof name === 'string' && names.test(name))
      .map(({ cells }) => cells[column])
      .reduce(
        (all, cell) => all + (typeof cell === 'object' && 'amount' in cell ? cell.amount : 0),
        0,
      );

  test('what waited in suspense then stands there, though nothing waits now', () => {
    const own = {
      ...book(
        [acct('bank', 'bank'), acct('unexplained', 'suspense'), acct('capital', 'owner-capital')],
        { bank: 50_000, unexplained: -12_000, capital: -38_000 },
      ),
      entries: [entry('found', '2027-03-01', { lines: { unexplained: 12_000, capital: -12_000 } })],
    };
    const against = { from: '2027-01-01', to: '2027-02-28' };
    const [sheet] = statementSheets(own, {
      ...{ shown: 'spread', period: YEAR, against, level: 'section', method: 'indirect' },
    });
    const rows = sheet?.rows ?? [];
    expect(sums(rows, 1, /^(Current assets|unexplained)/)).toBe(50_000);
    expect(sums(rows, 2, /^(Current assets|unexplained)/)).toBe(38_000);
    expect(sums(rows, 2, /^Total assets/)).toBe(38_000);
  });

  test('a profit that only the other date has is a row of it', () => {
    const shop = book([acct('bank', 'bank'), acct('sales', 'goods-sales')], {});
    const year = {
      ...shop,
      entries: [entry('a', '2027-02-01', { lines: { bank: 300, sales: -300 } })],
    };
    const of = (from: string, to: string) => spreadFigures(year, { from, to });
    const rows = profitRowsBeside(
      year.scheme,
      of('2027-01-01', '2027-03-31'),
      of('2027-04-01', '2027-06-30'),
    );
    expect(rows.map(({ name, amount, other }) => [name, amount, other])).toEqual([
      ['Profit of the year before this period', 0, 300],
      ['Profit for the period', 300, 0],
    ]);
  });
});

test('a suspense account that opens with just what is apart has no line of nothing in the ledger', () => {
  const exact = book([acct('bank', 'bank'), acct('unexplained', 'suspense')], {
    bank: 500,
    unexplained: 300,
  });
  const even = book(
    [acct('bank', 'bank'), acct('unexplained', 'suspense'), acct('capital', 'owner-capital')],
    { bank: 700, unexplained: 300, capital: -700 },
  );
  expect(linesOf(exact, 'unexplained').map(({ amount }) => amount)).toEqual([-500]);
  expect(linesOf(even, 'unexplained')).toEqual([]);
  expect(ledgerOf(even).has('unexplained')).toBe(false);
});
