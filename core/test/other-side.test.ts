import fc from 'fast-check';
import { balanceSheet, subledgersOf, statementSheets, type Book } from '../src/index.js';
import { onOtherSide } from '../src/accounting/statement/other-side.js';
import { anyBook } from './arbitrary-book.js';
import { acct, book, entry } from './builder.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };
const outside = (of: Book): Book => ({
  ...of,
  company: { ...of.company, otherSide: 'reclassified' },
});

const overdrawn = book(
  [
    acct('bank', 'bank', { name: 'Harbour bank' }),
    acct('savings', 'bank'),
    acct('debtors', 'trade-receivables', { name: 'Customers' }),
    acct('creditors', 'trade-payables', { name: 'Suppliers' }),
    acct('loan', 'long-term-loan'),
    acct('capital', 'share-capital'),
  ],
  { bank: -300, savings: 800, debtors: -120, creditors: 70, loan: -50, capital: -400 },
);

const totals = (of: Book, level: 'account' | 'section') => {
  const { assets, liabilities, equity } = balanceSheet(of, YEAR.to, level).totals;
  return { assets, liabilities, equity };
};

describe('what stands on the unusual side', () => {
  it('is shown where it belongs to outside readers, where the company wants it; the chart stays', () => {
    const plain = { assets: 380, liabilities: -20, equity: 400 };
    expect(totals(overdrawn, 'section')).toEqual(plain);
    expect(totals(outside(overdrawn), 'account')).toEqual(plain);
    expect(totals(outside(overdrawn), 'section')).toEqual({
      ...{ assets: 870, liabilities: 470, equity: 400 },
    });
    expect(onOtherSide(overdrawn, YEAR.to).map(({ what, amount }) => [what, amount])).toEqual([
      ['Overdrawn', 300],
      ['Customers in credit', 120],
      ['Suppliers in debit', 70],
    ]);
  });

  it('is said on paper, too', () => {
    const wanted = { shown: 'spread', period: YEAR, method: 'direct', against: null } as const;
    const [sheet] = statementSheets(outside(overdrawn), { ...wanted, level: 'section' });
    const words = sheet?.rows.map(({ cells }) => cells[0]);
    expect(words).toContain('Overdrawn, Harbour bank: 3 stands in Current liabilities.');
  });

  it('one customer’s payment ahead does not lower what another owes', () => {
    const party = (id: string, opening: number) => ({
      ...{ id, name: id, kind: 'customer' as const, opening, account: null },
    });
    const dealt: Book = {
      ...book(
        [acct('debtors', 'trade-receivables'), acct('capital', 'share-capital')],
        { debtors: 500, capital: -500 },
        [entry('e', '2027-01-05', { lines: { debtors: 1, capital: -1 } })],
      ),
      subledgers: {
        ...subledgersOf(book([])),
        parties: [party('owes', 700), party('ahead', -200)],
        posting: { ...subledgersOf(book([])).posting, receivables: 'debtors' },
      },
    };
    const beyond = {
      ...dealt,
      opening: { ...dealt.opening, balances: { debtors: -900, capital: 900 } },
    };
    expect(onOtherSide(beyond, YEAR.to)[0]).toMatchObject({ amount: 899 });
    expect(onOtherSide(dealt, YEAR.to)).toMatchObject([
      { what: 'Customers in credit', amount: 200 },
    ]);
  });

  it('both sides rise alike in any book, so that it stays in balance', () => {
    fc.assert(
      fc.property(anyBook, (any) => {
        const moved = onOtherSide(any, YEAR.to).reduce((sum, { amount }) => sum + amount, 0);
        const [before, after] = [totals(any, 'section'), totals(outside(any), 'section')];
        expect(after).toEqual({
          assets: before.assets + moved,
          liabilities: before.liabilities + moved,
          equity: before.equity,
        });
      }),
      { numRuns: 100 },
    );
  });
});
