import type { Amount } from '../../model/money/amount.js';
import { addedUp, type EntryView } from './entry-view.js';
import { spanOf, type Comparing, type EntryPair } from './pair-entries.js';

/** What the works of some pairs move more than the keys, by the span between compared days and by account. */
type Differences = ReadonlyMap<string, Amount>;

function differencesOf(pairs: readonly EntryPair[], comparing: Comparing): Differences {
  const found = new Map<string, Amount>();
  const add = (views: readonly EntryView[], sign: 1 | -1) => {
    for (const { entry, sums } of views)
      for (const [pairIndex, amount] of sums) {
        const at = `${spanOf(entry.date, comparing)} ${entry.kind === 'closing' ? 'c' : ''} ${pairIndex}`;
        const sum = (found.get(at) ?? 0) + sign * amount;
        if (sum === 0) found.delete(at);
        else found.set(at, sum);
      }
  };
  for (const { keys, works } of pairs) {
    add(works, 1);
    add(keys, -1);
  }
  return found;
}

/** The accounts on which both sides of a pair differ, whenever. */
function differingPairs({ keys, works }: EntryPair): number[] {
  const found = new Map(addedUp(works));
  for (const [pairIndex, amount] of addedUp(keys)) {
    const left = (found.get(pairIndex) ?? 0) - amount;
    if (left === 0) found.delete(pairIndex);
    else found.set(pairIndex, left);
  }
  return [...found.keys()];
}

/** Pairs that differ on the same accounts, together. */
function connected(pairs: readonly EntryPair[]): EntryPair[][] {
  const above = new Map<number, number>();
  const top = (pairIndex: number): number => {
    let at = pairIndex;
    for (let up = above.get(at); up !== undefined; up = above.get(at)) at = up;
    return at;
  };
  const firsts = pairs.map((pair) => {
    const [first = -1, ...others] = differingPairs(pair).map(top);
    for (const pairIndex of others)
      if (top(pairIndex) !== top(first)) above.set(top(pairIndex), top(first));
    return first;
  });
  const groups = new Map<number, EntryPair[]>();
  pairs.forEach((pair, i) => {
    const at = top(firsts[i] ?? -1);
    const group = groups.get(at);
    if (group) group.push(pair);
    else groups.set(at, [pair]);
  });
  return [...groups.values()];
}

/** Pairs that differ by exactly the opposite: each with the first that takes it back. */
function opposites(pairs: readonly EntryPair[], comparing: Comparing): EntryPair[][] {
  const described = (pair: EntryPair, sign: 1 | -1) =>
    [...differencesOf([pair], comparing)]
      .map(([at, amount]) => `${at}:${sign * amount}`)
      .sort()
      .join(' ');
  const waiting = new Map<string, EntryPair[]>();
  const found: EntryPair[][] = [];
  for (const pair of pairs) {
    const other = waiting.get(described(pair, -1))?.shift();
    if (other) found.push([other, pair]);
    else waiting.set(described(pair, 1), [...(waiting.get(described(pair, 1)) ?? []), pair]);
  }
  return found;
}

/** What is known of accounts here: whether an account is money, or owed by customers or to suppliers. */
export type IsDealt = (pairIndex: number) => boolean;

/** Whether an entry moves the key's accounts, and only by other amounts. */
function isOnlyAmounts({ keys, works }: EntryPair): boolean {
  if (keys.length !== 1 || works.length !== 1) return false;
  const [wanted, found] = [addedUp(keys), addedUp(works)];
  return (
    wanted.size === found.size &&
    [...wanted].every(
      ([pairIndex, amount]) => Math.sign(found.get(pairIndex) ?? 0) === Math.sign(amount),
    )
  );
}

/** Whether entries of the key have an account in common besides money and what anybody owes: one goes on with the other. */
function areRelated(pairs: readonly EntryPair[], isDealt: IsDealt): boolean {
  const [first = [], ...others] = pairs.map(({ keys }) =>
    [...addedUp(keys).keys()].filter((pairIndex) => !isDealt(pairIndex)),
  );
  const reached = new Set(first);
  let left = others;
  for (;;) {
    const touching = left.filter((each) => each.some((pairIndex) => reached.has(pairIndex)));
    if (touching.length === 0) return left.length === 0;
    for (const pairIndex of touching.flat()) reached.add(pairIndex);
    left = left.filter((each) => !touching.includes(each));
  }
}

