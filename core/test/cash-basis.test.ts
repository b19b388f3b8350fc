import fc from 'fast-check';
import {
  cellShown,
  cashFlow,
  PLAIN_WRITING,
  profitAndLoss,
  readBook,
  writeBook,
} from '../src/index.js';
import { cashBasisSheet } from '../src/files/handout/cash-basis-sheet.js';
import { cashBasis } from '../src/accounting/statement/cash-basis.js';
import { anyBook } from './arbitrary-book.js';
import { acct, book, entry } from './builder.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };

const trader = book(
  [
    acct('bank', 'bank'),
    acct('debtors', 'trade-receivables'),
    acct('prepaid', 'prepayment'),
    acct('van', 'vehicles'),
    acct('van-dep', 'accumulated-depreciation', { parent: 'van' }),
    acct('creditors', 'trade-payables'),
    acct('tax', 'sales-tax'),
    acct('loan', 'long-term-loan'),
    acct('sales', 'goods-sales'),
    acct('goods', 'purchases'),
    acct('rent', 'premises'),
    acct('wear', 'depreciation-charge'),
  ],
  {},
  [
    entry('sold', '2027-01-10', { lines: { debtors: 1200, sales: -1000, tax: -200 } }),
    entry('collected', '2027-02-10', { lines: { bank: 700, debtors: -700 } }),
    entry('bought', '2027-02-11', { lines: { goods: 400, creditors: -400 } }),
    entry('paid', '2027-02-12', { lines: { creditors: 150, bank: -150 } }),
    entry('ahead', '2027-03-01', { lines: { prepaid: 600, bank: -600 } }),
    entry('used', '2027-03-31', { lines: { rent: 200, prepaid: -200 } }),
    entry('worn', '2027-03-31', { lines: { wear: 90, 'van-dep': -90 } }),
    entry('borrowed', '2027-04-01', { lines: { bank: 5000, loan: -5000 } }),
    entry('remitted', '2027-04-20', { lines: { tax: 50, bank: -50 } }),
  ],
);

describe('the profit on a cash basis', () => {
  it('counts what was paid, in the section to which it belongs; no depreciation, no loan', () => {
    const { parts, accrual, cash } = cashBasis(trader, YEAR);
    expect(
      Object.fromEntries(
        parts.map((part) => [part.section?.id ?? 'besides', [part.accrual, part.cash]]),
      ),
    ).toEqual({
      revenue: [1000, 700],
      'cost-of-sales': [-400, -150],
      'operating-expenses': [-290, -600],
      besides: [0, -50],
    });
    expect([accrual, cash]).toEqual([310, -100]);
  });

  it('its sheet says line by line what differs', () => {
    const { columns, rows } = cashBasisSheet(trader, YEAR);
    expect(columns.map(({ name }) => name)).toEqual([
      ...['Account', 'Accrual basis', 'What differs', 'Cash basis'],
    ]);
    const of = (name: string) =>
      rows
        .find(
          ({ cells: [cell = ''] }) =>
            cellShown({ writing: { ...PLAIN_WRITING, digits: 2 }, places: 2 }, cell) === name,
        )
        ?.cells.slice(1);
    expect(of('wear')).toEqual([{ amount: -90 }, { amount: 90 }, { amount: 0 }]);
    expect(rows.at(-1)?.cells.slice(1)).toEqual([
      { amount: 310 },
      { amount: -410 },
      { amount: -100 },
    ]);
  });

  it('of any book: one column is the profit, the other the operating part of the cash flow', () => {
    fc.assert(
      fc.property(anyBook, (any) => {
        const { parts, accrual, cash } = cashBasis(any, YEAR);
        expect(accrual).toBe(profitAndLoss(any, YEAR).totals.profit);
        expect(parts.reduce((sum, part) => sum + part.cash, 0)).toBe(cash);
        const older = { ...any.company, cashFlow: undefined };
        const { operating } = cashFlow({ ...any, company: older as never }, YEAR);
        expect(cash).toBe(operating);
      }),
      { numRuns: 150 },
    );
  });

  it('a company says by which basis it looks at its profit, in its file too', () => {
    const said = { ...trader, company: { ...trader.company, basis: 'cash' as const } };
    const read = readBook(writeBook(said));
    expect(read).toMatchObject({ ok: true, value: { company: { basis: 'cash' } } });
  });
});
