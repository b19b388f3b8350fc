import type { Book, Subledgers, Entry } from '../../model/book/book.js';
import { subledgersOf, withSubledgers } from '../../model/book/subledgers.js';
import { isMade, withDocumentEntries } from '../../accounting/document/document-entries.js';
import { KIND_FACTS } from '../../accounting/document/document-kinds.js';
import { stockCourse, type Short } from '../../accounting/document/stock.js';
import { shortDecimal } from '../../model/money/format-amount.js';
import { QUANTITY_DIGITS } from '../../model/money/quantity.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { lockedBefore, oddDay, refusalsOf } from './entry-changes.js';
import type { Applied, Rules } from '../operation/operation.js';
import type { Operation } from '../../model/shapes/operation.js';
import { saidOn } from '../../model/place/writing.js';

const gone = refusal(
  'subledgers.gone',
  (f: { what: string; id: string }) =>
    `There is no ${f.what} “${f.id}” in this book. It may have been removed.`,
);
const named = refusal(
  'subledgers.named',
  (f: { name: string; by: string; all: string }) =>
    `“${f.name}” stands in ${f.all} (the first: ${f.by}), so it can’t be removed. Remove those first.`,
);
const waitedFor = refusal(
  'subledgers.waited-for',
  (f: { name: string }) =>
    `Goods of “${f.name}” wait for their invoice since the year before, so it can’t be removed.`,
);
const goodsShort = refusal(
  'document.goods-short',
  (f: { name: string; short: string }) =>
    `More of “${f.name}” went out than came in: ${f.short} short. Their cost is taken at what one cost last, and put right when the goods come in.`,
);
const settled = refusal(
  'document.is-settled',
  (f: { by: string }) => `${f.by} settles it, so it can’t be removed. Remove that one first.`,
);
const fixed = refusal(
  'document.fixed',
  () =>
    'In this exercise what was recorded stays as it is. Record what takes it back, then the right one.',
);
type ListName = 'parties' | 'items' | 'documents' | 'schedules' | 'waiting' | 'templates';
type ThingOf<L extends ListName> = Subledgers[L][number];
type Thing = ThingOf<ListName>;

const WHAT: Readonly<Record<ListName, string>> = {
  parties: 'customer or supplier',
  items: 'item',
  documents: 'document',
  schedules: 'schedule',
  waiting: 'entry in the batch',
  templates: 'template',
};

function placedAt<T extends Thing>(list: readonly T[], thing: T, index = list.length): T[] {
  const at = list.findIndex(({ id }) => id === thing.id);
  const others = list.filter(({ id }) => id !== thing.id);
  others.splice(at >= 0 ? at : index, 0, thing);
  return others;
}

/** Why entries that the program makes anew cannot stand: what holds for a person's holds for them. */
function refusalsOfMade(
  before: Book,
  after: Book,
  { rules, restores }: { readonly rules: Rules; readonly restores: boolean },
): Refusal[] {
  const old = new Map(before.entries.filter(isMade).map((entry) => [entry.id, entry]));
  const refusals: Refusal[] = [];
  for (const entry of after.entries) {
    if (!isMade(entry)) continue;
    const was = old.get(entry.id);
    old.delete(entry.id);
    if (was === entry) continue;
    if (was) refusals.push(...lockedBefore(before, was, rules));
    refusals.push(...refusalsOf(before, entry, { rules, restores }));
  }
  for (const entry of old.values()) refusals.push(...lockedBefore(before, entry, rules));
  return refusals.map((each) => (each.at === 'date' ? each : { ...each, at: '' }));
}

interface Making {
  readonly inverse: Operation;
  /** Whether something is new: what it does to the cost of what went out later is no change of what was recorded. */
  readonly isNew?: boolean;
  readonly rules: Rules;
  readonly restores?: boolean | undefined;
}

/** What is done all the same and pointed out: the days of entries that are new or made anew, and goods that are short. */
function noticed(before: Book, after: Book, rules: Rules): readonly Refusal[] {
  const old = new Set<Entry>(before.entries);
  const days = after.entries
    .filter((entry) => !old.has(entry))
    .flatMap((entry) => oddDay(before, entry, rules));
  return [...days, ...shortSince(subledgersOf(before), subledgersOf(after))];
}

/** Goods that went out and were not there, since a change. */
function shortSince(before: Subledgers, after: Subledgers): readonly Refusal[] {
  if (before.documents === after.documents) return [];
  const known = new Set(stockCourse(before).beyond.map(shortKey));
  return stockCourse(after)
    .beyond.filter((each) => !known.has(shortKey(each)))
    .map(({ item, quantity }) => {
      const { name, unit } = after.items.find(({ id }) => id === item) ?? { name: item, unit: '' };
      const short = shortDecimal(quantity, QUANTITY_DIGITS) + (unit === '' ? '' : ` ${unit}`);
      return goodsShort({ name, short }, 'lines');
    });
}

