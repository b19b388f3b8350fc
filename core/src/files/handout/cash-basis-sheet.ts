import type { Book } from '../../model/book/book.js';
import { type Period } from '../../model/day/calendar.js';
import { resultName } from '../../accounting/statement/spread-figures.js';
import { cashBasis } from '../../accounting/statement/cash-basis.js';
import { accountCell, sheetOf, type Handout, type HandoutCell, type HandoutRow } from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

const figures = (name: string) => ({ name, share: 1.8, isFigure: true });

/** What the money of operations is called that belongs to no section of profit and loss. */
const BESIDES = 'Money for others, and what else is no income or cost';

/** The profit of a period as it was earned beside the money that came of it. */
export function cashBasisSheet(book: Book, period: Period): Handout {
  const basis = cashBasis(book, period);
  const row = (
    kind: HandoutRow['kind'],
    name: HandoutCell,
    { accrual, cash }: { readonly accrual: number; readonly cash: number },
  ): HandoutRow => ({
    ...{ kind, depth: kind === 'row' ? 1 : 0 },
    cells: [name, { amount: accrual }, { amount: cash - accrual || 0 }, { amount: cash }],
  });
  return sheetOf(book, {
    title: 'Profit on an accrual and on a cash basis',
    subtitle: `${saidOn(book, period.from)} to ${saidOn(book, period.to)}, costs in parentheses`,
    columns: [
      { name: 'Account', share: 6, isFigure: false, isIndented: true, isOfAccounts: true },
      figures('Accrual basis'),
      figures('What differs'),
      figures('Cash basis'),
    ],
    rows: [
      ...basis.parts.flatMap((part) => [
        row('heading', part.section?.name ?? BESIDES, part),
        ...part.lines.map((line) => row('row', accountCell(line.account), line)),
      ]),
      row('total', resultName(book.scheme, basis.accrual), basis),
    ],
  });
}
