import type { Traits } from '../key/account-traits.js';

/** What a check needs to be said of an account or a work: a list from elsewhere can’t say everything. */
export type Saying =
  | 'class'
  | 'section'
  | 'type'
  | 'numbers'
  | 'parents'
  | 'states'
  | 'cash-flow'
  | 'normal-sides'
  | 'company'
  | 'statements';

/** What a work says: of which accounts how much of their place, and what else. */
export interface WhatIsSaid {
  /** Of the work as a whole. */
  readonly says: ReadonlySet<Saying>;
  /** Of single accounts, by id, what of their place is said. */
  readonly places: ReadonlyMap<string, ReadonlySet<Saying>>;
}

/** A whole book says everything. */
export const EVERYTHING: WhatIsSaid | null = null;

/** What every book says, whatever its accounts. */
const BOOKS_SAY = ['parents', 'states', 'cash-flow', 'normal-sides', 'company'] as const;

/** What a book of unknown origin says: places and numbers where it has any at all. */
export function saidBy(traits: readonly Traits[]): WhatIsSaid | null {
  const hasPlaces = traits.some(({ section }) => section !== null);
  const hasNumbers = traits.some(({ number }) => number !== null);
  if (hasPlaces && hasNumbers) return EVERYTHING;
  const says = new Set<Saying>([...BOOKS_SAY]);
  if (hasPlaces)
    for (const each of ['class', 'section', 'type', 'statements'] as const) says.add(each);
  if (hasNumbers) says.add('numbers');
  return { says, places: new Map() };
}

/** Why something can’t be judged, as a sentence says it. */
export const NOT_SAID: Readonly<Record<Saying, string>> = {
  company: 'The work does not say how its company is set up.',
  class: 'The work does not say on which statements its accounts stand.',
  section: 'The work does not say in which sections its accounts stand.',
  type: 'The work does not say of which type its accounts are.',
  numbers: 'The work has no account numbers.',
  parents: 'The work does not say which accounts stand under which.',
  states: 'The work does not say which accounts are in use.',
  'cash-flow': 'The work does not say to which part of the cash flow its accounts belong.',
  'normal-sides': 'The work does not say on which side its accounts normally stand.',
  statements:
    'The work does not say where its accounts stand, so its statements can’t be drawn up.',
};
