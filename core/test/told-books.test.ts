import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  balanceSheet,
  cashFlow,
  changesInEquity,
  profitAndLoss,
  whoOwes,
  type Book,
} from '../src/index.js';
import { EQUITY_COLUMNS } from '../src/accounting/statement/changes-in-equity.js';
import { balancesOf, upTo } from '../src/accounting/ledger/balances.js';
import { toldBooks, type Answer, type ToldBook } from './told-book.js';

const FOLDER = join(import.meta.dirname, 'books');

const FILES = readdirSync(FOLDER).map((file) => ({
  file,
  books: toldBooks(readFileSync(join(FOLDER, file), 'utf8')),
}));

/** Every figure that is asked for by its name alone. */
function figuresOf({ book, period }: ToldBook): Record<string, number> {
  const { assets, liabilities, equity } = balanceSheet(book, period.to, 'account').totals;
  const { profit, grossProfit, profitBeforeTax } = profitAndLoss(book, period).totals;
  const { operating, investing, financing, withoutCash } = cashFlow(book, period);
  return {
    ...{ assets, liabilities, equity, profit, operating, investing, financing },
    gross: grossProfit,
    'before-tax': profitBeforeTax,
    apart: withoutCash.reduce((sum, { amount }) => sum + amount, 0),
    suspense: changesInEquity(book, period).inSuspense,
  };
}

/** What the program says to an answer, in the answer's own words. */
function saidTo({ head, figures }: Answer, told: ToldBook): Record<string, number> {
  const names = Object.keys(figures);
  const among = (all: (name: string) => number) =>
    Object.fromEntries(names.map((name) => [name, all(name) || 0]));
  const { book, period } = told;
  if (head === 'at') {
    const balances = balancesOf(book, upTo(period.to));
    return among((id) => balances.get(id) ?? 0);
  }
  if (head === 'changes') {
    const { total } = changesInEquity(book, period);
    return Object.fromEntries(
      EQUITY_COLUMNS.filter((column) => names.includes(column) || total[column] !== 0).map(
        (column) => [column, total[column]],
      ),
    );
  }
  if (head === 'customer' || head === 'supplier') {
    const { parties } = whoOwes(book, head, period.to);
    return among((id) => parties.find(({ party }) => party.id === id)?.owed ?? 0);
  }
  const all = figuresOf(told);
  return among((name) => all[name] ?? NaN);
}

const ACTIVITIES = ['operating', 'investing', 'financing'] as const;

/** By either method each activity comes to the same, and the three to what the money moved by. */
function flowsBothWays({ book, period }: ToldBook): void {
  const flow = cashFlow(book, period);
  const sum = (lines: readonly { readonly amount: number }[]) =>
    lines.reduce((all, { amount }) => all + amount, 0);
  for (const activity of ACTIVITIES) {
    const begins = activity === 'operating' ? flow.profit : 0;
    expect([activity, sum(flow.direct[activity])]).toEqual([activity, flow[activity]]);
    expect([activity, begins + sum(flow.lines[activity])]).toEqual([activity, flow[activity]]);
  }
  expect(flow.operating + flow.investing + flow.financing).toBe(flow.movement);
}

const backwards = (book: Book): Book => ({ ...book, entries: [...book.entries].reverse() });

describe.each(FILES)('books reckoned by hand: $file', ({ books }) => {
  test.each(books.map((told) => [told.title, told] as const))('%s', (_, told) => {
    expect(told.answers.length).toBeGreaterThan(0);
    flowsBothWays(told);
    for (const answer of told.answers) {
      const expected = expect.objectContaining(answer.figures);
      expect(saidTo(answer, told)).toEqual(answer.head === 'changes' ? answer.figures : expected);
      expect(saidTo(answer, { ...told, book: backwards(told.book) })).toEqual(saidTo(answer, told));
    }
  });
});

test('there are sixty of them, each with its reason and its figures', () => {
  const texts = FILES.map(({ file }) => readFileSync(join(FOLDER, file), 'utf8'));
  const all = FILES.flatMap(({ books }) => books);
  expect(all.length).toBeGreaterThanOrEqual(60);
  expect(texts.join('').match(/^why: .{12,}$/gm)).toHaveLength(all.length);
  expect(new Set(all.map(({ title }) => title)).size).toBe(all.length);
});
