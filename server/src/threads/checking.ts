import {
  checkWork,
  keptPairs,
  keptResults,
  overviewOf,
  readBook,
  readKey,
  workFromTable,
  type AnswerKey,
  type Book,
  type CheckOptions,
  type HandPair,
  type KeptPair,
  type KeptResult,
  type Overview,
  type TableChoice,
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
  /** Accounts joined and parted by hand. */
  readonly byHand?: readonly HandPair[];
  /** The table that the work came as; then it is made of that. */
  readonly table?: IncomingTable | null;
}

/** A table that came as a work, and what was chosen of how it is read. */
export interface IncomingTable extends TableChoice {
  readonly cells: readonly (readonly string[])[];
  /** Why nothing could be read in the file. */
  readonly refused?: string;
}

/** A checked work as it is kept. */
export interface CheckedWork {
  readonly points: number;
  readonly of: number;
  readonly scaledFrom: number | null;
  readonly pairs: readonly KeptPair[];
  readonly results: readonly KeptResult[];
  readonly overview: Overview;
}

interface ReadKey {
  readonly key: AnswerKey;
  readonly start: Book;
}

const known = new LRUCache<string, ReadKey>({ max: 50 });

/** A key and its start, read once in each thread. */
export function readKeyText({ id, key: text, start: startText }: KeyText): ReadKey {
  const before = known.get(id);
  if (before) return before;
  const key = readKey(text);
  const start = readBook(startText);
  if (!key.ok) throw new CantBeChecked(`The key can’t be read. ${key.refusals[0]?.says ?? ''}`);
  if (!start.ok)
    throw new CantBeChecked(`The starting point can’t be read. ${start.refusals[0]?.says ?? ''}`);
  const read = { key: key.value, start: start.value };
  known.set(id, read);
  return read;
}

/** What came of a check; or why this work can't be checked, in a sentence, and what went wrong, for the log. */
export type CheckOutcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly why: string; readonly error: Error };

class CantBeChecked extends Error {}

const SURPRISED = 'Something in it is more than a check can follow.';

/** A fault of the work is told; only what is no fault of it is thrown, by what runs the thread. */
function outcomeOf<T>(work: () => T): CheckOutcome<T> {
  try {
    return { ok: true, value: work() };
  } catch (error) {
    const why = error instanceof CantBeChecked ? error.message : SURPRISED;
    return { ok: false, why, error: error instanceof Error ? error : new Error(String(error)) };
  }
}

/** Checks one work with a version of a key. */
export const check = (task: ToCheck): CheckOutcome<CheckedWork> => outcomeOf(() => checked(task));

function checked({ key: keyText, work: text, byHand = [], table = null }: ToCheck): CheckedWork {
  const { key, start } = readKeyText(keyText);
  const { book, options } = table ? ofTable(key, table) : { book: ofText(text), options: {} };
  const found = checkWork(key, book, { start, byHand, ...options });
  const results = keptResults(found);
  const pairs = keptPairs(found);
  const overview = overviewOf(key, book, results, pairs);
  const { points, of, scaledFrom } = found;
  return { points, of, scaledFrom, pairs, results, overview };
}

function ofText(text: string): Book {
  const work = readBook(text);
  if (work.ok) return work.value;
  throw new CantBeChecked(`The book can’t be read. ${work.refusals[0]?.says ?? ''}`);
}

/** A work that came as a table says less than a book: what it can't say is not judged. */
function ofTable(key: AnswerKey, table: IncomingTable) {
  if (table.refused) throw new CantBeChecked(table.refused);
  const work = workFromTable(key, table.cells, table);
  if (!work.ok) throw new CantBeChecked(`The table can’t be read. ${work.refusals[0]?.says ?? ''}`);
  const { book, said, balancesAt } = work.value;
  const options: CheckOptions = { said, ...(balancesAt === null ? {} : { balancesAt }) };
  return { book, options };
}

/** The same as texts, ready to be kept. */
export interface KeptCheck {
  readonly points: number;
  readonly of: number;
  readonly scaledFrom: number | null;
  readonly pairs: string;
  readonly results: string;
  readonly overview: string;
}

export const checkToKeep = (task: ToCheck): CheckOutcome<KeptCheck> =>
  outcomeOf(() => asTexts(checked(task)));

function asTexts({ pairs, results, overview, ...marks }: CheckedWork): KeptCheck {
  return {
    ...marks,
    pairs: JSON.stringify(pairs),
    results: JSON.stringify(results),
    overview: JSON.stringify(overview),
  };
}
