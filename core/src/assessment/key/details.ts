import type { Account } from '../../model/book/book.js';
import type { Traits } from './account-traits.js';
import { isNamed, similarity } from '../../model/naming/names.js';
import { FoundPair } from './pair.js';
import { countOf, sharedBy, together, without, type PostingProfile } from './posting-profile.js';
import { wordsSpeakFor } from '../../model/naming/type-stems.js';
import { wordLikeness } from '../../model/naming/spelling.js';
import type { Recognising, Side } from './side.js';

/** What is left over on one side, the pairs that it could stand with, and how it is told from them. */
interface Joining {
  readonly left: Side;
  readonly right: Side;
  /** The accounts of a pair on the side of what is left over, and on the other. */
  readonly own: (pair: FoundPair) => readonly Account[];
  readonly others: (pair: FoundPair) => readonly Account[];
  /** Whether names allow that it stands with them. */
  readonly fits: (one: Traits, own: readonly Traits[], others: readonly Traits[]) => boolean;
  /** Whether names allow that all of them stand with a pair together. */
  readonly areParts: (joining: Joining, pair: FoundPair, rows: readonly number[]) => boolean;
  readonly join: (pair: FoundPair, more: readonly Account[]) => FoundPair;
}

/**
 * Joins what is left over as details: several accounts that stand for one together, wherever they stand in the tree,
 * because their entries or their sums make up the other side's. Only accounts of one type are details of each other.
 */
export function joinDetails(recognising: Recognising, pairs: readonly FoundPair[]): FoundPair[] {
  const { keys, works } = recognising;
  const ofWork: Joining = {
    left: works,
    right: keys,
    own: (pair) => pair.works,
    others: (pair) => pair.keys,
    fits: (one, own, others) => isSplitName(one, own, others),
    areParts: (joining, pair, rows) => {
      const { own, others } = sidesOf(joining, pair);
      const parts = rows.map((row) => works.at(row));
      return areParts(parts, own, others);
    },
    join: (pair, more) => pair.with({ works: more }),
  };
  const ofKey: Joining = {
    left: keys,
    right: works,
    own: (pair) => pair.keys,
    others: (pair) => pair.works,
    fits: (one, own, others) => isJoinedName(one, own, others),
    areParts: () => true,
    join: (pair, more) => pair.with({ keys: more }),
  };
  let found = [...pairs];
  if (works.free.size > 0)
    found = sameTypeDetails(
      recognising,
      joinSums(recognising, ofWork, joinEach(recognising, ofWork, found)),
    );
  if (keys.free.size > 0) found = joinSums(recognising, ofKey, joinEach(recognising, ofKey, found));
  return found;
}

/** A part may be called anything but exactly what its other part is called: that is the same account twice. */
const isSplitName = (one: Traits, own: readonly Traits[], others: readonly Traits[]): boolean =>
  others.length > 0 && own.every((each) => !isNamed(each.name, one.name));

/** Whether a part is called after what it is a part of, or as accounts of its type are. */
const isCalledAfter = (one: Traits, all: readonly Traits[]): boolean =>
  one.type === null ||
  wordsSpeakFor(one.account.name, one.type) > 0 ||
  all.some((each) => similarity(each.name, one.name) >= NAMED_AFTER);

/**
 * Whether accounts are parts by what they are called. One alone with a name of its own is an account too many, whatever
 * it adds up to; several below one are what it was divided into, whatever they are called.
 */
function areParts(parts: readonly Traits[], own: readonly Traits[], others: readonly Traits[]) {
  const named = parts.filter((each) => !isCalledAfter(each, [...own, ...others]));
  return named.length === 0 || parts.length > 1;
}

/** One stands for several when it is called after them, or after something that holds them. */
function isJoinedName(one: Traits, own: readonly Traits[], others: readonly Traits[]): boolean {
  const isChild = own.some(
    ({ account }) =>
      account.id === one.account.parent ||
      account.parent === one.account.id ||
      (account.parent !== null && account.parent === one.account.parent),
  );
  if (isChild) return true;
  return others.every(
    (each) =>
      similarity(each.name, one.name) >= NAMED_AFTER ||
      own.every((key) => !isNamed(key.name, each.name)),
  );
}

const NAMED_AFTER = 0.4;

const traitsOfAll = (
  all: readonly Account[],
  byId: ReadonlyMap<string, Traits>,
): readonly Traits[] => all.flatMap(({ id }) => byId.get(id) ?? []);

