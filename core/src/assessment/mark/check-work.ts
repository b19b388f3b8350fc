import type { Book } from '../../model/book/book.js';
import { Marking, runChecks, type CheckResult, type WhatIsSaid } from '../all-checks/index.js';
import type { AnswerKey } from '../key/answer-key.js';
import { flattened, flattenedKey } from '../key/flatten.js';
import type { HandPair, Recognition } from '../key/recognise.js';
import type { EntryPair } from '../key/pair-entries.js';
import { bearingUndone } from './left-undone.js';
import { inTotal, lostAtStart, pointsOf, pointsSince } from './points.js';

/** A work that has been checked against a key. */
export interface Checked {
  /** Points had; never below zero. */
  readonly points: number;
  /**
   * The most that could be had; what can't be judged counts neither way. With a starting point it is what the
   * untouched start loses: to hand in what one was given earns nothing, what is left undone loses all that hangs
   * on it, and each fault costs the points of its check.
   */
  readonly of: number;
  /** The points of the checks that `of` stands for, where the key says what the whole counts; null: they are `of`. */
  readonly scaledFrom: number | null;
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
  /** What a work from elsewhere says; the rest is not judged and leaves the sum to earn. */
  readonly said?: WhatIsSaid;
  /** What was answered beside the book, by question; absent: no answers came with the work. */
  readonly answers?: ReadonlyMap<string, string>;
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
  const { balancesAt } = options;
  const isFlat = balancesAt !== undefined && key.book.entries.length > 0;
  const start =
    options.start && isFlat ? flattened(options.start, balancesAt) : (options.start ?? null);
  const marking = new Marking(isFlat ? flattenedOnce(key, balancesAt) : key, work, {
    byHand: options.byHand ?? [],
    entriesNotJudged: isFlat ? key.book.entries : [],
    ...(start ? { start } : {}),
    ...(options.said ? { said: options.said } : {}),
    ...(options.answers ? { answers: options.answers } : {}),
  });
  runChecks(marking);
  const results = start ? bearingUndone(marking) : marking.results;
  return {
    ...inTotal(
      key.total,
      start ? pointsSince(lostAtStart(marking.key, start), results) : pointsOf(results),
    ),
    results,
    recognition: marking.compared.recognition,
    entryPairs: marking.compared.entryPairs,
  };
}
