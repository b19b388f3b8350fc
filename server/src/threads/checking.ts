import {
  checkWork,
  keptPairs,
  keyFromOwnWork,
  keptResults,
  ownKey,
  ownStart,
  overviewOf,
  readBook,
  readKey,
  workFromTable,
  type AnswerKey,
  type Book,
  type CheckOptions,
  type Drawing,
  type HandPair,
  type KeptPair,
  type KeptResult,
  type Overview,
  type TableChoice,
  odditiesOf,
  worksAlike,
  type Oddity,
  type WorksAlike,
} from '@gleddo/core';
import { LRUCache } from 'lru-cache';

/** A version of a key and the start it goes with, as they are kept; read once in each thread. */
export interface KeyText {
  readonly id: string;
  readonly key: string;
  readonly start: string;
  /** Whose figures, where they are drawn; absent: as they were made. */
  readonly drawing?: Drawing;
  /** The book with which it was begun, where that is one’s own work of an exercise before. */
  readonly begun?: string;
}

export interface ToCheck {
  readonly key: KeyText;
  readonly work: string;
  /** Accounts joined and parted by hand. */
  readonly byHand?: readonly HandPair[];
  /** What was answered beside the book; null or absent: it came without answers. */
  readonly answers?: Readonly<Record<string, string>> | null;
  /** The table that the work came as; then it is made of that. */
  readonly table?: IncomingTable | null;
}

/** A table that came as a work, and what was chosen of how it is read. */
export interface IncomingTable extends TableChoice {
  readonly cells: readonly (readonly string[])[];
  /** Why nothing could be read in the file. */
  readonly refused?: string;
}

/** A work and what is odd in it. */
export interface OddWork {
  readonly whose: string;
  readonly oddities: readonly Oddity[];
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
const drawn = new LRUCache<string, ReadKey>({ max: 100 });

/** A key and its start with the figures of whoever they are for, made once in each thread. */
export function readKeyText(text: KeyText): ReadKey {
  const { id, drawing, begun } = text;
  const made = begun === undefined ? readAsMade(text) : readAsBegun(text, begun);
  if (!drawing || !made.key.figures) return made;
  const name = `${id} ${drawing.seed} ${drawing.student ?? ''}`;
  const before = drawn.get(name);
  if (before) return before;
  const key = ownKey(made.key, drawing);
  const own = { key, start: ownStart(made.start, made.key, { own: key, drawing }) };
  drawn.set(name, own);
  return own;
}

/** The key for who goes on with a work of their own; kept nowhere, since it is theirs alone. */
function readAsBegun(text: KeyText, begun: string): ReadKey {
  const { key } = readAsMade(text);
  const start = ofText(begun);
  return { key: keyFromOwnWork(key, start), start };
}

/** A key and its start as they were made, read once in each thread. */
export function readAsMade({ id, key: text, start: startText }: KeyText): ReadKey {
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
  | {
      readonly ok: false;
      readonly why: string;
      readonly error: Error;
      /** Whether it is more than that the work can’t be read: somebody should look at the program. */
      readonly isOdd: boolean;
    };

class CantBeChecked extends Error {}

const SURPRISED = 'Something in it is more than a check can follow.';

/** A fault of the work is told; only what is no fault of it is thrown, by what runs the thread. */
function outcomeOf<T>(work: () => T): CheckOutcome<T> {
  try {
    return { ok: true, value: work() };
  } catch (error) {
    const isOdd = !(error instanceof CantBeChecked);
    const why = error instanceof CantBeChecked ? error.message : SURPRISED;
    const known = error instanceof Error ? error : new Error(String(error));
    return { ok: false, why, error: known, isOdd };
  }
}

/** Checks one work with a version of a key. */
export const check = (task: ToCheck): CheckOutcome<CheckedWork> => outcomeOf(() => checked(task));

/** What is odd in a work; nothing, where it can’t be checked. */
export function oddities(task: ToCheck): Oddity[] {
  const found = outcomeOf(() => against(task));
  if (!found.ok) return [];
  const { key, book, found: checked } = found.value;
  const answers = new Map(Object.entries(task.answers ?? {}));
  return odditiesOf({ key, work: book, checked, answers });
}

export const alike = (works: readonly OddWork[]): WorksAlike<string>[] => worksAlike(works);

function against({ key: keyText, work: text, byHand = [], table = null, answers = null }: ToCheck) {
  const { key, start } = readKeyText(keyText);
  const { book, options } = table ? ofTable(key, table) : { book: ofText(text), options: {} };
  const answered = answers ? { answers: new Map(Object.entries(answers)) } : {};
  const found = checkWork(key, book, { start, byHand, ...answered, ...options });
  return { key, start, book, found };
}

function checked(task: ToCheck): CheckedWork {
  const { key, start, book, found } = against(task);
  const results = keptResults(found);
  const pairs = keptPairs(found);
  const overview = overviewOf(key, book, { results, pairs, start });
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