/** What is known of a pair's accounts, on the side of what is left over and on the other. */
const sidesOf = (joining: Joining, pair: FoundPair) => ({
  own: traitsOfAll(joining.own(pair), joining.left.byId),
  others: traitsOfAll(joining.others(pair), joining.right.byId),
});

const mayBeSeveral = ({ keys, acceptedOf }: Recognising, pair: FoundPair): boolean => {
  return traitsOfAll(pair.keys, keys.byId).every((each) => acceptedOf(each).several);
};

const sumOf = (all: readonly Traits[], what: 'opening' | 'closing'): number =>
  all.reduce((sum, each) => sum + each[what], 0);

const postingsOfAll = (side: Side, all: readonly Account[]): PostingProfile =>
  together(all.map(({ id }) => side.postings(id)));

/** From this share on, what was posted to a part is what the other side has and its partner lacks. */
const MOSTLY = 0.5;

/** Joins each single account whose entries its pair lacks. */
function joinEach(
  recognising: Recognising,
  joining: Joining,
  pairs: readonly FoundPair[],
): FoundPair[] {
  const { left, right } = joining;
  const fits: Fit[] = [];
  pairs.forEach((pair, at) => {
    const candidates = [...left.free].filter((i) =>
      isOfType(recognising, left, { pair, one: left.at(i) }),
    );
    if (candidates.length === 0) return;
    const { own, others } = sidesOf(joining, pair);
    const lacking = without(
      postingsOfAll(right, joining.others(pair)),
      postingsOfAll(left, joining.own(pair)),
    );
    for (const i of candidates) {
      const one = left.at(i);
      const postings = left.postings(one.account.id);
      const share = postings.size === 0 ? 0 : sharedBy(postings, lacking) / countOf(postings);
      const isPart =
        isLikely(share, countOf(postings), fitsOpening(one, own, others)) ||
        isPartByName(one, own, others);
      if (isPart && joining.fits(one, own, others))
        fits.push({ row: i, pair: at, worth: 1 + share });
    }
  });
  return joined(joining, pairs, bestOfEach(fits));
}

/** Whether enough of what was posted to an account is what its pair lacks; all of it outweighs an opening that differs. */
const isLikely = (share: number, count: number, opens: boolean): boolean =>
  share === 1 || (opens && share >= MOSTLY && share * count > 1);

const fitsOpening = (one: Traits, own: readonly Traits[], others: readonly Traits[]): boolean =>
  one.opening === 0 || sumOf(own, 'opening') + one.opening === sumOf(others, 'opening');

const isPartByName = (one: Traits, own: readonly Traits[], others: readonly Traits[]): boolean =>
  isNamedAfterAll(one, own, others) || (hasNoFigures(one) && isNamedAsPart(one, own, others));

const hasNoFigures = ({ opening, closing, turnover }: Traits): boolean =>
  opening === 0 && closing === 0 && turnover === 0;

/** In a set-up without figures, the name says whose part it is. */
const isNamedAsPart = (one: Traits, own: readonly Traits[], others: readonly Traits[]): boolean =>
  own.every((each) => !isNamed(each.name, one.name)) &&
  [...own, ...others].every(hasNoFigures) &&
  others.some((each) => similarity(each.name, one.name) >= PART);

const PART = 0.6;

/** Whether one name is made of others: `Rent and electricity` beside rent and electricity. */
const isNamedAfterAll = (one: Traits, own: readonly Traits[], others: readonly Traits[]): boolean =>
  others.every(
    ({ name }) =>
      name.words.length > one.name.words.length &&
      [one, ...own].every((each) => holds(name.words, each.name.words)),
  );

/** Whether what stands for a pair is called after another account, too, that stands on the same statement. */
const isNamedIn = ({ keys, works }: Recognising, pair: FoundPair, one: Traits): boolean => {
  const own = traitsOfAll(pair.keys, keys.byId);
  const others = traitsOfAll(pair.works, works.byId);
  return (
    own.every(({ statement }) => statement === one.statement) &&
    isNamedAfterAll(one, own, others) &&
    others.every(({ name }) => own.every((each) => name.words.length > each.name.words.length))
  );
};

const holds = (words: readonly string[], some: readonly string[]): boolean =>
  some.every((word) => words.some((each) => wordLikeness(each, word) >= PART));

/** A part and the pair that it could stand with. */
interface Fit {
  readonly row: number;
  readonly pair: number;
  readonly worth: number;
}

/** Each part goes to the one pair that it fits best; a pair may take several. */
function bestOfEach(fits: readonly Fit[]): Fit[] {
  const best = new Map<number, Fit>();
  for (const fit of fits) if (fit.worth > (best.get(fit.row)?.worth ?? 0)) best.set(fit.row, fit);
  return [...best.values()];
}