/** Whether each entry stands for one of the key's, and what they differ by cancels though they have nothing to do with each other. */
const isCancelling = (pairs: readonly EntryPair[], isDealt: IsDealt): boolean =>
  pairs.every(({ keys, works }) => keys.length === 1 && works.length === 1) &&
  (pairs.every(isOnlyAmounts) || !(areRelated(pairs, isDealt) || pairs.some(isRest)));

/** Whether only a part of an entry is recorded where it belongs; the rest may have gone with another. */
const isRest = (pair: EntryPair): boolean =>
  isOnlyAmounts(pair) &&
  [...addedUp(pair.works)].every(
    ([pairIndex, amount]) => Math.abs(amount) <= Math.abs(addedUp(pair.keys).get(pairIndex) ?? 0),
  );

/** Whether several entries tell of one thing: under the same words. Else two wrong amounts that cancel are two faults. */
function isOneThing(pairs: readonly EntryPair[]): boolean {
  const words = new Set(pairs.flatMap(({ keys }) => keys.map(({ entry }) => entry.text.trim())));
  return words.size === 1 && !words.has('');
}

/**
 * Whether entries that differ one by one say the same together: no figure differs on a day that is compared, and either
 * they are of one day, or what differs is only where something was put meanwhile (an expense first, and what is left
 * moved to prepaid at the end; an accrual reversed on the first day): no money, and nothing that anybody owes.
 */
function isEquivalent(
  pairs: readonly EntryPair[],
  comparing: Comparing,
  isDealt: IsDealt,
): boolean {
  if (pairs.length < 2 || differencesOf(pairs, comparing).size > 0) return false;
  if (isCancelling(pairs, isDealt) && !isOneThing(pairs)) return false;
  const works = pairs.flatMap((pair) => pair.works);
  if (works.length === 0) return false;
  const days = new Set(
    pairs.flatMap(({ keys, works: own }) => [...keys, ...own]).map(({ entry }) => entry.date),
  );
  if (days.size === 1) return true;
  if (pairs.some((pair) => differingPairs(pair).some(isDealt))) return false;
  return works.some(({ sums }) => ![...sums.keys()].some(isDealt));
}

/**
 * Whether one entry was recorded in parts of which some are of another day, with no compared day between, and move
 * neither money nor what anybody owes: an accrual turned back on the first day instead of when it is paid.
 */
function isPartedOverDays({ agrees, keys, works }: EntryPair, among: Among): boolean {
  const [key, ...more] = keys;
  if (!agrees || !key || more.length > 0 || works.length < 2) return false;
  const spanAt = ({ entry }: EntryView) => spanOf(entry.date, among.comparing);
  const others = works.filter(({ entry }) => entry.date !== key.entry.date);
  if (others.length === 0 || others.length === works.length) return false;
  if (!others.every((each) => spanAt(each) === spanAt(key))) return false;
  return (
    isPutRight(key, others) || !others.some(({ sums }) => [...sums.keys()].some(among.isDealt))
  );
}

/** A correction comes soon, and moves what the entry moved. */
const isPutRight = (key: EntryView, others: readonly EntryView[]): boolean =>
  others.every(
    ({ day, sums }) =>
      day > key.day &&
      day - key.day <= SOON &&
      [...sums.keys()].every((pairIndex) => key.sums.has(pairIndex)),
  );

/** Days within which something wrong is put right. */
const SOON = 31;

interface Among {
  readonly comparing: Comparing;
  readonly isDealt: IsDealt;
}

/** Pairs of entries, of which those that say the same together in another way agree. */
export function agreeingOtherwise(
  pairs: readonly EntryPair[],
  comparing: Comparing,
  isDealt: IsDealt,
): readonly EntryPair[] {
  const differing = pairs.filter(({ agrees }) => !agrees);
  const agreed = new Set(pairs.filter((pair) => isPartedOverDays(pair, { comparing, isDealt })));
  const agree = (groups: readonly (readonly EntryPair[])[]) => {
    const same = groups.filter((group) => isEquivalent(group, comparing, isDealt));
    for (const pair of same.flat()) agreed.add(pair);
  };
  agree(opposites(differing, comparing));
  agree(connected(differing.filter((pair) => !agreed.has(pair))));
  if (agreed.size === 0) return pairs;
  return pairs.map((pair) =>
    agreed.has(pair) ? { ...pair, agrees: true, isEquivalent: true } : pair,
  );
}
