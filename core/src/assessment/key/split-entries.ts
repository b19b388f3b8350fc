import type { Amount } from '../../model/money/amount.js';
import { addedUp, signatureOf, type EntryView } from './entry-view.js';

const MOST_PARTS = 4;
const MOST_CANDIDATES = 12;
/** So many of one account and one day are summed up together. */
const MOST_TOGETHER = 48;

/** Entries by the accounts that they touch and by their days, so that the parts of one are found without looking at all. */
export class PartsIndex {
  private readonly byPair = new Map<number, EntryView[]>();
  private readonly byDay = new Map<number, EntryView[]>();

  constructor(private readonly parts: ReadonlySet<EntryView>) {
    const put = (map: Map<number, EntryView[]>, at: number, part: EntryView) => {
      const list = map.get(at);
      if (list) list.push(part);
      else map.set(at, [part]);
    };
    for (const part of [...parts].sort((a, b) => a.day - b.day)) {
      put(this.byDay, part.day, part);
      for (const pairIndex of part.sums.keys()) put(this.byPair, pairIndex, part);
    }
  }

  /** Several that add up to one, of its own day or of any; null where none do. */
  partsOf(one: EntryView, onlySameDay: boolean): EntryView[] | null {
    const near = this.fitting(one, onlySameDay ? this.ofItsDay(one) : this.ofItsAccounts(one));
    if (near.length < 2) return null;
    const sameDay = near.filter((part) => part.day === one.day);
    for (const group of onlySameDay ? [sameDay] : [sameDay, near])
      if (group.length >= 2 && signatureOf(addedUp(group)) === one.signature) return [...group];
    return new Search(one, near.slice(0, MOST_CANDIDATES)).parts();
  }

  private ofItsDay(one: EntryView): readonly EntryView[] {
    return (this.byDay.get(one.day) ?? []).slice(0, MOST_TOGETHER);
  }

  private ofItsAccounts(one: EntryView): readonly EntryView[] {
    const found = new Set<EntryView>();
    for (const pairIndex of one.sums.keys())
      for (const part of around(this.byPair.get(pairIndex) ?? [], one.day)) found.add(part);
    return [...found].sort((a, b) => Math.abs(a.day - one.day) - Math.abs(b.day - one.day));
  }

  /** Those that nobody took yet and that touch its accounts and at most one other. */
  private fitting(one: EntryView, among: readonly EntryView[]): readonly EntryView[] {
    return among.filter((part) => this.parts.has(part) && fitsInto(part, one));
  }
}

/** The entries of a list, sorted by day, that lie nearest to one. */
function around(list: readonly EntryView[], day: number): readonly EntryView[] {
  if (list.length <= MOST_TOGETHER) return list;
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((list[middle] as EntryView).day < day) low = middle + 1;
    else high = middle;
  }
  const from = Math.max(0, Math.min(list.length - MOST_TOGETHER, low - MOST_TOGETHER / 2));
  return list.slice(from, from + MOST_TOGETHER);
}

/** A part of an entry touches only its accounts, or one more through which it passes. */
const fitsInto = (part: EntryView, one: EntryView): boolean => {
  let shared = 0;
  for (const pairIndex of part.sums.keys()) if (one.sums.has(pairIndex)) shared++;
  return shared > 0 && shared >= part.sums.size - 1;
};

/** Looks for a few parts by what they move on one account, and then looks at all of it. */
class Search {
  private readonly wanted: Amount;
  private readonly moves: readonly Amount[];
  private readonly chosen: number[] = [];

  constructor(
    private readonly one: EntryView,
    private readonly among: readonly EntryView[],
  ) {
    const [pairIndex = NaN, wanted = 0] = [...one.sums][0] ?? [];
    this.wanted = wanted;
    this.moves = among.map((part) => part.sums.get(pairIndex) ?? 0);
  }

  parts(): EntryView[] | null {
    return this.from(0, 0) ? this.views() : null;
  }

  private from(first: number, sum: Amount): boolean {
    if (this.chosen.length >= 2 && sum === this.wanted && this.isAll()) return true;
    if (this.chosen.length === MOST_PARTS) return false;
    for (let i = first; i < this.among.length; i++) {
      this.chosen.push(i);
      if (this.from(i + 1, sum + (this.moves[i] as Amount))) return true;
      this.chosen.pop();
    }
    return false;
  }

  private views(): EntryView[] {
    return this.chosen.map((i) => this.among[i] as EntryView);
  }

  private isAll(): boolean {
    return signatureOf(addedUp(this.views())) === this.one.signature;
  }
}