function joined(joining: Joining, pairs: readonly FoundPair[], found: readonly Fit[]): FoundPair[] {
  return pairs.map((pair, at) => {
    const rows = found.filter((each) => each.pair === at).map(({ row }) => row);
    return rows.length === 0 || !joining.areParts(joining, pair, rows)
      ? pair
      : joinRows(joining, pair, rows);
  });
}

function joinRows({ left, join }: Joining, pair: FoundPair, rows: readonly number[]): FoundPair {
  for (const row of rows) left.free.delete(row);
  return join(
    pair,
    rows.map((row) => left.at(row).account),
  );
}

interface OneAndPair {
  readonly pair: FoundPair;
  readonly one: Traits;
}

/** Whether an account may be a detail of a pair: of the type of the key's account, or of one that is accepted for it. */
function isOfType(recognising: Recognising, left: Side, { pair, one }: OneAndPair): boolean {
  const { keys, works, acceptedOf, parted } = recognising;
  if (
    pair.isByHand ||
    one.retainedEarnings ||
    parted.has(one.account.id) ||
    !mayBeSeveral(recognising, pair)
  )
    return false;
  if (left === keys)
    return (
      acceptedOf(one).several &&
      (pair.keys.some(({ type }) => type === one.type) || isNamedIn(recognising, pair, one))
    );
  const types = traitsOfAll(pair.keys, keys.byId).flatMap((each) => [
    each.type,
    ...acceptedOf(each).types,
  ]);
  return one.type === null ? left === works && one.section === null : types.includes(one.type);
}

const MOST_PARTS = 8;

/** Joins several accounts whose sums make up what a pair lacks: those below it, or of its type. */
function joinSums(
  recognising: Recognising,
  joining: Joining,
  pairs: readonly FoundPair[],
): FoundPair[] {
  const { left } = joining;
  return pairs.map((pair) => {
    if (left.free.size === 0) return pair;
    const { own, others } = sidesOf(joining, pair);
    const lacking = sumOf(others, 'closing') - sumOf(own, 'closing');
    const opens = sumOf(others, 'opening') - sumOf(own, 'opening');
    if (lacking === 0 && opens === 0) return pair;
    const candidates = [...left.free].filter(
      (i) =>
        isOfType(recognising, left, { pair, one: left.at(i) }) &&
        joining.fits(left.at(i), own, others) &&
        !hasNoFigures(left.at(i)),
    );
    const parts = partsOf(left, candidates.slice(0, MOST_PARTS), {
      closing: lacking,
      opening: opens,
    });
    return parts && joining.areParts(joining, pair, parts) ? joinRows(joining, pair, parts) : pair;
  });
}

/** The fewest accounts whose openings and balances add up to what is wanted; null where none do. */
function partsOf(
  side: Side,
  among: readonly number[],
  wanted: { readonly closing: number; readonly opening: number },
): number[] | null {
  let best: number[] | null = null;
  for (let set = 1; set < 1 << among.length; set++) {
    const chosen = among.filter((_, bit) => set & (1 << bit));
    if (best && best.length <= chosen.length) continue;
    const all = chosen.map((i) => side.at(i));
    if (sumOf(all, 'closing') === wanted.closing && sumOf(all, 'opening') === wanted.opening)
      best = chosen;
  }
  return best;
}

const DETAIL_CONFIDENCE = {
  worth: 0.8,
  possible: 1,
  reasons: ['several of one type whose sum agrees'],
};

/** An account of the key that nothing stands for, and several of its type that add up to it. */
function sameTypeDetails(recognising: Recognising, pairs: readonly FoundPair[]): FoundPair[] {
  const { keys, works, acceptedOf } = recognising;
  const found: FoundPair[] = [...pairs];
  for (const k of [...keys.free]) {
    const key = keys.at(k);
    if (key.closing === 0 || key.type === null || !acceptedOf(key).several) continue;
    const alike = [...works.free].filter((w) => works.at(w).type === key.type);
    const parts = alike.length < 2 ? null : partsOf(works, alike.slice(0, MOST_PARTS), key);
    if (!parts || parts.length < 2) continue;
    keys.free.delete(k);
    for (const w of parts) works.free.delete(w);
    found.push(
      new FoundPair(
        { keys: [key.account], works: parts.map((w) => works.at(w).account) },
        () => DETAIL_CONFIDENCE,
      ),
    );
  }
  return found;
}
