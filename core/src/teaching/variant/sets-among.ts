import type { Book } from '../../model/book/book.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { ownKey } from './own-key.js';

/** How many sets of amounts so many students have. */
export interface SetsAmong {
  readonly of: number;
  readonly different: number;
  /** Pairs of students whose amounts are all in one proportion, those that are the same among them. */
  readonly inProportion: number;
}

const amountsOf = ({ opening, entries }: Book): number[] => [
  ...Object.keys(opening.balances)
    .sort()
    .map((id) => opening.balances[id] ?? 0),
  ...entries.flatMap(({ lines }) => lines.map(({ amount }) => amount)),
];

/** Amounts as shares of the largest, so that those in one proportion are told alike. */
function shareText(amounts: readonly number[]): string {
  const most = Math.max(...amounts.map(Math.abs), 1);
  return amounts.map((amount) => (amount / most).toFixed(6)).join(' ');
}

const pairsAlike = (texts: readonly string[]): number => {
  const counts = new Map<string, number>();
  for (const text of texts) counts.set(text, (counts.get(text) ?? 0) + 1);
  return [...counts.values()].reduce((sum, count) => sum + (count * (count - 1)) / 2, 0);
};

/** The sets of amounts that an exercise draws for some seeds: how many are different, and how many pairs in one proportion. */
export function setsAmong(key: AnswerKey, seeds: readonly number[]): SetsAmong {
  const sets = seeds.map((seed) => amountsOf(ownKey(key, { seed }).book));
  return {
    of: seeds.length,
    different: new Set(sets.map((amounts) => amounts.join(' '))).size,
    inProportion: pairsAlike(sets.map(shareText)),
  };
}
