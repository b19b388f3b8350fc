import type { Book, Subledgers, Entry } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { done, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { scheduleEntries } from '../schedule/schedule-entries.js';
import type { Document } from '../../model/shapes/document.js';
import type { Party } from '../../model/shapes/party.js';
import { documentLines } from './document-lines.js';
import { KIND_FACTS } from './document-kinds.js';
import { stockCourse, type StockCourse } from './stock.js';

/** Whether the program made an entry, from a document or a schedule; else a person entered it. */
export const isMade = (entry: Entry): boolean =>
  entry.document !== undefined || entry.schedule !== undefined;

/** What made an entry: a document, or a row of a schedule. */
export const makerOf = ({ document, schedule, date }: Entry): string =>
  document === undefined ? `row ${date} ${schedule ?? ''}` : `document ${document}`;

interface Making {
  readonly subledgers: Subledgers;
  readonly stock: StockCourse;
  readonly parties: ReadonlyMap<string, Party>;
}

/** The entry that a document makes; null where it makes none. Refused where an account is missing for it. */
function entryOfDocument(document: Document, making: Making): Result<Entry | null> {
  const facts = KIND_FACTS[document.kind];
  if (facts.entry === null) return done(null);
  const lines = documentLines(document, making.subledgers, making.stock);
  if (!lines.ok) return lines;
  if (lines.value.length < 2) return done(null);
  const { id, date, reference, text, party } = document;
  const name = making.parties.get(party ?? '')?.name;
  return done({
    id: `of-${id}`,
    date,
    kind: facts.entry,
    reference,
    text: text || (name === undefined ? facts.name : `${facts.name}, ${name}`),
    lines: lines.value,
    document: id,
  });
}

interface Known {
  /** All that the entry was told from, besides the document. */
  readonly from: readonly unknown[];
  readonly entry: Result<Entry | null>;
}

const known = new WeakMap<Document, Known>();

/** The same, told once as long as what it is told from is the same: of many documents a change touches few. */
function knownEntry(document: Document, making: Making): Result<Entry | null> {
  const { posting, items, inventory, taxes } = making.subledgers;
  const moves = [...(making.stock.moves.get(document.id) ?? [])].flatMap(([item, move]) => [
    item,
    ...Object.values(move),
  ]);
  const { name, control } = making.parties.get(document.party ?? '') ?? {};
  const from = [posting, items, inventory, taxes, name, control, ...moves];
  const before = known.get(document);
  if (before?.from.length === from.length && before.from.every((each, i) => each === from[i]))
    return before.entry;
  const entry = entryOfDocument(document, making);
  known.set(document, { from, entry });
  return entry;
}

const makings = new WeakMap<Subledgers, Result<readonly Entry[]>>();

/** The entries that documents and schedules make: told from them, from items and the accounts that they use alone. */
export function entriesMadeBy(subledgers: Subledgers): Result<readonly Entry[]> {
  const before = makings.get(subledgers);
  if (before) return before;
  const making = {
    subledgers,
    stock: stockCourse(subledgers),
    parties: new Map(subledgers.parties.map((each) => [each.id, each])),
  };
  const refusals: Refusal[] = [];
  const made: Entry[] = [];
  for (const document of subledgers.documents) {
    const entry = knownEntry(document, making);
    if (!entry.ok) refusals.push(...entry.refusals);
    else if (entry.value) made.push(entry.value);
  }
  made.push(...subledgers.schedules.flatMap(scheduleEntries));
  const all = refusals.length > 0 ? refused(...refusals) : done(made);
  makings.set(subledgers, all);
  return all;
}

const isSame = (a: Entry, b: Entry): boolean =>
  a === b ||
  (a.date === b.date &&
    a.kind === b.kind &&
    a.text === b.text &&
    a.reference === b.reference &&
    a.lines.length === b.lines.length &&
    a.lines.every(({ account, amount }, i) => {
      const other = b.lines[i];
      return other?.account === account && other.amount === amount;
    }));

const byMaker = (entries: readonly Entry[]): ReadonlyMap<string, Entry> =>
  new Map(entries.filter(isMade).map((entry) => [makerOf(entry), entry]));

/** The book with these document entries behind those that a person entered. */
const withMade = (book: Book, made: readonly Entry[]): Book => ({
  ...book,
  entries: [...book.entries.filter((each) => !isMade(each)), ...made],
});

/**
 * A changed book with the entries that its documents and schedules make now. What the change does not touch stays as it
 * stands, also where a file from elsewhere has it otherwise.
 */
export function withDocumentEntries(before: Book, changed: Book): Result<Book> {
  const now = entriesMadeBy(subledgersOf(changed));
  if (!now.ok) return now;
  const was = entriesMadeBy(subledgersOf(before));
  const described = byMaker(was.ok ? was.value : before.entries);
  const stands = byMaker(before.entries);
  const made = now.value.map((entry) => {
    const maker = makerOf(entry);
    const [old, there] = [described.get(maker), stands.get(maker)];
    return old && there && isSame(old, entry) ? there : entry;
  });
  return done(withMade(changed, made));
}

/**
 * The book with the entries of documents and schedules that nobody wrote down: a file may tell what happened without
 * them. Those that are there stay as they are; where an account is missing for one, none are added.
 */
export function withMissingEntries(book: Book): Book {
  if (!book.subledgers) return book;
  const made = entriesMadeBy(book.subledgers);
  if (!made.ok || made.value.length === 0) return book;
  const stands = byMaker(book.entries);
  return withMade(
    book,
    made.value.map((entry) => stands.get(makerOf(entry)) ?? entry),
  );
}
