import { closingEntries, keyOf, type AnswerKey, type Book } from '@gleddo/core';
import { juniperLane, nurseryYear, pollardRow, ternIsland } from '@gleddo/core/demo';
import { Chance } from './chance.js';
import { PLANTS } from './faults.js';
import { HARMLESS } from './harmless.js';
import { Making, type Made } from './work.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };

function closed(book: Book): Book {
  const entries = closingEntries(book, YEAR);
  return entries.ok ? { ...book, entries: [...book.entries, ...entries.value] } : book;
}

/** The keys that works are made from: the demo's companies, open and closed. */
export const KEYS: readonly (() => AnswerKey)[] = [
  () => keyOf(ternIsland()),
  () => keyOf(pollardRow()),
  () => keyOf(juniperLane()),
  () => keyOf(closed(ternIsland())),
  () => keyOf(closed(pollardRow())),
  () => keyOf({ ...ternIsland(), entries: [] }),
  () => keyOf(nurseryYear()),
];

/** Faults are planted in every work but each fourth, which is right in other words. */
const MOST_FAULTS = 5;

/** The work of a seed. Harmless things are done last, so that they hide the faults. */
export function workOf(key: AnswerKey, seed: number): Made {
  const chance = new Chance(seed);
  const making = new Making(key, seed);
  const faults = seed % 4 === 0 ? 0 : chance.between(1, MOST_FAULTS + 1);
  const kinds = Object.keys(PLANTS);
  for (let i = 0; i < faults; i++) {
    const kind = chance.oneOf(kinds) ?? '';
    const planted = PLANTS[kind]?.(making, chance);
    if (planted) making.planted.push({ kind, ...planted });
  }
  for (const harmless of HARMLESS) harmless(making, chance);
  return making.made();
}
