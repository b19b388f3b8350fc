import type { CountsRule } from './times.js';

/** Points had, of so many that there were; whole, and not below zero. */
export interface CountedMark {
  readonly points: number;
  readonly of: number;
}

const shareOf = ({ points, of }: CountedMark): number => (of === 0 ? 0 : points / of);

/**
 * What counts of several tries that were given back, in their order; null: none was. The best by its share; on average
 * by the shares, in points of the last one, halves up.
 */
export function countedMark(marks: readonly CountedMark[], counts: CountsRule): CountedMark | null {
  const last = marks.at(-1);
  if (!last) return null;
  if (counts === 'last') return last;
  if (counts === 'best')
    return marks.reduce((best, each) => (shareOf(each) > shareOf(best) ? each : best));
  const mean = marks.reduce((sum, each) => sum + shareOf(each), 0) / marks.length;
  return { points: Math.round(mean * last.of), of: last.of };
}
