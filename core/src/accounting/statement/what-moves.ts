import type { Book } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import type { Amount } from '../../model/money/amount.js';
import { profitLineName, spreadFigures, type SpreadFigures } from './spread-figures.js';

/** A heading or a result of the statements whose amount becomes another. */
export interface Moved {
  readonly name: string;
  readonly was: Amount;
  readonly is: Amount;
}

interface Figure {
  readonly name: string;
  readonly amount: Amount;
}

/** What stands under each heading of both pages, equity with its profit, and the profit. */
function figuresOf(book: Book, { sheet, profit }: SpreadFigures): ReadonlyMap<string, Figure> {
  const sections = [
    ...sheet.sections.filter((each) => each.class !== 'equity'),
    ...(sheet.notPlaced ? [sheet.notPlaced] : []),
    ...profit.sections,
  ];
  const name = profitLineName(book.scheme, 'profit');
  return new Map<string, Figure>([
    ...sections.map(({ id, name: of, total }) => [id, { name: of, amount: total }] as const),
    ['equity', { name: 'Total equity', amount: sheet.totals.equity }],
    ['profit', { name, amount: profit.totals.profit }],
  ]);
}

/** What both statements tell otherwise once a book has become another: headings in their order, the profit last. */
export function whatMoves(before: Book, after: Book, period: Period): Moved[] {
  const was = figuresOf(before, spreadFigures(before, period));
  const is = figuresOf(after, spreadFigures(after, period));
  return [...new Set([...was.keys(), ...is.keys()])].flatMap((id) => {
    const [from, to] = [was.get(id), is.get(id)];
    const moved = { was: from?.amount ?? 0, is: to?.amount ?? 0 };
    return moved.was === moved.is ? [] : [{ name: to?.name ?? from?.name ?? '', ...moved }];
  });
}
