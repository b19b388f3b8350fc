import fc from 'fast-check';
import {
  balanceSheet,
  changesInEquity,
  profitAndLoss,
  profitOnSheet,
  type Entry,
} from '../src/index.js';
import { shareOut } from '../src/model/money/share.js';
import { EQUITY_COLUMNS } from '../src/accounting/statement/changes-in-equity.js';
import { anyBook } from './arbitrary-book.js';
import { acct, book, entry } from './builder.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };

const ACCOUNTS = [
  acct('bank', 'bank'),
  acct('owed', 'dividends-payable'),
  acct('capital', 'owner-capital', { name: 'Capital, Fen' }),
  acct('other', 'owner-capital', { name: 'Capital, Moss' }),
  acct('drawn', 'drawings', { name: 'Drawings, Fen' }),
  acct('drawn-too', 'drawings', { name: 'Drawings, Moss' }),
  acct('shares', 'share-capital'),
  acct('premium', 'share-premium'),
  acct('dividends', 'dividends'),
  acct('reserve', 'reserve'),
  acct('summary', 'income-summary'),
  acct('kept', 'retained-earnings'),
  acct('sales', 'goods-sales'),
  acct('rent', 'premises'),
];

const closing: Partial<Entry> = { kind: 'closing' };

/** What is not zero of each row, by account. */
function described(entries: readonly Entry[], opening: Record<string, number> = {}) {
  const { rows, total } = changesInEquity(book(ACCOUNTS, opening, entries), YEAR);
  expect(rows.reduce((sum, { closing: at }) => sum + at, 0)).toBe(total.closing);
  return Object.fromEntries(
    rows.flatMap(({ account, ...row }) => {
      const moved = Object.entries(row).filter(([, amount]) => amount !== 0);
      return moved.length === 0 ? [] : [[account?.id ?? 'profit', Object.fromEntries(moved)]];
    }),
  );
}

const TRADING = [
  entry('sold', '2027-03-01', { lines: { bank: 10_000, sales: -10_000 } }),
  entry('rented', '2027-04-01', { lines: { rent: 4_000, bank: -4_000 } }),
  entry('drawn', '2027-05-01', { lines: { drawn: 2_500, bank: -2_500 } }),
];

describe('changes in equity', () => {
  it('a sole trader’s capital gets the profit, not what drawings left of it', () => {
    const inOne = [
      ...TRADING,
      entry('close', '2027-12-31', {
        lines: { sales: 10_000, rent: -4_000, drawn: -2_500, capital: -3_500 },
        rest: closing,
      }),
    ];
    const inTwo = [
      ...TRADING,
      entry('close', '2027-12-31', {
        lines: { sales: 10_000, rent: -4_000, capital: -6_000 },
        rest: closing,
      }),
      entry('away', '2027-12-31', { lines: { capital: 2_500, drawn: -2_500 }, rest: closing }),
    ];
    const expected = {
      capital: { profit: 6_000, between: -2_500, closing: 3_500 },
      drawn: { takenOut: -2_500, between: 2_500 },
    };
    expect(described(inOne)).toEqual(expected);
    expect(described(inTwo)).toEqual(expected);
  });

  it('drawings that were closed and retired still say what was taken out', () => {
    const entries = [
      ...TRADING,
      entry('away', '2027-12-31', { lines: { capital: 2_500, drawn: -2_500 }, rest: closing }),
    ];
    const of = book(ACCOUNTS, {}, entries);
    const accounts = of.accounts.map((each) =>
      each.id === 'drawn' ? { ...each, retired: true } : each,
    );
    const { rows, total } = changesInEquity({ ...of, accounts }, YEAR);
    expect(rows.find(({ account }) => account?.id === 'drawn')?.takenOut).toBe(-2_500);
    expect([total.takenOut, total.between]).toEqual([-2_500, 0]);
  });

  it('through an income summary it is the same', () => {
    const through = [
      ...TRADING,
      entry('up', '2027-12-31', {
        lines: { sales: 10_000, rent: -4_000, summary: -6_000 },
        rest: closing,
      }),
      entry('on', '2027-12-31', { lines: { summary: 6_000, capital: -6_000 }, rest: closing }),
    ];
    expect(described(through)).toEqual({
      capital: { profit: 6_000, closing: 6_000 },
      drawn: { takenOut: -2_500, closing: -2_500 },
    });
  });

  it('partners have theirs, each less their own drawings', () => {
    const entries = [
      ...TRADING,
      entry('drawn-too', '2027-06-01', { lines: { 'drawn-too': 900, bank: -900 } }),
      entry('close', '2027-12-31', {
        lines: {
          sales: 10_000,
          rent: -4_000,
          drawn: -2_500,
          'drawn-too': -900,
          capital: -1_100,
          other: -1_500,
        },
        rest: closing,
      }),
    ];
    expect(described(entries)).toEqual({
      capital: { profit: 3_600, between: -2_500, closing: 1_100 },
      other: { profit: 2_400, between: -900, closing: 1_500 },
      drawn: { takenOut: -2_500, between: 2_500 },
      'drawn-too': { takenOut: -900, between: 900 },
    });
  });

  it('not closed yet, the profit is a row of its own; a dividend is taken out when it is granted', () => {
    const granted = entry('granted', '2027-06-01', { lines: { dividends: 700, owed: -700 } });
    expect(described([...TRADING.slice(0, 2), granted])).toEqual({
      dividends: { takenOut: -700, closing: -700 },
      profit: { profit: 6_000, closing: 6_000 },
    });
  });

  it('what goes from one equity account to another is neither contributed nor taken out', () => {
    const bonus = entry('bonus', '2027-06-01', { lines: { premium: 800, shares: -800 } });
    const aside = entry('aside', '2027-06-02', { lines: { kept: 300, reserve: -300 } });
    expect(described([bonus, aside], { bank: 2_000, premium: -1_500, kept: -500 })).toEqual({
      premium: { opening: 1_500, between: -800, closing: 700 },
      shares: { between: 800, closing: 800 },
      kept: { opening: 500, between: -300, closing: 200 },
      reserve: { between: 300, closing: 300 },
    });
  });

  it('both at once are told apart', () => {
    const both = entry('both', '2027-06-01', {
      lines: { premium: 800, bank: 200, shares: -1_000 },
    });
    expect(described([both])).toEqual({
      premium: { between: -800, closing: -800 },
      shares: { between: 800, contributed: 200, closing: 1_000 },
    });
  });

  it('a prior-period adjustment restates', () => {
    const late = entry('late', '2027-02-01', {
      lines: { kept: 450, bank: -450 },
      rest: { kind: 'prior-period-adjustment' },
    });
    expect(described([late], { bank: 500, kept: -500 })).toEqual({
      kept: { opening: 500, restated: -450, closing: 50 },
    });
  });

  it('whatever the book, the columns add up, the profit column is the profit, and it ends at the balance sheet', () => {
    fc.assert(
      fc.property(anyBook, fc.constantFrom('2027-03-31', '2027-12-31', '2028-02-01'), (of, to) => {
        const period = { from: '2027-01-01', to };
        const { rows, total } = changesInEquity(of, period);
        for (const row of [...rows, total]) {
          const parts = EQUITY_COLUMNS.filter((column) => column !== 'closing');
          expect(parts.reduce((sum, column) => sum + row[column], 0)).toBe(row.closing);
        }
        expect(total.closing).toBe(balanceSheet(of, to).totals.equity);
        const before = balanceSheet(of, '2026-12-31').totals.equity;
        const openedLater = of.entries.some(({ kind }) => kind === 'opening');
        if (!openedLater) expect(total.opening).toBe(before);
      }),
      { numRuns: 1000 },
    );
  });
});

