import type { Book } from '../book/book.js';
import { CHECKS, Marking, type CheckResult } from '../check/index.js';
import type { AnswerKey } from '../key/answer-key.js';
import { flattenedKey } from '../key/flatten.js';
import type { HandPair, Recognition } from '../key/recognise.js';
import type { EntryPair } from '../key/pair-entries.js';

/** A work that has been checked against a key. */
export interface Checked {
  readonly points: number;
  /** The most that could be had; what can't be judged counts neither way. */
  readonly of: number;
  readonly results: readonly CheckResult[];
  readonly recognition: Recognition;
  readonly entryPairs: readonly EntryPair[];
}

export interface CheckOptions {
  readonly byHand?: readonly HandPair[];
  /**
   * Set when the work is a list of balances at a date rather than a book: it is compared with the key's
   * balances at that date, and what needs entries can't be judged.
   */
  readonly balancesAt?: string;
  /** The starting point that the student was given: what it holds already earns nothing. */
  readonly start?: Book;
}

const flattenedKeys = new WeakMap<AnswerKey, Map<string, AnswerKey>>();

function flattenedOnce(key: AnswerKey, at: string): AnswerKey {
  const dates = flattenedKeys.get(key) ?? new Map<string, AnswerKey>();
  flattenedKeys.set(key, dates);
  const flat = dates.get(at) ?? flattenedKey(key, at);
  dates.set(at, flat);
  return flat;
}

/** Runs every check of a work against a key, causes included. Neither is changed. */
export function checkWork(key: AnswerKey, work: Book, options: CheckOptions = {}): Checked {
  const { byHand = [], balancesAt, start } = options;
  const given = start ? { start } : {};
  const flat = balancesAt !== undefined && key.book.entries.length > 0;
  const marking = flat
    ? new Marking(flattenedOnce(key, balancesAt), work, {
        byHand,
        entriesNotJudged: key.book.entries,
        ...given,
      })
    : new Marking(key, work, { byHand, ...given });
  for (const check of CHECKS) for (const found of check.run(marking)) marking.add(check, found);
  return {
    ...pointsOf(marking.results),
    results: marking.results,
    recognition: marking.compared.recognition,
    entryPairs: marking.compared.entryPairs,
  };
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
