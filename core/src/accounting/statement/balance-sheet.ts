import type { Book } from '../../model/book/book.js';
import { NOT_PLACED } from '../../model/book/place.js';
import { balancesOf, upTo } from '../ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { statementOfClass, type ClassId } from '../../model/scheme/scheme.js';
import { onOtherSide, reclassified, reclassifies, type Reclassified } from './other-side.js';
import { sectionFigures, type Level, type SectionFigures } from './section-figures.js';

export interface BalanceSheet {
  readonly at: string;
  readonly sections: readonly SectionFigures[];
  /** Accounts without a place, debit positive; null when there are none. Counted among the assets. */
  readonly notPlaced: SectionFigures | null;
  /** What outside readers see elsewhere than its account stands: at the level of sections, where the company wants it. */
  readonly moved: readonly Reclassified[];
  readonly totals: {
    readonly assets: Amount;
    readonly liabilities: Amount;
    /** With the profit since the last closing. */
    readonly equity: Amount;
    /** Profit since the last closing: what stands on income and expense accounts. */
    readonly profit: Amount;
  };
}

/**
 * The balance sheet at a date. Assets = liabilities + equity, exactly, whatever the book: an opening
 * difference stands in suspense, and accounts without a place are a line of their own among the assets.
 */
export function balanceSheet(book: Book, at: string, level: Level = 'account'): BalanceSheet {
  const moved = level === 'section' && reclassifies(book) ? onOtherSide(book, at) : [];
  const figures = reclassified(sectionFigures(book, balancesOf(book, upTo(at)), level), moved);
  const placed = figures.filter((section) => section.id !== NOT_PLACED);
  const notPlaced = figures.find((section) => section.id === NOT_PLACED) ?? null;
  const of = (...classes: ClassId[]) =>
    sum(placed.filter((section) => classes.includes(section.class)).map((each) => each.total));
  const profit = of('income') - of('expense');
  return {
    at,
    sections: placed.filter((section) => statementOfClass(section.class) === 'balance-sheet'),
    notPlaced,
    moved,
    totals: {
      assets: of('asset') + (notPlaced?.total ?? 0),
      liabilities: of('liability'),
      equity: of('equity') + profit,
      profit,
    },
  };
}