const shortKey = ({ document, item, quantity }: Short): string =>
  JSON.stringify([document, item, quantity]);

/** Whether something that was recorded is changed by it, or gone. */
function touches(before: Book, after: Book): boolean {
  const there = new Set(after.entries);
  return before.entries.some((entry) => !there.has(entry));
}

/** The changed book with the entries that follow from it, or why they cannot stand. */
export function remade(
  before: Book,
  changed: Book,
  { inverse, rules, restores = false, isNew = false }: Making,
): Result<Applied> {
  const made = withDocumentEntries(before, changed);
  if (!made.ok) return made;
  if (!rules.entriesMayChange && !isNew && touches(before, made.value))
    return refused(fixed({}, 'id'));
  const refusals = refusalsOfMade(before, made.value, { rules, restores });
  if (refusals.length > 0) return refused(...refusals);
  return done({ book: made.value, inverse, notices: () => noticed(before, made.value, rules) });
}

interface Putting<L extends ListName> {
  readonly list: L;
  readonly thing: ThingOf<L>;
  readonly index?: number | undefined;
  readonly restores?: boolean | undefined;
  readonly rules: Rules;
  /** What undoes it: where one with its id stood before, and where none did. */
  readonly undo: (before: ThingOf<L> | null) => Operation;
}

/** Puts a thing in its list, or in the place of the one with its id. */
export function put<L extends ListName>(book: Book, putting: Putting<L>): Result<Applied> {
  const { list, thing, rules, restores } = putting;
  const things: readonly ThingOf<L>[] = subledgersOf(book)[list];
  const before = things.find(({ id }) => id === thing.id) ?? null;
  const changed = withSubledgers(book, { [list]: placedAt(things, thing, putting.index) });
  const isNew = before === null;
  return remade(book, changed, { inverse: putting.undo(before), rules, restores, isNew });
}

interface Removing<L extends ListName> {
  readonly list: L;
  readonly id: string;
  readonly rules: Rules;
  readonly undo: (thing: ThingOf<L>, index: number) => Operation;
}

/** Removes a thing from its list, where no document names it. */
export function remove<L extends ListName>(book: Book, removing: Removing<L>): Result<Applied> {
  const { list, id, rules } = removing;
  const things: readonly ThingOf<L>[] = subledgersOf(book)[list];
  const index = things.findIndex((each) => each.id === id);
  const thing = things[index];
  if (!thing) return refused(gone({ what: WHAT[list], id }, 'id'));
  const held = [...heldBy(book, list, thing), ...heldByEntry(book, list, thing)];
  if (held.length > 0) return refused(...held);
  const changed = withSubledgers(book, { [list]: things.filter((each) => each !== thing) });
  return remade(book, changed, { inverse: removing.undo(thing, index), rules });
}

/** What of it is in the books since they began. */
const sinceBefore = ({ openGoods }: Subledgers, list: ListName, { id }: Thing): boolean =>
  openGoods.some(({ item, party }) => id === (list === 'items' ? item : party));

/** An entry that a person entered and that names a customer or supplier. */
function heldByEntry(book: Book, list: ListName, thing: Thing): Refusal[] {
  if (list !== 'parties' || !('name' in thing)) return [];
  const naming = book.entries.filter(({ lines }) => lines.some(({ party }) => party === thing.id));
  const [first] = naming;
  if (!first) return [];
  const all = naming.length === 1 ? '1 entry' : `${naming.length} entries`;
  return [named({ name: thing.name, by: saidOn(book, first.date), all }, 'id')];
}

function heldBy(book: Book, list: ListName, thing: Thing): Refusal[] {
  const subledgers = subledgersOf(book);
  if ((list === 'items' || list === 'parties') && 'name' in thing)
    if (sinceBefore(subledgers, list, thing)) return [waitedFor({ name: thing.name }, 'id')];
  const { documents } = subledgers;
  const naming = documents.filter((document) => {
    if (list === 'parties') return document.party === thing.id;
    if (list === 'items') return document.lines.some(({ item }) => item === thing.id);
    return list === 'documents' && document.settles.some((each) => each.document === thing.id);
  });
  const [first] = naming;
  if (!first) return [];
  const by = `${KIND_FACTS[first.kind].name} of ${saidOn(book, first.date)}`;
  if (!('name' in thing)) return [settled({ by }, 'id')];
  const all = naming.length === 1 ? '1 document' : `${naming.length} documents`;
  return [named({ name: thing.name, by, all }, 'id')];
}
