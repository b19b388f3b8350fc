import type { Book, Dealings, Entry } from '../book/book.js';
import { dealingsOf } from '../book/dealings.js';
import { done, refused, type Refusal, type Result } from '../refusal/refusal.js';
import { scheduleEntries } from '../schedule/schedule-entries.js';
import type { Document } from '../shape/document.js';
import { documentLines } from './document-lines.js';
import { KIND_FACTS } from './document-kinds.js';
import { stockCourse, type StockCourse } from './stock.js';

/** Whether the program made an entry, from a document or a schedule; else a person entered it. */
export const isMade = (entry: Entry): boolean =>
  entry.document !== undefined || entry.schedule !== undefined;

/** The entry that a document makes; null where it makes none. Refused where an account is missing for it. */
function entryOfDocument(
  document: Document,
  dealings: Dealings,
  stock: StockCourse = stockCourse(dealings),
): Result<Entry | null> {
  const { entry: kind } = KIND_FACTS[document.kind];
  if (kind === null) return done(null);
  const lines = documentLines(document, dealings, stock);
  if (!lines.ok) return lines;
  if (lines.value.length < 2) return done(null);
  const { id, date, reference, text } = document;
  return done({
    id: `of-${id}`,
    date,
    kind,
    reference,
    text: text || saysOf(document, dealings),
    lines: lines.value,
    document: id,
  });
}

function saysOf({ kind, party }: Document, { parties }: Dealings): string {
  const name = parties.find(({ id }) => id === party)?.name;
  return name === undefined ? KIND_FACTS[kind].name : `${KIND_FACTS[kind].name}, ${name}`;
}

const isSame = (a: Entry, b: Entry): boolean =>
  a.date === b.date &&
  a.kind === b.kind &&
  a.text === b.text &&
  a.reference === b.reference &&
  a.lines.length === b.lines.length &&
  a.lines.every(({ account, amount }, i) => {
    const other = b.lines[i];
    return other?.account === account && other.amount === amount;
  });

/**
 * The book with the entries that its documents and schedules make, behind those that a person entered: told from
 * documents, items and the accounts that they use alone. An entry that stays as it was is the same value.
 */
export function withMadeEntries(book: Book): Result<Book> {
  const dealings = dealingsOf(book);
  const stock = stockCourse(dealings);
  const refusals: Refusal[] = [];
  const made: Entry[] = [];
  for (const document of dealings.documents) {
    const entry = entryOfDocument(document, dealings, stock);
    if (!entry.ok) refusals.push(...entry.refusals);
    else if (entry.value) made.push(entry.value);
  }
  if (refusals.length > 0) return refused(...refusals);
  made.push(...dealings.schedules.flatMap(scheduleEntries));
  const before = new Map(book.entries.map((entry) => [entry.id, entry]));
  const kept = made.map((entry) => {
    const old = before.get(entry.id);
    return old && isMade(old) && isSame(old, entry) ? old : entry;
  });
  return done({ ...book, entries: [...book.entries.filter((each) => !isMade(each)), ...kept] });
}

/** What an entry was made by: a document, or a row of a schedule. */
const makerOf = ({ document, schedule, date }: Entry): string =>
  JSON.stringify(document === undefined ? [schedule, date] : [document]);

/**
 * The book with the entries of documents and schedules that nobody wrote down: a file may tell what happened without
 * them. Those that are there stay as they are; where an account is missing for one, none are added.
 */
export function withMissingEntries(book: Book): Book {
  const { documents, schedules } = dealingsOf(book);
  if (documents.length + schedules.length === 0) return book;
  const made = withMadeEntries(book);
  if (!made.ok) return book;
  const there = new Set(book.entries.filter(isMade).map(makerOf));
  const missing = made.value.entries.filter((entry) => isMade(entry) && !there.has(makerOf(entry)));
  return missing.length === 0 ? book : { ...book, entries: [...book.entries, ...missing] };
}
