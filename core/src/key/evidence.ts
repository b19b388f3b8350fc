import type { Amount } from '../money/amount.js';
import type { Traits } from './account-traits.js';
import { plainName, similarity } from './names.js';

/** What speaks for two accounts being the same: a worth, and the most that could have spoken for it. */
export interface Evidence {
  readonly worth: number;
  readonly possible: number;
  readonly reasons: readonly string[];
}

/** Below this worth two accounts are not taken for the same. */
export const ENOUGH = 0.3;

const WEIGHT = {
  name: 0.45,
  number: 0.15,
  opening: 0.1,
  closing: 0.1,
  turnover: 0.05,
  type: 0.15,
  section: 0.08,
  statement: 0.02,
  parent: 0.05,
  retained: 0.3,
};
/** A name another account gave up weighs less than number and figures together; a wrong figure, a little. */
const CONTRADICTION = -0.02;

class Tally {
  worth = 0;
  possible = 0;
  readonly reasons: string[] = [];

  add(worth: number, possible: number, reason: string | null): void {
    this.worth += worth;
    this.possible += possible;
    if (reason !== null && worth > 0) this.reasons.push(reason);
  }

  figure(one: Amount, other: Amount, weight: number, reason: string): void {
    if (one === 0 && other === 0) return;
    this.add(one === other ? weight : CONTRADICTION, weight, reason);
  }
}

/** What speaks for a key's account and a student's being the same. `names` are the accepted ones. */
export function evidence(
  key: Traits,
  work: Traits,
  names: readonly string[],
  types: readonly string[],
): Evidence {
  const tally = new Tally();
  const likeness = Math.max(
    similarity(key.name, work.name),
    ...names.map((name) => similarity(plainName(name), work.name)),
  );
  const nameSays = likeness === 1 ? 'the same name' : 'a similar name';
  if (likeness >= 0.3) tally.add(WEIGHT.name * likeness, WEIGHT.name, nameSays);
  else tally.add(0, WEIGHT.name, null);
  if (key.number !== null && work.number !== null)
    tally.add(key.number === work.number ? WEIGHT.number : 0, WEIGHT.number, 'the same number');
  tally.figure(key.opening, work.opening, WEIGHT.opening, 'the same opening balance');
  tally.figure(key.closing, work.closing, WEIGHT.closing, 'the same balance');
  tally.figure(key.turnover, work.turnover, WEIGHT.turnover, 'the same entries');
  if (work.type !== null) addPlace(tally, key, work, types);
  if (key.parentName && work.parentName && similarity(key.parentName, work.parentName) > 0.7)
    tally.add(WEIGHT.parent, WEIGHT.parent, 'under the same account');
  if (key.retainedEarnings && work.retainedEarnings)
    tally.add(WEIGHT.retained, WEIGHT.retained, 'the one account for profits kept');
  return { worth: tally.worth, possible: tally.possible, reasons: tally.reasons };
}

function addPlace(tally: Tally, key: Traits, work: Traits, types: readonly string[]): void {
  if (key.type === work.type || types.includes(work.type ?? ''))
    tally.add(WEIGHT.type, WEIGHT.type, 'the same type');
  else if (key.section === work.section) tally.add(WEIGHT.section, WEIGHT.type, 'the same section');
  else if (key.statement === work.statement) tally.add(WEIGHT.statement, WEIGHT.type, null);
  else tally.add(0, WEIGHT.type, null);
}

/** How sure the pair is, from 0 to 1. */
export const confidenceOf = ({ worth, possible }: Evidence): number =>
  possible === 0 ? 0 : Math.max(0, Math.min(1, Math.round((worth / possible) * 100) / 100));
