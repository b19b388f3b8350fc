import type { Account } from '../../model/book/book.js';
import type { Traits } from './account-traits.js';
import { acceptedFor, type AnswerKey } from './answer-key.js';
import { bestAssignment, type Edge } from './assignment.js';
import { candidatesOf } from './candidates.js';
import { joinDetails } from './details.js';
import { ENOUGH, evidence, type Evidence } from './evidence.js';
import { FoundPair, type Pair } from './pair.js';
import { Side, type Recognised, type Recognising } from './side.js';

export type { Pair } from './pair.js';

export interface Recognition {
  readonly pairs: readonly Pair[];
  readonly byKey: ReadonlyMap<string, Pair>;
  readonly byWork: ReadonlyMap<string, Pair>;
  /** Of the work's accounts those that the key forbids, each by the key's; they stand for none. */
  readonly forbidden: ReadonlyMap<string, Account>;
}

/** A pair joined (or, with a null side, parted) by the instructor's hand; it is always kept. */
export interface HandPair {
  readonly key: string | null;
  readonly work: string | null;
}

/**
 * Which of the work's accounts is which of the key's: pairs made by hand first; then those that name, type and number
 * or figures settle; then the best overall assignment of the rest by all the evidence, the certain ones first, so that
 * details that stand for one together are found before less certain pairs are. Names may be crossed: number and figures then decide.
 */
export function recognise(
  key: AnswerKey,
  { ofKey, ofWork }: Readonly<Record<'ofKey' | 'ofWork', Recognised>>,
  byHand: readonly HandPair[] = [],
): Recognition {
  const keys = new Side(ofKey);
  const works = new Side(ofWork);
  const acceptedOf = (traits: Traits) => acceptedFor(key, traits.account.id);
  const parted = new Set(byHand.filter((each) => each.key === null).map((each) => each.work));
  const recognising: Recognising = { keys, works, acceptedOf, parted };
  const pairs = joinByHand(recognising, byHand);
  const take: Take = (k, w, found) => {
    keys.free.delete(k);
    works.free.delete(w);
    pairs.push(new FoundPair({ keys: [keys.at(k).account], works: [works.at(w).account] }, found));
  };
  joinSettled(recognising, take);
  assignRest(recognising, CERTAIN, take);
  const joined = joinDetails(recognising, pairs.splice(0));
  assignRest(recognising, ENOUGH, take);
  return withoutForbidden(key, joinDetails(recognising, [...joined, ...pairs]));
}

type Take = (key: number, work: number, found: () => Evidence) => void;

const BY_HAND: Evidence = { worth: 1, possible: 1, reasons: ['joined by hand'] };

/** Pairs made by hand; several accounts may have been joined to one. */
function joinByHand({ keys, works }: Recognising, byHand: readonly HandPair[]): FoundPair[] {
  const pairs: FoundPair[] = [];
  for (const { key, work } of byHand) {
    const k = keys.of.traits.findIndex((each) => each.account.id === key);
    const w = works.of.traits.findIndex((each) => each.account.id === work);
    if (k < 0 || w < 0) continue;
    const [mine, theirs] = [keys.at(k).account, works.at(w).account];
    const isFree = { key: keys.free.delete(k), work: works.free.delete(w) };
    const at = pairs.findIndex((pair) => pair.keys.includes(mine) || pair.works.includes(theirs));
    const known = pairs[at];
    if (!known && isFree.key && isFree.work)
      pairs.push(new FoundPair({ keys: [mine], works: [theirs] }, () => BY_HAND, true));
    else if (known && isFree.key !== isFree.work)
      pairs[at] = known.with(isFree.key ? { keys: [mine] } : { works: [theirs] });
  }
  return pairs;
}

function byName(side: Side): Map<string, number[]> {
  const map = new Map<string, number[]>();
  for (const i of side.free) {
    const { text } = side.at(i).name;
    const list = map.get(text);
    if (list) list.push(i);
    else map.set(text, [i]);
  }
  return map;
}

/** Takes pairs that nothing could outweigh: one name on each side, the same type, and number or figures agree. */
function joinSettled({ keys, works, acceptedOf, parted }: Recognising, take: Take): void {
  const workNames = byName(works);
  for (const [name, [k, ...moreKeys]] of byName(keys)) {
    const [w, ...moreWorks] = workNames.get(name) ?? [];
    if (k === undefined || w === undefined || moreKeys.length + moreWorks.length > 0) continue;
    const one = keys.at(k);
    const other = works.at(w);
    if (parted.has(other.account.id) || !isSettled(one, other)) continue;
    take(k, w, () => evidence(keys.candidate(k), works.candidate(w), acceptedOf(one)));
  }
}

function isSettled(one: Traits, other: Traits): boolean {
  if (one.type !== other.type) return false;
  if (one.number !== null && one.number === other.number) return true;
  const figuresSpeak = one.closing !== 0 || one.turnover !== 0;
  return (
    figuresSpeak &&
    one.opening === other.opening &&
    one.closing === other.closing &&
    one.turnover === other.turnover
  );
}

interface FoundEdge extends Edge {
  readonly found: Evidence;
}

/** From this worth on nothing that several could explain together is set against it. */
const CERTAIN = 34;

/** The best overall assignment of what is left; of it those pairs are taken that are worth at least so much. */
function assignRest(recognising: Recognising, least: number, take: Take): void {
  const { keys, works, acceptedOf, parted } = recognising;
  if (keys.free.size === 0 || works.free.size === 0) return;
  const edges: FoundEdge[] = [];
  for (const [row, columns] of candidatesOf(keys, works)) {
    const accepted = acceptedOf(keys.at(row));
    const key = keys.candidate(row);
    for (const column of columns) {
      if (parted.has(works.at(column).account.id)) continue;
      if (keys.at(row).suspense !== works.at(column).suspense) continue;
      const found = evidence(key, works.candidate(column), accepted);
      if (found.worth >= ENOUGH) edges.push({ row, column, worth: found.worth, found });
    }
  }
  for (const { row, column, worth, found } of bestAssignment(edges))
    if (worth >= least) take(row, column, () => found);
}

/** The pairs, but for accounts that are not to be set up: who sets one up has one too many. */
function withoutForbidden(key: AnswerKey, pairs: readonly Pair[]): Recognition {
  const isForbidden = ({ keys }: Pair) => keys.every(({ id }) => acceptedFor(key, id).forbidden);
  const forbidden = new Map<string, Account>();
  for (const { keys, works } of pairs.filter(isForbidden))
    for (const { id } of works) if (keys[0]) forbidden.set(id, keys[0]);
  return indexed(
    pairs.filter((pair) => !isForbidden(pair)),
    forbidden,
  );
}

function indexed(pairs: readonly Pair[], forbidden: ReadonlyMap<string, Account>): Recognition {
  const byKey = new Map<string, Pair>();
  const byWork = new Map<string, Pair>();
  for (const pair of pairs) {
    for (const { id } of pair.keys) byKey.set(id, pair);
    for (const { id } of pair.works) byWork.set(id, pair);
  }
  return { pairs, byKey, byWork, forbidden };
}
