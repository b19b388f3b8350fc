import fc from 'fast-check';
import {
  budgetFigures,
  cellShown,
  type HandoutCell,
  hasBudgets,
  statementSheets,
  trialMovement,
  profitAndLoss,
  worksheet,
  worksheetSheet,
  PLAIN_WRITING,
  type Book,
} from '../src/index.js';
import { nurseryYear } from '../src/demo/index.js';
import { costOfSales } from '../src/accounting/statement/cost-of-sales.js';
import { anyBook } from './arbitrary-book.js';
import { acct, book as bookOf, change, entry, shop } from './builder.js';
import { dealer, of, paper, withPapers } from './subledgers.js';

const shown = (cell: HandoutCell = ''): string =>
  cellShown({ writing: { ...PLAIN_WRITING, digits: 2 }, places: 2 }, cell);

const YEAR = { from: '2027-01-01', to: '2027-12-31' };
const SPRING = { from: '2027-02-01', to: '2027-05-15' };

describe('the worksheet', () => {
  test('tells each account before its adjustments, these, and after them', () => {
    const { lines, profit } = worksheet(shop(), YEAR);
    const described = lines.map((line) => [
      line.account.id,
      line.unadjusted,
      line.debited,
      line.credited,
      line.adjusted,
      line.on,
    ]);
    expect(described).toContainEqual(['prepaid', 60_000, 0, 15_000, 45_000, 'balance-sheet']);
    expect(described).toContainEqual(['insurance', 0, 15_000, 0, 15_000, 'profit-and-loss']);
    expect(described).toContainEqual(['bank', 610_000, 0, 0, 610_000, 'balance-sheet']);
    expect(profit).toBe(110_000);
  });

  test('is in balance in every pair of columns, whatever the book', () => {
    fc.assert(
      fc.property(anyBook, fc.constantFrom(YEAR, SPRING), (book, period) => {
        const total = worksheetSheet(book, period).rows.at(-1)?.cells.slice(1) ?? [];
        const amounts = total.map((cell) =>
          typeof cell !== 'string' && 'amount' in cell ? cell.amount : 0,
        );
        for (let i = 0; i < amounts.length; i += 2) expect(amounts[i]).toBe(amounts[i + 1]);
      }),
      { numRuns: 200 },
    );
  });

  test('leaves closing entries out', () => {
    const closing = entry('close', YEAR.to, {
      lines: { sales: 150_000, kept: -150_000 },
      rest: { kind: 'closing' },
    });
    const closed = { ...shop(), entries: [...shop().entries, closing] };
    expect(worksheet(closed, YEAR)).toEqual(worksheet(shop(), YEAR));
  });
});

describe('the cost of sales', () => {
  const agrees = (book: Book, period: typeof YEAR) => {
    const { opening, bought, otherwise, others, available, closing, total } = costOfSales(
      book,
      period,
    );
    const section = profitAndLoss(book, period).sections.find(({ id }) => id === 'cost-of-sales');
    expect(total).toBe(section?.total);
    const sum = others.reduce((all, { amount }) => all + amount, 0);
    expect(opening + bought + otherwise + sum).toBe(available);
    expect(available - closing).toBe(total);
  };

  test('is what profit and loss says, whatever the book', () => {
    fc.assert(fc.property(anyBook, fc.constantFrom(YEAR, SPRING), agrees), { numRuns: 200 });
    agrees(nurseryYear(), YEAR);
  });

  test('of periodic books is made of purchases and both stocks; of perpetual ones of what came into stock', () => {
    const bought = paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 4, 1000)] });
    const counted = paper('count', 'stock-count', { date: '2027-03-01', lines: [of('boat', 1)] });
    const out = paper('out', 'goods-out', {
      party: 'ann',
      date: '2027-02-05',
      lines: [of('boat', 3)],
    });
    expect(costOfSales(withPapers(dealer('periodic'), bought, counted), YEAR)).toMatchObject({
      ...{ opening: 0, bought: 0, available: 4000, closing: 1000, total: 3000 },
    });
    expect(costOfSales(withPapers(dealer(), bought, out), YEAR)).toMatchObject({
      ...{ opening: 0, bought: 4000, others: [], available: 4000, closing: 1000, total: 3000 },
    });
  });
});

