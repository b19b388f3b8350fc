import fc from 'fast-check';
import {
  bookAfter,
  courseOf,
  looksWrong,
  profitAndLoss,
  balanceSheet,
  spreadFigures,
  type Book,
} from '../src/index.js';
import { anyBook } from './arbitrary-book.js';
import { shop, entry } from './builder.js';
import { anyPapers, dealer, of, paper, withPapers } from './subledgers.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };
const SPRING = { from: '2027-02-01', to: '2027-05-15' };

const agrees = (book: Book, period: typeof YEAR): void => {
  const steps = courseOf(book, period);
  const last = steps.at(-1);
  expect(last?.profit).toBe(profitAndLoss(book, period).totals.profit);
  expect(last?.assets).toBe(balanceSheet(book, period.to).totals.assets);
  steps.forEach((step, at) => {
    const figures = spreadFigures(bookAfter(book, steps, at), period);
    expect(figures.profit.totals.profit).toBe(step.profit);
    expect(figures.sheet.totals.assets).toBe(step.assets);
  });
};

describe('the course of a book', () => {
  test('agrees with its statements after every step, and at the end with those of the period', () => {
    fc.assert(fc.property(anyBook, fc.constantFrom(YEAR, SPRING), agrees), { numRuns: 200 });
  });

  test('begins before anything happened, and goes on in order of the day', () => {
    const book = { ...shop(), entries: [...shop().entries].reverse() };
    expect(courseOf(book, YEAR).map((step) => step.entry?.id ?? null)).toEqual([
      null,
      'sale',
      'paid',
      'worn',
      'cover',
    ]);
    expect(courseOf(book, SPRING)[0]?.date).toBe('2027-01-31');
  });

  test('of documents, too: what came later is not there yet', () => {
    fc.assert(
      fc.property(anyPapers, (papers) => {
        agrees(withPapers(dealer(), ...papers), YEAR);
      }),
      { numRuns: 40 },
    );
  });
});

describe('what looks wrong and is right', () => {
  const described = (book: Book, at: string, whole = book) =>
    looksWrong(book, at, whole).map(({ account, title }) => [account, title]);
  const sent = paper('out', 'goods-out', {
    party: 'ann',
    date: '2027-02-10',
    lines: [of('boat', 2)],
  });
  const invoice = paper('inv', 'customer-invoice', {
    party: 'ann',
    date: '2027-02-19',
    lines: [of('boat', 2, 2000)],
  });
  const bought = withPapers(
    dealer(),
    paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 5, 1000)] }),
    paper('bill', 'supplier-invoice', { party: 'mill', lines: [of('boat', 5, 1000)] }),
  );

  test('a loss between dispatch and invoice, with the day on which it ends', () => {
    const book = withPapers(bought, sent, invoice);
    const [found] = looksWrong(book, '2027-02-12');
    expect(found).toMatchObject({ account: 'cost', title: 'A loss that is none', document: 'inv' });
    expect(found?.says).toBe(
      'boat left for ann on 10 February 2027 and their cost, 20, went with them; the invoice follows on 19 February 2027. Until then the books show the cost without the sale.',
    );
    expect(described(book, '2027-02-19')).toEqual([]);
    expect(described(withPapers(dealer('periodic'), sent, invoice), '2027-02-12')).toEqual([]);
  });

  test('what was sent without ever being invoiced is sold at once', () => {
    expect(described(withPapers(bought, sent), '2027-02-12')).toEqual([]);
  });

  test('a customer in credit, a supplier paid ahead', () => {
    const ahead = withPapers(
      bought,
      paper('p', 'customer-payment', { party: 'ann', money: 'bank', amount: 500 }),
      paper('q', 'supplier-payment', { party: 'mill', money: 'bank', amount: 6000 }),
    );
    expect(described(ahead, '2027-03-01')).toEqual([
      ['debtors', 'A customer in credit'],
      ['creditors', 'A supplier paid ahead'],
    ]);
    expect(looksWrong(ahead, '2027-03-01').map(({ says }) => says)).toEqual([
      'ann has paid 5 more than was invoiced; until an invoice follows we owe it to them.',
      'mill was paid 10 more than was invoiced; until an invoice follows they owe it to us.',
    ]);
  });

  test('goods without their invoice, and an invoice without its goods', () => {
    const goods = withPapers(
      dealer(),
      paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 1, 1000)] }),
    );
    expect(described(goods, '2027-03-01')).toEqual([['unbilled', 'Goods received, not invoiced']]);
    const bill = withPapers(
      dealer(),
      paper('b', 'supplier-invoice', { party: 'mill', lines: [of('boat', 1, 1000)] }),
    );
    expect(described(bill, '2027-03-01')).toEqual([['transit', 'Invoiced, not received']]);
  });

  test('an overdrawn bank, at that day only', () => {
    const book = {
      ...shop(),
      entries: [
        entry('out', '2027-02-01', { lines: { bank: -600_000, van: 600_000 } }),
        entry('in', '2027-02-05', { lines: { bank: 600_000, loan: -600_000 } }),
      ],
    };
    expect(described(book, '2027-02-02')).toEqual([['bank', 'Overdrawn']]);
    expect(described(book, '2027-02-05')).toEqual([]);
  });
});
