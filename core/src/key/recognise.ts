import type { Account } from '../book/book.js';
import { bestAssignment, type Edge } from './assignment.js';
import type { Traits } from './account-traits.js';
import { acceptedFor, type Accepted, type AnswerKey } from './answer-key.js';
import { confidenceOf, ENOUGH, evidence, type Evidence } from './evidence.js';

/** Accounts of the key and of the work that stand for each other: usually one and one. */
export interface Pair {
  readonly keys: readonly Account[];
  readonly works: readonly Account[];
  /** 0 to 1. */
  readonly confidence: number;
  /** In words: what spoke for it. */
  readonly reasons: readonly string[];
}

export interface Recognition {
  readonly pairs: readonly Pair[];
  readonly byKey: ReadonlyMap<string, Pair>;
  readonly byWork: ReadonlyMap<string, Pair>;
}

/** A pair joined (or, with a null side, parted) by the instructor's hand; it is always kept. */
export interface HandPair {
  readonly key: string | null;
  readonly work: string | null;
}

interface Side {
  readonly traits: readonly Traits[];
  readonly free: Set<number>;
}

/**
 * Which of the work's accounts is which of the key's: pairs made by hand first, then those that name and
 * number (or name, type and figures) settle, then the best overall assignment of the rest by all the
 * evidence, then details whose sum agrees. Names may be crossed: number and figures then decide.
 */
export function recognise(
  key: AnswerKey,
  keyTraits: readonly Traits[],
  workTraits: readonly Traits[],
  byHand: readonly HandPair[] = [],
): Recognition {
  const keys: Side = { traits: keyTraits, free: new Set(keyTraits.keys()) };
  const works: Side = { traits: workTraits, free: new Set(workTraits.keys()) };
  const pairs: Pair[] = [];
  const accepted = new Map(key.accepts.map((each) => [each.account, each]));
  const acceptedOf = (traits: Traits) =>
    accepted.get(traits.account.id) ?? acceptedFor(key, traits.account.id);
  const take = (k: number, w: number, found: () => Evidence) => {
    keys.free.delete(k);
    works.free.delete(w);
    pairs.push(new FoundPair([at(keys, k).account], [at(works, w).account], found));
  };
  joinByHand(keys, works, byHand, take);
  joinSettled(keys, works, accepted, take);
  const parted = new Set(byHand.filter((p) => p.key === null).map((p) => p.work));
  assignRest({ keys, works, parted }, acceptedOf, take);
  return indexed(joinDetails(keys, works, pairs, acceptedOf));
}

/** A pair whose reasons are told only when somebody asks for them. */
class FoundPair implements Pair {
  private made: Evidence | null = null;

  constructor(
    readonly keys: readonly Account[],
    readonly works: readonly Account[],
    private readonly find: () => Evidence,
  ) {}

  private get evidence(): Evidence {
    return (this.made ??= this.find());
  }

  get confidence(): number {
    return confidenceOf(this.evidence);
  }

  get reasons(): readonly string[] {
    return this.evidence.reasons;
  }
}

const at = (side: Side, i: number): Traits => side.traits[i] as Traits;

type Take = (key: number, work: number, found: () => Evidence) => void;

function joinByHand(keys: Side, works: Side, byHand: readonly HandPair[], take: Take): void {
  for (const { key, work } of byHand) {
    const k = keys.traits.findIndex((each) => each.account.id === key);
    const w = works.traits.findIndex((each) => each.account.id === work);
    if (k >= 0 && w >= 0 && keys.free.has(k) && works.free.has(w))
      take(k, w, () => ({ worth: 1, possible: 1, reasons: ['joined by hand'] }));
  }
}

function byName(side: Side): Map<string, number[]> {
  const map = new Map<string, number[]>();
  for (const i of side.free) {
    const { text } = at(side, i).name;
    const list = map.get(text);
    if (list) list.push(i);
    else map.set(text, [i]);
  }
  return map;
}

