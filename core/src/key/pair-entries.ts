import { bestAssignment, type Edge } from './assignment.js';
import { addedUp, signatureOf, type EntryView } from './entry-view.js';

/**
 * Entries of the key and of the work that stand for each other. Usually one and one; several on one side
 * when they were split or joined; none on one side when an entry is missing or too many; none of the key
 * and two of the work when the work's entries undo each other.
 */
export interface EntryPair {
  readonly keys: readonly EntryView[];
  readonly works: readonly EntryView[];
  /** Whether both sides say the same of the books, dates aside. */
  readonly agrees: boolean;
}

/**
 * Pairs the entries: the same content on the same day; the same content; entries that undo each other;
 * split and joined ones; then the best overall assignment by date, accounts, sides and amounts.
 */
export function pairEntries(keys: readonly EntryView[], works: readonly EntryView[]): EntryPair[] {
  const pairs: EntryPair[] = [];
  const left = { keys: new Set(keys), works: new Set(works) };
  const take = (some: readonly EntryView[], others: readonly EntryView[], agrees: boolean) => {
    for (const view of some) left.keys.delete(view);
    for (const view of others) left.works.delete(view);
    pairs.push({ keys: some, works: others, agrees });
  };
  pairSame(left, take);
  pairUndoing(left.works, (one, other) => take([], [one, other], true));
  pairSplit(left.keys, left.works, (one, several) => take([one], several, true));
  pairSplit(left.works, left.keys, (one, several) => take(several, [one], true));
  pairNear(left, (one, other) => take([one], [other], false));
  for (const view of [...left.keys]) take([view], [], false);
  for (const view of [...left.works]) take([], [view], false);
  return pairs;
}

interface Left {
  readonly keys: Set<EntryView>;
  readonly works: Set<EntryView>;
}

type Take = (keys: readonly EntryView[], works: readonly EntryView[], agrees: boolean) => void;

/** Entries of the work that say the same: one alone, or several by their days. */
class Alike {
  private readonly alone = new Map<string, EntryView>();
  private readonly several = new Map<string, Map<string, EntryView[]>>();

  constructor(works: Iterable<EntryView>) {
    for (const view of works) {
      const other = this.alone.get(view.signature);
      if (!other && !this.several.has(view.signature)) this.alone.set(view.signature, view);
      else this.gather(other ? [other, view] : [view]);
    }
  }

  private gather(views: readonly EntryView[]): void {
    for (const view of views) {
      const { signature, entry } = view;
      this.alone.delete(signature);
      const days = this.several.get(signature) ?? new Map<string, EntryView[]>();
      this.several.set(signature, days);
      const list = days.get(entry.date);
      if (list) list.push(view);
      else days.set(entry.date, [view]);
    }
  }

  /** Takes out one that says the same as a key's entry; of the same day, or of whichever. */
  take({ signature, entry }: EntryView, sameDay: boolean): EntryView | null {
    const one = this.alone.get(signature);
    if (one) {
      if (sameDay && one.entry.date !== entry.date) return null;
      this.alone.delete(signature);
      return one;
    }
    const days = this.several.get(signature);
    const day = sameDay ? entry.date : (days?.keys().next().value ?? '');
    const list = days?.get(day);
    const taken = list?.shift() ?? null;
    if (list?.length === 0) days?.delete(day);
    return taken;
  }
}

/** Pairs what says the same, first on the same day, then on whichever. */
function pairSame(left: Left, take: Take): void {
  if (left.keys.size === 0 || left.works.size === 0) return;
  const alike = new Alike(left.works);
  for (const sameDay of [true, false])
    for (const view of [...left.keys]) {
      const partner = alike.take(view, sameDay);
      if (partner) take([view], [partner], true);
    }
}

