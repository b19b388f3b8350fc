import type { Book } from '../../model/book/book.js';
import { sum } from '../../model/money/amount.js';
import { besideOpenings, type SourceBalances } from '../../changes/opening/source-balances.js';
import { accountCell, sheetOf, type Handout, type HandoutRow } from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

const figures = (name: string) => ({ name, share: 1.6, isFigure: true });

/** Opening balances beside the balance sheet that they were taken from, row by row: what differs, and what it does not say. */
export function openingsSheet(book: Book, source: SourceBalances): Handout {
  const { rows, notStated } = besideOpenings(book, source);
  const heading = (words: string): HandoutRow => ({ kind: 'heading', depth: 0, cells: [words] });
  const besides = notStated.map(({ account, here }): HandoutRow => ({
    ...{ kind: 'row', depth: 0 },
    cells: ['', accountCell(account), '', { amount: here }, { amount: here }],
  }));
  const there = sum(rows.map(({ found }) => found.amount));
  const here = sum(Object.values(book.opening.balances));
  return sheetOf(book, {
    title: 'Opening balances compared',
    subtitle: `${source.title}, beside what the books open with at ${saidOn(book, book.opening.date)}; credits in parentheses`,
    columns: [
      { name: 'There', share: 4, isFigure: false },
      { name: 'Here', share: 4, isFigure: false, isOfAccounts: true },
      ...['There', 'Here', 'Difference'].map(figures),
    ],
    rows: [
      ...rows.map(({ found, account, here: stands, apart }): HandoutRow => ({
        ...{ kind: 'row', depth: 0 },
        cells: [
          [found.number, found.name].filter(Boolean).join(' '),
          account ? accountCell(account) : 'not found',
          ...[found.amount, stands, apart].map((amount) => ({ amount })),
        ],
      })),
      ...(besides.length === 0 ? [] : [heading('What it does not say'), ...besides]),
      {
        ...{ kind: 'total', depth: 0 },
        cells: ['Total', '', ...[there, here, here - there].map((amount) => ({ amount }))],
      },
    ],
  });
}
