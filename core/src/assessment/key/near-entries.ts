import { bestAssignment, type Edge } from './assignment.js';
import type { EntryView } from './entry-view.js';

/** From here on two entries are taken for the same, one of them wrong. */
const ENOUGH = 0.45;
/** Each entry is looked at beside so many that share something with it, of each kind. */
const MOST_ALIKE = 12;

const dayOf = ({ day }: EntryView): number => day;

/** A list by a number, in which those nearest to a number are found at once. */
class Sorted {
  private readonly sorted: readonly (readonly [at: number, view: EntryView])[];

  constructor(views: readonly EntryView[], by: (view: EntryView) => number) {
    this.sorted = views
      .map((view) => [by(view), view] as const)
      .sort(([one], [other]) => one - other);
  }

  nearest(to: number): readonly EntryView[] {
    const last = Math.max(0, this.sorted.length - MOST_ALIKE);
    const from = Math.max(0, Math.min(last, this.placeOf(to) - MOST_ALIKE / 2));
    return this.sorted.slice(from, from + MOST_ALIKE).map(([, view]) => view);
  }

  private placeOf(to: number): number {
    let low = 0;
    let high = this.sorted.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.sorted[middle]?.[0] ?? 0) < to) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}

const amountOf = ({ sums }: EntryView): number => {
  let most = 0;
  for (const amount of sums.values()) most = Math.max(most, Math.abs(amount));
  return most;
};

interface Group {
  readonly byDay: Sorted;
  readonly byAmount: Sorted;
}

/** Entries of a work by what they share with others: accounts, amounts, days. */
export class Near {
  private readonly groups = new Map<string, Group>();
  private readonly at = new Map<EntryView, number>();

  constructor(works: readonly EntryView[]) {
    const lists = new Map<string, EntryView[]>();
    for (const [i, view] of works.entries()) {
      this.at.set(view, i);
      for (const mark of marksOf(view)) {
        const list = lists.get(mark);
        if (list) list.push(view);
        else lists.set(mark, [view]);
      }
    }
    for (const [mark, list] of lists)
      this.groups.set(mark, {
        byDay: new Sorted(list, dayOf),
        byAmount: new Sorted(list, amountOf),
      });
  }

  /** The best overall assignment of the key's entries to those that are near enough. */
  bestFor(keys: readonly EntryView[]): [key: EntryView, work: EntryView][] {
    const edges: (Edge & { readonly pair: [EntryView, EntryView] })[] = [];
    keys.forEach((key, row) => {
      for (const work of this.alike(key)) {
        const worth = nearness(key, work);
        if (worth >= ENOUGH)
          edges.push({ row, column: this.at.get(work) ?? -1, worth, pair: [key, work] });
      }
    });
    return bestAssignment(edges).map(({ pair }) => pair);
  }

  private alike(key: EntryView): Set<EntryView> {
    const found = new Set<EntryView>();
    for (const mark of marksOf(key)) {
      const group = this.groups.get(mark);
      for (const view of group?.byDay.nearest(dayOf(key)) ?? []) found.add(view);
      for (const view of group?.byAmount.nearest(amountOf(key)) ?? []) found.add(view);
    }
    return found;
  }
}

/** What entries may share: all their accounts, one of them, the day, the amount. */
function* marksOf(view: EntryView): Generator<string> {
  const pairIndexes = [...view.sums.keys()].sort((a, b) => a - b);
  yield `accounts ${pairIndexes.join(' ')}`;
  for (const pairIndex of pairIndexes) yield `account ${pairIndex}`;
  yield `day ${view.entry.date}`;
  yield `amount ${amountOf(view)}`;
}

/** `line`: the same amount on the same account and day, whatever stands against it: one thing that happened. */
const WEIGHT = { accounts: 0.5, amounts: 0.3, day: 0.2, reference: 0.1, line: 0.15 };
const TURNED = 0.7;
/** So many days apart, the day says nothing any more. */
const FAR = 31;

/** How near two entries are, from 0 to 1: shared accounts on their side, amounts, date, reference. */
function nearness(key: EntryView, work: EntryView): number {
  const pairIndexes = new Set([...key.sums.keys(), ...work.sums.keys()]);
  let accounts = 0;
  let amounts = 0;
  let hasLine = false;
  const workAmounts = new Set(work.sums.values());
  for (const [pairIndex, sum] of key.sums) {
    const other = work.sums.get(pairIndex) ?? 0;
    if (other !== 0) accounts += Math.sign(other) === Math.sign(sum) ? 1 : TURNED;
    hasLine ||= other === sum;
    if (other === sum || other === -sum || workAmounts.has(sum)) amounts += 1;
  }
  const day = Math.max(0, 1 - Math.abs(dayOf(key) - dayOf(work)) / FAR);
  const { reference } = key.entry;
  const sameReference = reference !== '' && reference === work.entry.reference;
  return (
    WEIGHT.accounts * (accounts / pairIndexes.size) +
    WEIGHT.amounts * (amounts / key.sums.size) +
    WEIGHT.day * day +
    (sameReference ? WEIGHT.reference : 0) +
    (hasLine && day === 1 ? WEIGHT.line : 0)
  );
}
