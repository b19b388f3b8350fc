import {
  checkWork,
  keptPairs,
  keptResults,
  overviewOf,
  readBook,
  readKey,
  type AnswerKey,
  type Book,
  type KeptPair,
  type KeptResult,
  type Overview,
} from '@gleddo/core';
import { LRUCache } from 'lru-cache';

/** A version of a key and the start it goes with, as they are kept; read once in each thread. */
export interface KeyText {
  readonly id: string;
  readonly key: string;
  readonly start: string;
}

export interface ToCheck {
  readonly key: KeyText;
  readonly work: string;
}

/** A checked work as it is kept. */
export interface CheckedWork {
  readonly points: number;
  readonly of: number;
  readonly pairs: readonly KeptPair[];
  readonly results: readonly KeptResult[];
  readonly overview: Overview;
}

interface ReadKey {
  readonly key: AnswerKey;
  readonly start: Book;
}

const known = new LRUCache<string, ReadKey>({ max: 50 });

function keyOf({ id, key: text, start: startText }: KeyText): ReadKey {
  const before = known.get(id);
  if (before) return before;
  const key = readKey(text);
  const start = readBook(startText);
  if (!key.ok) throw new Error(key.refusals[0]?.says);
  if (!start.ok) throw new Error(start.refusals[0]?.says);
  const read = { key: key.value, start: start.value };
  known.set(id, read);
  return read;
}

/** Checks one work with a version of a key. Throws, with a sentence, where a text can't be read. */
export function check({ key: keyText, work: text }: ToCheck): CheckedWork {
  const { key, start } = keyOf(keyText);
  const work = readBook(text);
  if (!work.ok) throw new Error(`The book can’t be read. ${work.refusals[0]?.says ?? ''}`);
  const checked = checkWork(key, work.value, { start });
  const results = keptResults(checked);
  const pairs = keptPairs(checked);
  const overview = overviewOf(key, work.value, results, pairs);
  return { points: checked.points, of: checked.of, pairs, results, overview };
}

/** The same as texts, ready to be kept. */
export interface KeptCheck {
  readonly points: number;
  readonly of: number;
  readonly pairs: string;
  readonly results: string;
  readonly overview: string;
}

export function checkToKeep(work: ToCheck): KeptCheck {
  const { points, of, pairs, results, overview } = check(work);
  return {
    points,
    of,
    pairs: JSON.stringify(pairs),
    results: JSON.stringify(results),
    overview: JSON.stringify(overview),
  };
}
