import type { Book } from '../../model/book/book.js';
import { type Period } from '../../model/day/calendar.js';
import type { Amount } from '../../model/money/amount.js';
import { costOfSales } from '../../accounting/statement/cost-of-sales.js';
import { accountCell, sheetOf, type Handout, type HandoutRow, type HandoutCell } from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

/** How the cost of sales of a period comes about: opening stock, what was bought, less closing stock. */
export function costSheet(book: Book, period: Period): Handout {
  const { opening, bought, otherwise, others, available, closing, total } = costOfSales(
    book,
    period,
  );
  const row = (
    name: HandoutCell,
    amount: Amount,
    kind: HandoutRow['kind'] = 'row',
  ): HandoutRow => ({
    ...{ kind, depth: 0, cells: [name, { amount }] },
  });
  return sheetOf(book, {
    title: 'Cost of sales',
    subtitle: `${saidOn(book, period.from)} to ${saidOn(book, period.to)}`,
    columns: [
      { name: 'What it is made of', share: 6, isFigure: false, isOfAccounts: true },
      { name: 'Amount', share: 1.8, isFigure: true },
    ],
    rows: [
      row('Opening stock', opening),
      ...(bought === 0 ? [] : [row('Bought into stock', bought)]),
      ...(otherwise === 0
        ? []
        : [
            row(
              otherwise < 0 ? 'Left the stock otherwise' : 'Came into stock otherwise',
              otherwise,
            ),
          ]),
      ...others.map(({ account, amount }) => row(accountCell(account), amount)),
      row('There to be sold', available, 'heading'),
      row('Less closing stock', -closing || 0),
      row('Cost of sales', total, 'total'),
    ],
  });
}
