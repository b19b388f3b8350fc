import type { Book } from '../../model/book/book.js';
import { firstYear } from '../../model/day/calendar.js';
import { opensIn } from './opening-entries.js';
import type { Big } from 'big.js';
import type {
  Aim,
  NumberRule,
  Setting,
  StatementDate,
} from '../../model/exercise-shapes/key-rules.js';
import type { OwnFigures } from '../../model/exercise-shapes/own-figures.js';
import type { Question } from '../../model/exercise-shapes/question.js';

export type { StatementDate } from '../../model/exercise-shapes/key-rules.js';

/** What else is accepted for one account of the key. */
export interface Accepted {
  readonly account: string;
  /** Other names with the same meaning. */
  readonly names: readonly string[];
  /** Names that say something else, whatever else speaks for the account; absent: none is known. */
  readonly otherNames?: readonly string[];
  /** Other account types, besides the key's own. */
  readonly types: readonly string[];
  readonly number: NumberRule;
  /** False: the account may be left out. */
  readonly required: boolean;
  /** True: whoever sets it up has set up an account too many; it is then not required. */
  readonly forbidden?: boolean;
  /** Whether several accounts may stand for it, or one for it and others, when their sum agrees. */
  readonly several: boolean;
  /** Why, in the author's words. */
  readonly reason?: string;
}

/** What else is accepted for one entry of the key: any day from the one to the other. */
export interface AcceptedEntry {
  readonly entry: string;
  readonly from: string;
  readonly to: string;
  readonly required: boolean;
}

/** The instructor's own finished book, and what else is accepted. */
export interface AnswerKey {
  readonly book: Book;
  readonly accepts: readonly Accepted[];
  readonly acceptsEntries: readonly AcceptedEntry[];
  readonly statementDates: readonly StatementDate[];
  /** What it is about; null: what its book shows. */
  readonly aim: Aim | null;
  /** Points by check id, or by check id and subject (`account.type:bank`). 0 leaves the check out. */
  readonly points: Readonly<Record<string, number>>;
  /** What a whole work counts, where its author says so; null: the points of its checks. */
  readonly total: number | null;
  /** Settings of the company that are compared. */
  readonly settings: readonly Setting[];
  /** Asked beside the book. */
  readonly questions: readonly Question[];
  /** What is drawn for each student; absent: everybody has the same figures. */
  readonly figures?: OwnFigures;
  /** What was drawn for this key; absent: it is as it was made. */
  readonly drawn?: DrawnFigures;
}

/** What a seed draws besides amounts and dates. */
interface DrawnFigures {
  readonly quantities: ReadonlyMap<string, Big>;
  /** Puts the names that were drawn in the place of those that were written. */
  named(text: string): string;
}

/** A book as a key: nothing else accepted, statements compared at the end of the first financial year. */
export function keyOf(book: Book, rest: Partial<Omit<AnswerKey, 'book'>> = {}): AnswerKey {
  return {
    book,
    accepts: [],
    acceptsEntries: [],
    statementDates: usualDates(book),
    aim: null,
    points: {},
    total: null,
    questions: [],
    settings: [],
    ...rest,
  };
}

export function usualDates(book: Book): StatementDate[] {
  const { from, to } = firstYear(book.company.firstDay);
  return [
    { statement: 'balance-sheet', at: to },
    { statement: 'profit-and-loss', from, to },
  ];
}

/** What is accepted where nothing is said of an account: a retired one may be left out. */
const usuallyAccepted = (account: string, isRetired: boolean): Accepted => ({
  account,
  names: [],
  types: [],
  number: 'in-band',
  required: !isRetired,
  several: true,
});

const acceptedByKey = new WeakMap<AnswerKey, ReadonlyMap<string, Accepted>>();

/** What is accepted for each account of a key. */
function acceptedOf(key: AnswerKey): ReadonlyMap<string, Accepted> {
  let found = acceptedByKey.get(key);
  if (!found) {
    const usual = key.book.accounts.map(({ id, retired }) => usuallyAccepted(id, retired));
    found = new Map([...usual, ...key.accepts].map((each) => [each.account, each]));
    acceptedByKey.set(key, found);
  }
  return found;
}

/** What is accepted for an account; as usual for one that the key does not have. */
export const acceptedFor = (key: AnswerKey, id: string): Accepted =>
  acceptedOf(key).get(id) ?? usuallyAccepted(id, false);

const acceptedEntries = new WeakMap<AnswerKey, ReadonlyMap<string, AcceptedEntry>>();

/** What is accepted for an entry besides what the key says; null where nothing is. Of two sayings the first holds. */
export function acceptedEntryFor(key: AnswerKey, id: string): AcceptedEntry | null {
  let found = acceptedEntries.get(key);
  if (!found) {
    found = new Map(key.acceptsEntries.toReversed().map((each) => [each.entry, each]));
    acceptedEntries.set(key, found);
  }
  return found.get(id) ?? null;
}

/** The days of a book's entries, by the entries. */
export const datesOfEntries = (book: Book): ReadonlyMap<string, string> =>
  new Map(book.entries.map(({ id, date }) => [id, date]));

const aims = new WeakMap<Book, Aim>();

/** What an exercise is about, where it does not say so: keeping the books where the key has entries of its own, else setting up. */
export function usualAim(book: Book): Aim {
  const known = aims.get(book);
  if (known) return known;
  const opens = opensIn(book);
  const aim = book.entries.some((entry) => !opens(entry)) ? 'books' : 'setting-up';
  aims.set(book, aim);
  return aim;
}

export const aimOf = ({ aim, book }: AnswerKey): Aim => aim ?? usualAim(book);
