import type { CorrectedCheck, ShownResult } from '@gleddo/contract';

/** A note of the work that was given back, and what has become of it in the copy. */
export interface WalkNote {
  readonly fault: ShownResult;
  readonly state: 'open' | 'met' | 'new';
}

/** What is not met, each once, at however many dates it is found. */
const notMet = (results: readonly ShownResult[]): readonly ShownResult[] =>
  [
    ...new Map(
      results
        .filter(({ outcome }) => outcome === 'not-met')
        .toReversed()
        .map((each) => [each.ref, each] as const),
    ).values(),
  ].toReversed();

/** The notes in their order, then what has come up in the copy alone. */
export function walkOf(before: readonly ShownResult[], now: CorrectedCheck): readonly WalkNote[] {
  const open = new Map(notMet(now.results).map((each) => [each.ref, each]));
  const first = notMet(before);
  const known = new Set(first.map(({ ref }) => ref));
  return [
    ...first.map((fault): WalkNote => {
      const still = open.get(fault.ref);
      return still ? { fault: still, state: 'open' } : { fault, state: 'met' };
    }),
    ...[...open.values()]
      .filter(({ ref }) => !known.has(ref))
      .map((fault): WalkNote => ({ fault, state: 'new' })),
  ];
}

/** Where what a note is about is worked on: under the address of the copy. */
export function placeOf(fault: ShownResult, { pairs }: Pick<CorrectedCheck, 'pairs'>): string {
  if (fault.check.startsWith('entry.')) return 'journal';
  if (fault.check.startsWith('opening.')) return 'opening';
  if (fault.check.startsWith('statement.')) return 'statements';
  const { id, kind } = fault.subject;
  if (kind !== 'account' || fault.check === 'account.present') return 'chart';
  const mine = pairs.find(({ keys }) => keys.includes(id))?.works[0] ?? id;
  return `chart?account=${encodeURIComponent(mine)}`;
}
