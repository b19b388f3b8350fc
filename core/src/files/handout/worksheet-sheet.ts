import type { Book } from '../../model/book/book.js';
import { type Period } from '../../model/day/calendar.js';
import type { Amount } from '../../model/money/amount.js';
import { resultName } from '../../accounting/statement/spread-figures.js';
import { worksheet, type WorksheetLine } from '../../accounting/statement/worksheet.js';
import { accountCell, sheetOf, type Handout, type HandoutCell, type HandoutRow } from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

/** Five pairs of columns, each a debit and a credit. */
const PAIRS = [
  'Unadjusted',
  'Adjustments',
  'Adjusted',
  'Profit and loss',
  'Balance sheet',
] as const;

const pair = (amount: Amount): [Amount, Amount] => [Math.max(amount, 0), Math.max(-amount, 0)];

const amountsOf = ({ unadjusted, debited, credited, adjusted, on }: WorksheetLine): Amount[] => [
  ...pair(unadjusted),
  ...[debited, credited],
  ...pair(adjusted),
  ...pair(on === 'profit-and-loss' ? adjusted : 0),
  ...pair(on === 'balance-sheet' ? adjusted : 0),
];

const cells = (amounts: readonly Amount[]): HandoutCell[] =>
  amounts.map((amount) => (amount === 0 ? '' : { amount }));

const added = (rows: readonly (readonly Amount[])[]): Amount[] =>
  PAIRS.flatMap((_, i) => [2 * i, 2 * i + 1]).map((column) =>
    rows.reduce((sum, row) => sum + (row[column] ?? 0), 0),
  );

/** The worksheet of a period in columns, ending in the profit that brings both statements into balance. */
export function worksheetSheet(book: Book, period: Period): Handout {
  const { lines, profit } = worksheet(book, period);
  const figures = lines.map(amountsOf);
  const result = [0, 0, 0, 0, 0, 0, ...pair(profit), ...pair(-profit)];
  const row = (
    kind: HandoutRow['kind'],
    name: HandoutCell,
    amounts: readonly Amount[],
  ): HandoutRow => ({
    ...{ kind, depth: 0, cells: [name, ...cells(amounts)] },
  });
  return sheetOf(book, {
    title: 'Worksheet',
    subtitle: `${saidOn(book, period.from)} to ${saidOn(book, period.to)}`,
    columns: [
      { name: 'Account', share: 4, isFigure: false, isOfAccounts: true },
      ...PAIRS.flatMap((name) => [
        { name: `${name}, debit`, share: 1.4, isFigure: true },
        { name: `${name}, credit`, share: 1.4, isFigure: true },
      ]),
    ],
    rows: [
      ...lines.map((line, i) => row('row', accountCell(line.account), figures[i] ?? [])),
      row('row', resultName(book.scheme, profit), result),
      row('total', 'Total', added([...figures, result])),
    ],
  });
}