/** Takes pairs that nothing could outweigh: one name on each side, and number, or type and figures, agree. */
function joinSettled(
  keys: Side,
  works: Side,
  accepted: ReadonlyMap<string, Accepted>,
  take: Take,
): void {
  const workNames = byName(works);
  for (const [name, [k, ...moreKeys]] of byName(keys)) {
    const [w, ...moreWorks] = workNames.get(name) ?? [];
    if (k === undefined || w === undefined || moreKeys.length + moreWorks.length > 0) continue;
    const one = at(keys, k);
    const other = at(works, w);
    const sameNumber = one.number !== null && one.number === other.number;
    const figuresSpeak = one.closing !== 0 || one.turnover !== 0;
    const sameFigures =
      figuresSpeak &&
      one.opening === other.opening &&
      one.closing === other.closing &&
      one.turnover === other.turnover;
    if (sameNumber || (sameFigures && one.type === other.type)) {
      const also = accepted.get(one.account.id);
      take(k, w, () => evidence(one, other, also?.names ?? [], also?.types ?? []));
    }
  }
}

interface Rest {
  readonly keys: Side;
  readonly works: Side;
  /** The student's accounts that were parted by hand from everything. */
  readonly parted: ReadonlySet<string | null>;
}

function assignRest(
  { keys, works, parted }: Rest,
  acceptedOf: (traits: Traits) => Accepted,
  take: Take,
): void {
  const edges: (Edge & { found: Evidence })[] = [];
  for (const row of keys.free) {
    const { names, types } = acceptedOf(at(keys, row));
    for (const column of works.free) {
      if (parted.has(at(works, column).account.id)) continue;
      const found = evidence(at(keys, row), at(works, column), names, types);
      if (found.worth >= ENOUGH) edges.push({ row, column, worth: found.worth, found });
    }
  }
  for (const edge of bestAssignment(edges) as typeof edges)
    take(edge.row, edge.column, () => edge.found);
}

const DETAIL_CONFIDENCE = 0.8;

/**
 * Joins what is left over as details: accounts below a paired one, or of the type of an unpaired one, when
 * their balances add up to the other side's.
 */
function joinDetails(
  keys: Side,
  works: Side,
  pairs: readonly Pair[],
  acceptedOf: (traits: Traits) => Accepted,
): Pair[] {
  const keyOf = new Map(keys.traits.map((each) => [each.account.id, each]));
  const workOf = new Map(works.traits.map((each) => [each.account.id, each]));
  const joined = pairs.map((pair): Pair => {
    const key = keyOf.get(pair.keys[0]?.id ?? '');
    const work = workOf.get(pair.works[0]?.id ?? '');
    if (!key || !work || key.closing === work.closing || !acceptedOf(key).several) return pair;
    const below = details(works, work, key.closing - work.closing);
    const { confidence, reasons } = pair;
    if (below.length > 0)
      return { keys: pair.keys, works: [work.account, ...below], confidence, reasons };
    const above = details(keys, key, work.closing - key.closing);
    return above.length > 0
      ? { keys: [key.account, ...above], works: pair.works, confidence, reasons }
      : pair;
  });
  return [...joined, ...sameTypeDetails(keys, works, acceptedOf)];
}

/** The free accounts below one, when their balances add up to `missing`; they are then no longer free. */
function details(side: Side, of: Traits, missing: number): Account[] {
  const below = [...side.free].filter((i) => at(side, i).account.parent === of.account.id);
  const total = below.reduce((sum, i) => sum + at(side, i).closing, 0);
  if (below.length === 0 || total !== missing) return [];
  for (const i of below) side.free.delete(i);
  return below.map((i) => at(side, i).account);
}

function sameTypeDetails(
  keys: Side,
  works: Side,
  acceptedOf: (traits: Traits) => Accepted,
): Pair[] {
  const found: Pair[] = [];
  for (const k of [...keys.free]) {
    const key = at(keys, k);
    if (key.closing === 0 || key.type === null || !acceptedOf(key).several) continue;
    const alike = [...works.free].filter((w) => at(works, w).type === key.type);
    const total = alike.reduce((sum, w) => sum + at(works, w).closing, 0);
    if (alike.length < 2 || total !== key.closing) continue;
    keys.free.delete(k);
    for (const w of alike) works.free.delete(w);
    found.push({
      keys: [key.account],
      works: alike.map((w) => at(works, w).account),
      confidence: DETAIL_CONFIDENCE,
      reasons: ['details of the same type whose sum agrees'],
    });
  }
  return found;
}

function indexed(pairs: readonly Pair[]): Recognition {
  const byKey = new Map<string, Pair>();
  const byWork = new Map<string, Pair>();
  for (const pair of pairs) {
    for (const { id } of pair.keys) byKey.set(id, pair);
    for (const { id } of pair.works) byWork.set(id, pair);
  }
  return { pairs, byKey, byWork };
}
