import { numbersIn, plainDecimal } from '../../model/money/amounts-in-text.js';
import { writingOf, type Writing } from '../../model/place/writing.js';
import {
  accountLabel,
  accountOf,
  ENTRY_KINDS,
  type Book,
  type Entry,
  type EntryKind,
} from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { minorDigits, sum, type Amount } from '../../model/money/amount.js';
import type { Document } from '../../model/shapes/document.js';
import { formatDecimal } from '../../model/money/format-amount.js';

export const MADE_BY = ['person', 'document', 'schedule'] as const;
export type MadeBy = (typeof MADE_BY)[number];

const madeBy = ({ document, schedule }: Entry): MadeBy => {
  if (document !== undefined) return 'document';
  return schedule === undefined ? 'person' : 'schedule';
};

/** Which entries are looked for; what is null asks nothing. */
export interface EntriesWanted {
  /** Words, a reference, a day (`2027-03`), an account’s name or number, or an amount: all of them, in any order. */
  readonly text: string;
  readonly kind: EntryKind | null;
  readonly account: string | null;
  /** What made it: a person, a document, a schedule. */
  readonly madeBy: MadeBy | null;
  /** A customer or supplier, whose documents made it. */
  readonly party: string | null;
  readonly from: string | null;
  readonly to: string | null;
  /** One entry, by its id. */
  readonly id: string | null;
}

export const EVERY_ENTRY: EntriesWanted = {
  text: '',
  kind: null,
  account: null,
  madeBy: null,
  party: null,
  from: null,
  to: null,
  id: null,
};

/** What can be found of an entry, in lower case; amounts as decimals, also without those that are nothing. */
function described(book: Book, { date, reference, text, lines }: Entry): string {
  const digits = minorDigits(book.company.currency);
  const ofLines = lines.flatMap(({ account, amount }) => {
    const found = accountOf(book, account);
    const written = formatDecimal(Math.abs(amount), digits);
    return [found ? accountLabel(found) : '', written];
  });
  return [date, reference, text, ...ofLines].join(' ').toLowerCase();
}

/** The words that are looked for; a number as a decimal, however the company’s place writes it. */
const wordsOf = (text: string, writing: Writing): string[] =>
  text
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '')
    .map((word) =>
      numbersIn(word, writing)[0]?.[0] === word ? plainDecimal(word, writing) : word,
    );

const parties = new WeakMap<readonly Document[], ReadonlyMap<string, string | null>>();

/** The party of each document; made once for each list of documents. */
function partiesOf(documents: readonly Document[]): ReadonlyMap<string, string | null> {
  const known = parties.get(documents) ?? new Map(documents.map(({ id, party }) => [id, party]));
  parties.set(documents, known);
  return known;
}

const isOf = (book: Book, { document }: Entry, party: string): boolean =>
  document !== undefined && partiesOf(subledgersOf(book).documents).get(document) === party;

/** Whether an entry is among those that are wanted. */
export function isWanted(book: Book, entry: Entry, wanted: EntriesWanted): boolean {
  const { text, kind, account, from, to, id } = wanted;
  if (id !== null && entry.id !== id) return false;
  if (kind !== null && entry.kind !== kind) return false;
  if ((from !== null && entry.date < from) || (to !== null && entry.date > to)) return false;
  if (account !== null && !entry.lines.some((line) => line.account === account)) return false;
  if (wanted.madeBy !== null && madeBy(entry) !== wanted.madeBy) return false;
  if (wanted.party !== null && !isOf(book, entry, wanted.party)) return false;
  const words = wordsOf(text, writingOf(book.company));
  if (words.length === 0) return true;
  const all = described(book, entry);
  return words.every((word) => all.includes(word));
}

/** The entries of a book that are wanted, in the order in which they stand there. */
export const entriesFound = (book: Book, wanted: EntriesWanted): Entry[] =>
  book.entries.filter((entry) => isWanted(book, entry, wanted));

/** What entries come to: the sum of their debits. */
export const totalOfEntries = (entries: readonly Entry[]): Amount =>
  sum(entries.flatMap(({ lines }) => lines.map(({ amount }) => Math.max(amount, 0))));

/** Entries of one kind: how many, and what they come to. */
export interface KindTotal {
  readonly kind: EntryKind;
  readonly count: number;
  readonly total: Amount;
}

/** The journal by its books of original entry: each kind that there is, in the usual order, with its total. */
export const totalsByKind = (entries: readonly Entry[]): KindTotal[] =>
  ENTRY_KINDS.map((kind) => {
    const own = entries.filter((entry) => entry.kind === kind);
    return { kind, count: own.length, total: totalOfEntries(own) };
  }).filter(({ count }) => count > 0);
