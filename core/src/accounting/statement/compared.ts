import type { Book } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import type { FigureLine, SectionFigures } from './section-figures.js';
import { inChartOrder } from './spread-figures.js';

/** A line of a section with its figure at another date or for another period beside it. */
export interface ComparedLine extends FigureLine {
  readonly other: Amount;
}

/**
 * The lines of a section at two dates, in the order of the chart. An account that shows at one of them only
 * (a retired one, the waiting difference) stands at zero at the other.
 */
export function comparedLines(
  book: Book,
  now: SectionFigures,
  then: SectionFigures | null,
): ComparedLine[] {
  const others = new Map((then?.lines ?? []).map((line) => [line.account.id, line]));
  const shown = new Set(now.lines.map((line) => line.account.id));
  const onlyThen = [...others.values()]
    .filter((line) => !shown.has(line.account.id))
    .map((line) => ({ ...line, amount: 0 }));
  const all = inChartOrder(book, { ...now, lines: [...now.lines, ...onlyThen] });
  return all.map((line) => ({ ...line, other: others.get(line.account.id)?.amount ?? 0 }));
}

/** The same section at another date; null where it has nothing to show there (accounts not placed). */
export const sectionLike = (
  section: SectionFigures,
  among: readonly (SectionFigures | null)[],
): SectionFigures | null => among.find((each) => each?.id === section.id) ?? null;
