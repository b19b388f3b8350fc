import type { Entry } from '../../model/book/book.js';
import { signatureOf, type EntryView } from './entry-view.js';
import { Near } from './near-entries.js';
import { PartsIndex } from './split-entries.js';

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
  /** Whether they say it in another way, so that days and entries can't be held against each other one by one. */
  readonly isEquivalent?: boolean;
}

/** The days on which figures are compared: entries between two of them have the same effect on all. */
export type Comparing = readonly string[];

/**
 * Pairs the entries: the same content on the same day, split and joined there, too; the same content on the nearest
 * day; entries that undo each other; split and joined ones of several days; then the best overall assignment by date, accounts, sides and amounts. An entry that
 * was recorded a second time stands for nothing else.
 */
export function pairEntries(
  keys: readonly EntryView[],
  works: readonly EntryView[],
  comparing: Comparing = [],
): EntryPair[] {
  const pairing = new Pairing(keys, works);
  pairSameDay(pairing);
  if (pairing.works.size > 0) {
    pairSplit(pairing, comparing, true);
    pairSameContent(pairing);
    pairUndoing(pairing, comparing);
    pairSplit(pairing, comparing, false);
    pairNear(pairing);
  }
  return pairing.finished();
}

/** Entries while they are paired. */
class Pairing {
  readonly keys: Set<EntryView>;
  readonly works: Set<EntryView>;
  readonly pairs: EntryPair[] = [];

  constructor(keys: readonly EntryView[], works: readonly EntryView[]) {
    this.keys = new Set(keys);
    this.works = new Set(works);
  }

  take(pair: EntryPair): void {
    for (const view of pair.keys) this.keys.delete(view);
    for (const view of pair.works) this.works.delete(view);
    this.pairs.push(pair);
  }

  finished(): EntryPair[] {
    for (const view of [...this.keys]) this.take({ keys: [view], works: [], agrees: false });
    for (const view of [...this.works]) this.take({ keys: [], works: [view], agrees: false });
    return this.pairs;
  }
}

function gathered<K>(views: Iterable<EntryView>, by: (view: EntryView) => K): Map<K, EntryView[]> {
  const found = new Map<K, EntryView[]>();
  for (const view of views) {
    const name = by(view);
    const list = found.get(name);
    if (list) list.push(view);
    else found.set(name, [view]);
  }
  return found;
}

const dayAndContent = ({ entry, signature }: EntryView): string => `${entry.date} ${signature}`;
const dayKindAndContent = (view: EntryView): string => `${view.entry.kind} ${dayAndContent(view)}`;
const contentOf = ({ signature }: EntryView): string => signature;

/** Up to so many that say the same, their days are looked at one by one. */
const FEW_ALIKE = 64;

/** Pairs what says the same on the same day: of one kind first. */
function pairSameDay(pairing: Pairing): void {
  const alike = gathered(pairing.works, contentOf);
  for (const list of alike.values()) if (list.length > FEW_ALIKE) return pairManySameDay(pairing);
  for (const isKind of [true, false])
    for (const key of [...pairing.keys]) {
      const list = alike.get(key.signature);
      const at = list?.findIndex((work) => isSameDay(key.entry, work.entry, isKind)) ?? -1;
      if (!list || at < 0) continue;
      const [work] = list.splice(at, 1);
      if (work) pairing.take({ keys: [key], works: [work], agrees: true });
    }
}

const isSameDay = (one: Entry, other: Entry, isKind: boolean): boolean =>
  one.date === other.date && (!isKind || one.kind === other.kind);

/** The same where so many say the same that they are looked up by their days. */
function pairManySameDay(pairing: Pairing): void {
  const { keys, works } = pairing;
  for (const by of [dayKindAndContent, dayAndContent]) {
    if (keys.size === 0 || works.size === 0) return;
    const sameDay = gathered(works, by);
    for (const key of [...keys]) {
      const work = sameDay.get(by(key))?.shift();
      if (work) pairing.take({ keys: [key], works: [work], agrees: true });
    }
  }
}