const SUMMER = { from: '2027-05-01', to: '2027-09-30' };

describe('the profit on the balance sheet', () => {
  const on = (entries: readonly Entry[]) => profitOnSheet(book(ACCOUNTS, {}, entries), YEAR);
  const before = entry('before', '2026-12-31', { lines: { bank: 5_000, sales: -5_000 } });

  it('is the figure of profit and loss; earlier years’ are a line of their own', () => {
    expect(on(TRADING)).toEqual({ period: 6_000, soFar: 0, earlier: 0 });
    expect(on([before, ...TRADING])).toEqual({ period: 6_000, soFar: 0, earlier: 5_000 });
  });

  it('closing takes the earlier years’ first', () => {
    const old = entry('old', '2027-01-01', {
      lines: { sales: 5_000, kept: -5_000 },
      rest: closing,
    });
    const all = entry('all', '2027-12-31', {
      lines: { sales: 10_000, rent: -4_000, kept: -6_000 },
      rest: closing,
    });
    expect(on([before, old, ...TRADING])).toEqual({ period: 6_000, soFar: 0, earlier: 0 });
    expect(on([...TRADING, all])).toEqual({ period: 0, soFar: 0, earlier: 0 });
    expect(on([before, old, ...TRADING, all])).toEqual({ period: 0, soFar: 0, earlier: 0 });
    expect(on([before, ...TRADING, all])).toEqual({ period: 0, soFar: 0, earlier: 5_000 });
  });

  it('together they are all that has not been closed, whatever the book', () => {
    fc.assert(
      fc.property(anyBook, fc.constantFrom(YEAR, SUMMER), (of, when) => {
        const { period, soFar, earlier } = profitOnSheet(of, when);
        expect(period + soFar + earlier).toBe(balanceSheet(of, when.to).totals.profit);
        if (of.entries.every(({ kind }) => kind !== 'closing'))
          expect(period).toBe(profitAndLoss(of, when).totals.profit);
      }),
    );
  });
});

test('what is shared out in proportion adds up to the whole', () => {
  expect(shareOut(100, [1, 1, 1])).toEqual([33, 33, 34]);
  expect(shareOut(-100, [2, 0, 1, 0])).toEqual([-66, 0, -34, 0]);
  expect(shareOut(7, [0, 0])).toEqual([0, 7]);
  expect(shareOut(7, [])).toEqual([]);
  const amount = fc.integer({ min: -1e12, max: 1e12 });
  fc.assert(
    fc.property(
      amount,
      fc.array(fc.integer({ min: 0, max: 1e12 }), { minLength: 1 }),
      (total, weights) => {
        expect(shareOut(total, weights).reduce((sum, part) => sum + part, 0)).toBe(total);
      },
    ),
  );
});

describe('what waits in suspense', () => {
  it('is told beside the total, in credit above zero, and is in no column', () => {
    const accounts = [...ACCOUNTS, acct('waits', 'suspense')];
    const odd = entry('odd', '2027-06-01', { lines: { bank: 700, waits: -700 } });
    const { total, inSuspense } = changesInEquity(book(accounts, {}, [...TRADING, odd]), YEAR);
    expect(inSuspense).toBe(700);
    expect(total.closing).toBe(3_500);
  });

  it('is the difference of opening balances, too; nothing where all is explained', () => {
    const opened = { bank: 5_000, capital: -4_000 };
    expect(changesInEquity(book(ACCOUNTS, opened, []), YEAR).inSuspense).toBe(1_000);
    expect(changesInEquity(book(ACCOUNTS, {}, TRADING), YEAR).inSuspense).toBe(0);
  });
});
