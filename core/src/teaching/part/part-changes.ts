import { changedOrder } from './changed-order.js';
import {
  fromParts,
  isOrder,
  isPlace,
  partsOf,
  type Json,
  type PartPlace,
  type PartTree,
} from './part-tree.js';

const byName = ([one]: [string, Json], [other]: [string, Json]): number =>
  one < other ? -1 : Number(one > other);

/** Each object with its fields in one order. What comes from outside may have any: `valueOf`, too. */
const inOrder = (_: string, json: Json): Json =>
  typeof json === 'object' && json !== null && !Array.isArray(json)
    ? Object.fromEntries(Object.entries(json).sort(byName))
    : json;

const isEqual = (one: Json, other: Json): boolean =>
  one === other || JSON.stringify(one, inOrder) === JSON.stringify(other, inOrder);

/** One part changed: what it was, and what it is now; left out: it is not there. The reverse is the same the other way round. */
export interface PartChange {
  readonly at: PartPlace;
  readonly was?: Json;
  readonly now?: Json;
}

const changeOf = (at: PartPlace, was: Json, now: Json): PartChange => ({
  at,
  ...(was === undefined ? {} : { was }),
  ...(now === undefined ? {} : { now }),
});

/** What makes one document of another, part by part. */
export function partChanges(tree: PartTree, before: Json, after: Json): PartChange[] {
  const was = partsOf(tree, before);
  const now = partsOf(tree, after);
  const places = new Set([...was.keys(), ...now.keys()]);
  return [...places].flatMap((at) =>
    isEqual(was.get(at), now.get(at)) ? [] : [changeOf(at, was.get(at), now.get(at))],
  );
}

/** What takes changes back: each the other way round, the last first. */
export const reverseOf = (changes: readonly PartChange[]): PartChange[] =>
  changes.map(({ at, was, now }) => changeOf(at, now, was)).reverse();

/** A document as it was before some changes that were made of it since, the first first: each part as the first of them found it. */
export function partsBefore(tree: PartTree, document: Json, since: readonly PartChange[]): Json {
  const parts = partsOf(tree, document);
  const found = new Set<PartPlace>();
  for (const { at, was } of since) {
    if (found.has(at)) continue;
    found.add(at);
    if (was === undefined) parts.delete(at);
    else parts.set(at, was);
  }
  return fromParts(tree, parts);
}

/** A change that does not fit any more, or names no part; and what its part is by now. */
export interface Overtaken {
  readonly change: PartChange;
  readonly is?: Json;
}

export interface PartsChanged {
  readonly document: Json;
  /** What was changed of the document as it is, each with what it really was; what was so already is left out. */
  readonly done: readonly PartChange[];
  /** What somebody else has changed since, otherwise: it stays as it is. */
  readonly overtaken: readonly Overtaken[];
}

/** Changes a document as it is by now, one change after the other: each part that is still what it was when its change was made. */
export function withPartChanges(
  tree: PartTree,
  document: Json,
  changes: readonly PartChange[],
): PartsChanged {
  const parts = partsOf(tree, document);
  const done: PartChange[] = [];
  const overtaken: Overtaken[] = [];
  for (const change of changes) {
    const is = parts.get(change.at);
    const fitted = isPlace(tree, change.at) ? fit(change, is) : null;
    if (fitted === null) overtaken.push(is === undefined ? { change } : { change, is });
    else if (!isEqual(fitted.now, is)) {
      done.push(changeOf(change.at, is, fitted.now));
      if (fitted.now === undefined) parts.delete(change.at);
      else parts.set(change.at, fitted.now);
    }
  }
  return { document: fromParts(tree, parts), done, overtaken };
}

/** What the part is to be; null when it was changed otherwise since. */
function fit({ at, was, now }: PartChange, is: Json): { readonly now: Json } | null {
  if (isEqual(is, was) || isEqual(is, now)) return { now };
  if (!isOrder(at) || isTooLong(was) || isTooLong(now)) return null;
  const merged = changedOrder({ was: namesOf(was), now: namesOf(now) }, namesOf(is));
  return merged && { now: merged.length === 0 ? undefined : merged };
}

/** More than any list of an exercise has. */
const MOST_NAMES = 5_000;
const isTooLong = (order: Json): boolean => Array.isArray(order) && order.length > MOST_NAMES;

const namesOf = (order: Json): readonly string[] =>
  Array.isArray(order) ? order.filter((name): name is string => typeof name === 'string') : [];
