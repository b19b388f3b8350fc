import type { Book } from '../../model/book/book.js';
import { Marking, runChecks, type CheckResult, type Judged } from '../all-checks/index.js';
import { datesOfEntries, type AnswerKey } from '../key/answer-key.js';
import { countedRef, lossesOf } from './left-undone.js';

const lossOf = ({ outcome, points, of }: CheckResult): number =>
  outcome === 'not-met' ? of - points : 0;

const NO_ANSWERS: ReadonlyMap<string, string> = new Map();

const lostAtStarts = new WeakMap<AnswerKey, WeakMap<Book, ReadonlyMap<string, number>>>();

/**
 * The key as if nothing else were accepted: what there is to earn depends on it, the start and the points alone.
 * Whether an account or entry is asked for at all, and an exact number, is part of what is asked.
 */
function withoutAcceptances(key: AnswerKey): AnswerKey {
  const dates = datesOfEntries(key.book);
  return {
    ...key,
    accepts: key.accepts.map(({ otherNames: _otherNames, ...each }) => ({
      ...each,
      names: [],
      types: [],
      number: each.number === 'any' ? 'in-band' : each.number,
      several: true,
    })),
    acceptsEntries: key.acceptsEntries.map((each) => {
      const date = dates.get(each.entry) ?? each.from;
      return { ...each, from: date, to: date };
    }),
  };
}

/** What the untouched start loses, result by result: this is what there is to earn. */
export function lostAtStart(key: AnswerKey, start: Book): ReadonlyMap<string, number> {
  const ofKey = lostAtStarts.get(key) ?? new WeakMap<Book, ReadonlyMap<string, number>>();
  lostAtStarts.set(key, ofKey);
  let lost = ofKey.get(start);
  if (!lost) {
    lost = lossesOf(
      runChecks(new Marking(withoutAcceptances(key), start, { start, answers: NO_ANSWERS })),
    );
    ofKey.set(start, lost);
  }
  return lost;
}

/** Points as they are earned from a starting point; where it lacks nothing, as if there were none. */
export function pointsSince(
  toEarn: ReadonlyMap<string, number>,
  results: readonly Judged[],
): { points: number; of: number } {
  if (toEarn.size === 0) return pointsOf(results);
  let of = 0;
  for (const worth of toEarn.values()) of += worth;
  let lost = 0;
  for (const result of results) {
    if (result.outcome === 'cannot-judge') of -= toEarn.get(countedRef(result)) ?? 0;
    else lost += lossOf(result);
  }
  return { points: Math.max(0, of - lost), of };
}

/** Points had, and the most that could be had, over some results. */
export function pointsOf(results: readonly Pick<CheckResult, 'outcome' | 'points' | 'of'>[]): {
  points: number;
  of: number;
} {
  let points = 0;
  let of = 0;
  for (const result of results) {
    if (result.outcome === 'cannot-judge') continue;
    points += result.points;
    of += result.of;
  }
  return { points, of };
}

/**
 * Points as parts of what the whole counts, to the nearest whole point, halves up; all of it only for a work without a
 * fault. Where nothing can be judged nothing counts. `scaledFrom`: what the points were parts of before.
 */
export function inTotal(
  total: number | null,
  { points, of }: { readonly points: number; readonly of: number },
): { points: number; of: number; scaledFrom: number | null } {
  if (total === null || of === 0) return { points, of, scaledFrom: null };
  const share = Math.floor((2 * points * total + of) / (2 * of));
  return { points: points < of ? Math.min(share, total - 1) : total, of: total, scaledFrom: of };
}
