import type { Oddity } from './oddity.js';

/** Two works that have so much in common that is odd that it is hardly chance. */
export interface WorksAlike<W> {
  readonly works: readonly [W, W];
  /** What both have, the rarest first, of each kind the first two: in the words of the one, and of the other. */
  readonly same: readonly [readonly string[], readonly string[]];
  /** How much there is of it. */
  readonly count: number;
  /** In one of how many classes like this any two would be so much alike by chance; at most 100,000. */
  readonly onceIn: number;
}

/** Fewer may be chance, however rare. */
const FEWEST = 3;
/** It is told where any two of a class would be so much alike by chance in one of so many classes. */
const RARE = 30;
/** Whoever is weaker makes more of all faults, so that chance does more than they say one by one: as often as was measured. */
const CAUTION = 20;
const RAREST = 100_000;
/** What more than this share of a class has tells nothing of two, and is not looked at. */
const COMMON = 0.34;
/** Of what is odd in the one that has less of it, at least this share of its kinds. */
const SHARE = 0.25;

/**
 * The pairs of works that have the same oddities, judged by how rare each is among the others of the class. Each kind speaks
 * once for its rarest and ever less for the next (one habit makes many oddities); that any few of many could have been the same is taken off.
 */
export function worksAlike<W>(
  works: readonly { readonly whose: W; readonly oddities: readonly Oddity[] }[],
): WorksAlike<W>[] {
  const counts = countsOf(works.map(({ oddities }) => oddities));
  const pairs = (works.length * (works.length - 1)) / 2;
  const looked = works.map(({ whose, oddities }) => ({
    whose,
    odd: new Map(oddities.map((each) => [each.name, each])),
    kinds: new Set(oddities.map(({ kind }) => kind)).size,
  }));
  const found: WorksAlike<W>[] = [];
  for (const [a, b] of candidates(works, counts)) {
    const [one, other] = [looked[a], looked[b]];
    if (!one || !other) continue;
    const same = inCommon(one.odd, other.odd, { counts, size: works.length });
    const kinds = new Set(same.map(({ kind }) => kind)).size;
    const least = Math.min(one.kinds, other.kinds);
    if (same.length < FEWEST || kinds < least * SHARE) continue;
    const onceIn = Math.exp(weightOf(same) - logChoices(least, kinds)) / (pairs * CAUTION);
    if (onceIn < RARE) continue;
    found.push({
      ...{ works: [one.whose, other.whose], count: same.length },
      same: [inWords(same, one.odd), inWords(same, other.odd)],
      onceIn: Math.min(RAREST, onceIn),
    });
  }
  return found.sort((a, b) => b.onceIn - a.onceIn || b.count - a.count);
}

type Counts = ReadonlyMap<string, number>;

function countsOf(works: readonly (readonly Oddity[])[]): Counts {
  const counts = new Map<string, number>();
  for (const { name } of works.flat()) counts.set(name, (counts.get(name) ?? 0) + 1);
  return counts;
}

/** Pairs that have any rare oddity in common, each once. */
function candidates(
  works: readonly { readonly oddities: readonly Oddity[] }[],
  counts: Counts,
): [number, number][] {
  const having = new Map<string, number[]>();
  works.forEach(({ oddities }, i) => {
    for (const { name } of oddities)
      if ((counts.get(name) ?? 0) <= Math.max(2, works.length * COMMON))
        having.set(name, [...(having.get(name) ?? []), i]);
  });
  const shared = new Map<number, number>();
  for (const list of having.values())
    list.forEach((b, j) => {
      for (const a of list.slice(0, j)) {
        const pair = a * works.length + b;
        shared.set(pair, (shared.get(pair) ?? 0) + 1);
      }
    });
  return [...shared]
    .filter(([, n]) => n >= FEWEST)
    .map(([pair]) => [Math.floor(pair / works.length), pair % works.length]);
}

interface Weighed extends Oddity {
  /** Less the logarithm of the share of the others who have it. */
  readonly weight: number;
}

function inCommon(
  one: ReadonlyMap<string, Oddity>,
  other: ReadonlyMap<string, Oddity>,
  { counts, size }: { readonly counts: Counts; readonly size: number },
): Weighed[] {
  return [...one.values()]
    .filter(({ name }) => other.has(name))
    .map((each) => {
      const others = (counts.get(each.name) ?? 2) - 2;
      return { ...each, weight: Math.log(size / (others + 1)) };
    });
}

const OF_A_KIND = 2;

function inWords(same: readonly Weighed[], work: ReadonlyMap<string, Oddity>): string[] {
  const told = new Map<string, number>();
  return same
    .toSorted((a, b) => b.weight - a.weight)
    .filter(({ kind }) => {
      told.set(kind, (told.get(kind) ?? 0) + 1);
      return (told.get(kind) ?? 0) <= OF_A_KIND;
    })
    .map(({ name, says }) => work.get(name)?.says ?? says);
}

function weightOf(same: readonly Weighed[]): number {
  const kinds = new Map<string, number[]>();
  for (const { kind, weight } of same) kinds.set(kind, [...(kinds.get(kind) ?? []), weight]);
  return [...kinds.values()]
    .map((weights) =>
      weights.sort((a, b) => b - a).reduce((sum, weight, i) => sum + weight / (i + 1) ** 2, 0),
    )
    .reduce((sum, each) => sum + each, 0);
}

/** The logarithm of how many ways there are to choose `some` of `all`. */
function logChoices(all: number, some: number): number {
  let log = 0;
  for (let i = 1; i <= some; i++) log += Math.log((all - some + i) / i);
  return log;
}