/** Pairs what says the same on the nearest day. */
function pairSameContent(pairing: Pairing): void {
  const { keys, works } = pairing;
  if (keys.size === 0 || works.size === 0) return;
  const left = gathered(works, contentOf);
  for (const [content, some] of gathered([...keys], contentOf))
    for (const [key, work] of nearestDays(some, left.get(content) ?? []))
      pairing.take({ keys: [key], works: [work], agrees: true });
}

const byDay = (a: EntryView, b: EntryView): number => (a.entry.date < b.entry.date ? -1 : 1);

/** Pairs in the order of their days; of more on one side those are left that are furthest. */
function nearestDays(
  some: readonly EntryView[],
  others: readonly EntryView[],
): [EntryView, EntryView][] {
  if (others.length === 0) return [];
  const [few, many] = some.length <= others.length ? [some, others] : [others, some];
  const left = [...many].sort(byDay);
  return [...few].sort(byDay).map((one, i) => {
    const most = left.length - (few.length - i - 1);
    let at = 0;
    for (let j = 1; j < most; j++)
      if (apart(left[j] as EntryView, one) < apart(left[at] as EntryView, one)) at = j;
    const other = left[at] as EntryView;
    left.splice(0, at + 1);
    return few === some ? [one, other] : [other, one];
  });
}

/** Days between two entries. */
const apart = (a: EntryView, b: EntryView): number => Math.abs(a.day - b.day);

/** Between which of the days that are compared an entry lies. */
export const spanOf = (date: string, comparing: Comparing): number =>
  comparing.filter((day) => day < date).length;

/** Whether entries have their effect between the same days that are compared. */
const inOneSpan = (views: readonly EntryView[], comparing: Comparing): boolean =>
  new Set(views.map(({ entry }) => spanOf(entry.date, comparing))).size <= 1;

/** An entry and its reversal, where neither stands in the key and no figure that is compared shows the one without the other. */
function pairUndoing(pairing: Pairing, comparing: Comparing): void {
  const waiting = new Map<string, EntryView[]>();
  for (const view of [...pairing.works]) {
    const opposite = signatureOf(
      new Map([...view.sums].map(([pairIndex, sum]) => [pairIndex, -sum])),
    );
    const found = waiting.get(opposite)?.find((each) => inOneSpan([each, view], comparing));
    if (found) {
      waiting.set(opposite, waiting.get(opposite)?.filter((each) => each !== found) ?? []);
      pairing.take({ keys: [], works: [found, view], agrees: true });
    } else waiting.set(view.signature, [...(waiting.get(view.signature) ?? []), view]);
  }
}

/** Pairs one with several whose sum it is; where these pass through another account, their days are their own. */
function pairSplit(pairing: Pairing, comparing: Comparing, sameDay: boolean): void {
  const { keys, works } = pairing;
  const join = (ones: Set<EntryView>, parts: Set<EntryView>, isSplit: boolean) => {
    if (ones.size === 0 || parts.size < 2) return;
    const index = new PartsIndex(parts);
    for (const one of [...ones]) {
      const found = index.partsOf(one, sameDay);
      if (!found) continue;
      const passes = found.some((part) =>
        [...part.sums.keys()].some((pairIndex) => !one.sums.has(pairIndex)),
      );
      const isEquivalent = passes && inOneSpan([one, ...found], comparing);
      if (passes && !isEquivalent) continue;
      const [mine, theirs] = isSplit ? [[one], found] : [found, [one]];
      pairing.take({ keys: mine, works: theirs, agrees: true, isEquivalent });
    }
  };
  join(keys, works, true);
  join(works, keys, false);
}

function pairNear(pairing: Pairing): void {
  const { keys, works } = pairing;
  if (keys.size === 0 || works.size === 0) return;
  const recorded = new Set(
    pairing.pairs.flatMap((pair) => (pair.keys.length === 1 ? pair.works.map(dayAndContent) : [])),
  );
  const once = [...works].filter((view) => !recorded.has(dayAndContent(view)));
  for (const [key, work] of new Near(once).bestFor([...keys]))
    pairing.take({ keys: [key], works: [work], agrees: false });
}