describe('what moves in stock and was not bought', () => {
  const accounts = [
    acct('stock', 'inventory'),
    acct('owed', 'trade-payables'),
    acct('capital', 'owner-capital'),
    acct('cost', 'cost-of-goods-sold'),
    acct('theft', 'premises'),
  ];
  const of_ = (...all: Record<string, number>[]) =>
    costOfSales(
      {
        ...bookOf(accounts, {}),
        entries: all.map((lines, i) => entry(`e${i}`, '2027-03-01', { lines })),
      },
      YEAR,
    );
  test.each([
    ['stolen', { theft: 400, stock: -400 }, -400],
    ['taken home', { capital: 300, stock: -300 }, -300],
    ['brought in by the owner', { stock: 700, capital: -700 }, 700],
    ['sent back', { owed: 200, stock: -200 }, 0],
    ['sold', { cost: 500, stock: -500 }, 0],
    ['partly sold, partly stolen', { cost: 500, theft: 100, stock: -600 }, -100],
  ])('%s', (_, lines, otherwise) => {
    const described = of_({ stock: 5000, owed: -5000 }, lines);
    expect(described.otherwise).toBe(otherwise);
    expect(described.opening + described.bought + described.otherwise).toBe(described.available);
  });
});

describe('budgets as figures', () => {
  const planned = change(change(shop(), 'sales', { budget: 120_000 }), 'van', { budget: 500_000 });

  test('of income and expenses the part of the year, of the balance sheet nothing', () => {
    const quarter = budgetFigures(planned, { from: '2027-01-01', to: '2027-03-31' });
    expect(quarter.amounts.get('sales')).toBe(30_000);
    expect(quarter.amounts.get('van')).toBe(0);
    expect(hasBudgets(change(shop(), 'van', { budget: 500_000 }))).toBe(false);
    expect(hasBudgets(planned)).toBe(true);
    expect(quarter.amounts.get('insurance')).toBe(0);
    expect(budgetFigures(planned, YEAR).profit.totals.profit).toBe(120_000);
    const days = budgetFigures(planned, { from: '2027-01-01', to: '2027-01-10' });
    expect(days.amounts.get('sales')).toBe(Math.round((120_000 * 10) / 365));
  });

  test('on paper stand beside profit and loss alone, with what is over them', () => {
    const [sheet, profit] = statementSheets(planned, {
      ...{ shown: 'spread', period: YEAR, level: 'account', method: 'indirect' },
      ...{ against: null, budget: true },
    });
    expect(sheet?.columns.map(({ name }) => name)).toEqual(['Account', '31 December 2027']);
    expect(profit?.columns.map(({ name }) => name).slice(2)).toEqual(['Budget', 'Over (under)']);
    const sales = profit?.rows.find(({ cells }) => shown(cells[0]) === '4010 Sales of goods');
    expect(sales?.cells.slice(1)).toEqual([
      { amount: 150_000 },
      { amount: 120_000 },
      { amount: 30_000 },
    ]);
    const bank = sheet?.rows.find(({ cells }) => shown(cells[0]) === '1010 Bank');
    expect(bank?.cells).toHaveLength(2);
  });
});

test('a retired account is told in a period in which it stands or moved, and in no other', () => {
  const rows = (of: Book) => trialMovement(of, SPRING).lines.map(({ account }) => account.id);
  const gone = change(change(shop(), 'loan', { retired: true }), 'debtors', { retired: true });
  expect(rows(gone)).toEqual(rows(shop()));
  const settled = { ...gone, opening: { ...gone.opening, balances: {} }, entries: [] };
  expect(rows(settled)).not.toContain('loan');
  const moved = entry('in', '2027-03-01', { lines: { loan: 500, bank: -500 } });
  const back = entry('out', '2027-04-01', { lines: { loan: -500, bank: 500 } });
  expect(rows({ ...settled, entries: [moved, back] })).toContain('loan');
  expect(rows({ ...settled, entries: [moved, back] })).not.toContain('debtors');
});