/** An entry and its reversal, where neither stands in the key. */
function pairUndoing(
  works: ReadonlySet<EntryView>,
  take: (one: EntryView, other: EntryView) => void,
): void {
  const waiting = new Map<string, EntryView>();
  for (const view of [...works]) {
    const opposite = signatureOf(new Map([...view.sums].map(([unit, sum]) => [unit, -sum])));
    const other = waiting.get(opposite);
    if (other) {
      waiting.delete(opposite);
      take(other, view);
    } else waiting.set(view.signature, view);
  }
}

const MOST_PARTS = 4;
const MOST_CANDIDATES = 12;

function pairSplit(
  ones: ReadonlySet<EntryView>,
  parts: ReadonlySet<EntryView>,
  take: (one: EntryView, several: readonly EntryView[]) => void,
): void {
  if (parts.size < 2) return;
  for (const one of [...ones]) {
    const fitting = [...parts].filter((part) => fitsInto(part, one));
    const found = partsOf(one, fitting);
    if (found) take(one, found);
  }
}

/** A part of an entry touches only its accounts (others would have to cancel out). */
const fitsInto = (part: EntryView, one: EntryView): boolean => {
  let shared = 0;
  for (const unit of part.sums.keys()) if (one.sums.has(unit)) shared++;
  return shared > 0 && shared >= part.sums.size - 1;
};

function partsOf(one: EntryView, fitting: readonly EntryView[]): EntryView[] | null {
  const sameDay = fitting.filter((part) => part.entry.date === one.entry.date);
  for (const group of [sameDay, fitting])
    if (group.length >= 2 && signatureOf(addedUp(group)) === one.signature) return [...group];
  const near = [...fitting].sort((a, b) => apart(a, one) - apart(b, one)).slice(0, MOST_CANDIDATES);
  return searchParts(one.signature, near, [], 0);
}

function searchParts(
  wanted: string,
  among: readonly EntryView[],
  chosen: readonly EntryView[],
  from: number,
): EntryView[] | null {
  if (chosen.length >= 2 && signatureOf(addedUp(chosen)) === wanted) return [...chosen];
  if (chosen.length === MOST_PARTS) return null;
  for (let i = from; i < among.length; i++) {
    const found = searchParts(wanted, among, [...chosen, among[i] as EntryView], i + 1);
    if (found) return found;
  }
  return null;
}

const DAY = 86_400_000;

/** Days between two entries. */
const apart = (a: EntryView, b: EntryView): number =>
  Math.abs(Date.parse(a.entry.date) - Date.parse(b.entry.date)) / DAY;

const ENOUGH = 0.45;

function pairNear(left: Left, take: (key: EntryView, work: EntryView) => void): void {
  const rows = [...left.keys];
  const columns = [...left.works];
  const edges: Edge[] = [];
  rows.forEach((key, row) =>
    columns.forEach((work, column) => {
      const worth = nearness(key, work);
      if (worth >= ENOUGH) edges.push({ row, column, worth });
    }),
  );
  for (const { row, column } of bestAssignment(edges))
    take(rows[row] as EntryView, columns[column] as EntryView);
}

/** How near two entries are, from 0 to 1: shared accounts on their side, amounts, date, reference. */
function nearness(key: EntryView, work: EntryView): number {
  const units = new Set([...key.sums.keys(), ...work.sums.keys()]);
  let accounts = 0;
  let amounts = 0;
  const workAmounts = new Set(work.sums.values());
  for (const [unit, sum] of key.sums) {
    const other = work.sums.get(unit) ?? 0;
    if (other !== 0) accounts += Math.sign(other) === Math.sign(sum) ? 1 : 0.7;
    if (other === sum || workAmounts.has(sum)) amounts += 1;
  }
  const date = Math.max(0, 1 - apart(key, work) / 31);
  const sameReference =
    key.entry.reference !== '' && key.entry.reference === work.entry.reference ? 0.1 : 0;
  return (
    0.5 * (accounts / units.size) + 0.3 * (amounts / key.sums.size) + 0.2 * date + sameReference
  );
}
