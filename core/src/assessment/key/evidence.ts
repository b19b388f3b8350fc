import type { Amount } from '../../model/money/amount.js';
import type { Traits } from './account-traits.js';
import { keptLikeness } from '../../model/naming/opposites.js';
import { plainName, similarity } from '../../model/naming/names.js';
import { countOf, likenessOf, type PostingProfile } from './posting-profile.js';

/** What speaks for two accounts being the same, and the most that could have spoken for it. */
export interface Evidence {
  readonly worth: number;
  readonly possible: number;
  readonly reasons: readonly string[];
}

/** An account with what else is known of it. */
export interface Candidate {
  readonly traits: Traits;
  readonly postings: PostingProfile;
  /** Whether no other account of its book is of its type. */
  readonly isOnlyOfType: boolean;
}

/** From this worth on two accounts are taken for the same. */
export const ENOUGH = 20;

/**
 * How much each kind of evidence weighs. A name weighs most by itself, but number and type together, or figures and
 * either of them, weigh more: so names may be crossed. None of them is needed.
 */
const WEIGHT = {
  name: 40,
  opposite: -12,
  number: 20,
  type: 14,
  section: 6,
  class: 2,
  otherStatement: -4,
  onlyOfType: 10,
  parent: 5,
  opening: 20,
  openingTurned: 12,
  openingOther: -2,
  entries: 36,
  entriesOther: -6,
};

const LIKE_ENOUGH = 0.3;

class Tally {
  worth = 0;
  possible = 0;
  readonly reasons: string[] = [];

  add(worth: number, possible: number, reason: string | null = null): void {
    this.worth += worth;
    this.possible += possible;
    if (reason !== null && worth > 0) this.reasons.push(reason);
  }
}

/** What speaks for a key's account and a student's being the same. `names` and `types` are what else is accepted. */
export function evidence(
  key: Candidate,
  work: Candidate,
  { names, types }: { readonly names: readonly string[]; readonly types: readonly string[] },
): Evidence {
  const tally = new Tally();
  addName(tally, key.traits, { work: work.traits, names });
  if (key.traits.number !== null && work.traits.number !== null)
    tally.add(
      key.traits.number === work.traits.number ? WEIGHT.number : 0,
      WEIGHT.number,
      'the same number',
    );
  if (work.traits.type !== null) addPlace(tally, key, { work, types });
  addOpening(tally, key.traits.opening, work.traits.opening);
  addEntries(tally, key.postings, work.postings);
  const { parentName } = key.traits;
  if (parentName && work.traits.parentName && similarity(parentName, work.traits.parentName) > 0.7)
    tally.add(WEIGHT.parent, WEIGHT.parent, 'under the same account');
  return { worth: tally.worth, possible: tally.possible, reasons: tally.reasons };
}

/** How alike the names are, accepted ones among them. */
const nameLikeness = (key: Traits, work: Traits, names: readonly string[]): number =>
  Math.max(
    similarity(key.name, work.name),
    ...names.map((name) => similarity(plainName(name), work.name)),
  );

function addName(
  tally: Tally,
  key: Traits,
  { work, names }: { readonly work: Traits; readonly names: readonly string[] },
): void {
  const likeness = nameLikeness(key, work, names);
  const isOpposite = likeness === 0 && keptLikeness(key.name.words, work.name.words) === 0;
  if (isOpposite) tally.add(WEIGHT.opposite, WEIGHT.name);
  else
    tally.add(
      likeness >= LIKE_ENOUGH ? WEIGHT.name * likeness : 0,
      WEIGHT.name,
      likeness === 1 ? 'the same name' : 'a similar name',
    );
}

function addPlace(
  tally: Tally,
  key: Candidate,
  { work, types }: { readonly work: Candidate; readonly types: readonly string[] },
): void {
  const [of, is] = [key.traits, work.traits];
  const possible = WEIGHT.type + (key.isOnlyOfType ? WEIGHT.onlyOfType : 0);
  if (of.type === is.type && key.isOnlyOfType && work.isOnlyOfType)
    tally.add(possible, possible, 'the only one of its type');
  else if (of.type === is.type || types.includes(is.type ?? ''))
    tally.add(WEIGHT.type, possible, 'the same type');
  else if (of.section === is.section) tally.add(WEIGHT.section, possible, 'the same section');
  else if (of.statement === is.statement) tally.add(WEIGHT.class, possible);
  else tally.add(WEIGHT.otherStatement, possible);
}

function addOpening(tally: Tally, wanted: Amount, found: Amount): void {
  if (wanted === 0 && found === 0) return;
  if (wanted === found) tally.add(WEIGHT.opening, WEIGHT.opening, 'the same opening balance');
  else if (wanted === -found)
    tally.add(WEIGHT.openingTurned, WEIGHT.opening, 'the same opening balance, on the other side');
  else tally.add(WEIGHT.openingOther, WEIGHT.opening);
}

/** A pattern of several entries says more than a single one. */
const SINGLE = 0.75;

function addEntries(tally: Tally, wanted: PostingProfile, found: PostingProfile): void {
  const likeness = likenessOf(wanted, found);
  if (likeness === null) return;
  const most = Math.max(countOf(wanted), countOf(found));
  const weight = WEIGHT.entries * (most === 1 ? SINGLE : 1);
  if (likeness > 0)
    tally.add(weight * likeness, weight, likeness === 1 ? 'the same entries' : 'entries alike');
  else tally.add(most === 1 ? WEIGHT.openingOther : WEIGHT.entriesOther, weight);
}

/** How sure the pair is, from 0 to 1. */
export const confidenceOf = ({ worth, possible }: Evidence): number =>
  possible === 0 ? 0 : Math.max(0, Math.min(1, Math.round((worth / possible) * 100) / 100));
