import { GIVEN_BEFORE, USUAL_GIVING, type Giving, type ShownResult } from '@gleddo/contract';
import { TOLD_PARTS, toldUpTo } from '@gleddo/core';

/** As it was kept before notes had parts. */
type KeptBefore = { readonly ways?: boolean };

function read(kept: string | null, otherwise: Giving): Giving {
  if (kept === null) return otherwise;
  const { ways, ...said } = JSON.parse(kept) as Partial<Giving> & KeptBefore;
  return { ...otherwise, ...(ways === undefined ? {} : { tells: ways ? 'now' : null }), ...said };
}

/** What was chosen last for an exercise. */
export const givingOf = ({ giving }: { readonly giving: string | null }): Giving =>
  read(giving, USUAL_GIVING);

/** What of a work that was given back its student sees. */
export const shownOf = ({ giving }: { readonly giving: string | null }): Giving =>
  read(giving, GIVEN_BEFORE);

/** Whether a work may be put right in a copy: its notes are shown, and it is more than a list of balances. */
export const mayBeCorrected = ({ copy, notes }: Giving, isList: boolean): boolean =>
  copy && notes && !isList;

/** Whether what belongs there is told, too: then nothing of the key need be kept back about it. */
export const tellsKey = ({ tells, key }: Giving): boolean =>
  key || (tells !== null && TOLD_PARTS.indexOf(tells) >= TOLD_PARTS.indexOf('belongs'));

/** Results as far as they are shown: without their costs where marks are not, and told as far as is said. */
export const asShown = (giving: Giving, results: readonly ShownResult[]): readonly ShownResult[] =>
  results.map((result) => ({
    ...result,
    ...(giving.marks ? {} : { points: 0, of: 0 }),
    ...(tellsKey({ ...giving, key: false })
      ? { told: toldUpTo(result.told, giving.tells) }
      : keptBack(result, giving)),
  }));

/** What says nothing of the key: what is met is right by the key’s words, and what a difference is made of are its figures. */
const keptBack = ({ kind, outcome, told }: ShownResult, { tells }: Giving) => ({
  fault: kind,
  told: toldUpTo(told, outcome === 'not-met' ? tells : null),
  difference: null,
  causes: [],
});
