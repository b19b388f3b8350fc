import { GIVEN_BEFORE, USUAL_GIVING, type Giving, type ShownResult } from '@gleddo/contract';

const read = (kept: string | null, otherwise: Giving): Giving =>
  kept === null ? otherwise : { ...otherwise, ...(JSON.parse(kept) as Partial<Giving>) };

/** What was chosen last for an exercise. */
export const givingOf = ({ giving }: { readonly giving: string | null }): Giving =>
  read(giving, USUAL_GIVING);

/** What of a work that was given back its student sees. */
export const shownOf = ({ giving }: { readonly giving: string | null }): Giving =>
  read(giving, GIVEN_BEFORE);

/** Whether a work may be put right in a copy: its notes are shown, and it is more than a list of balances. */
export const mayBeCorrected = ({ copy, notes }: Giving, isList: boolean): boolean =>
  copy && notes && !isList;

/** Results as far as they are shown: without their costs where marks are not, without sentences where ways are not. */
export const asShown = (
  { marks, ways }: Giving,
  results: readonly ShownResult[],
): readonly ShownResult[] =>
  results.map((result) => ({
    ...result,
    ...(marks ? {} : { points: 0, of: 0 }),
    ...(ways ? {} : { says: '', difference: null, causes: [] }),
  }));
