import type { ShownResult } from '@gleddo/contract';

/** The numbers of the notes of one group of checks that are about any of some accounts or entries. */
export const numbersAbout = (
  faults: readonly ShownResult[],
  group: 'opening.' | 'entry.',
  ids: readonly string[],
): number[] =>
  faults.flatMap(({ check, subject }, i) =>
    check.startsWith(group) && ids.includes(subject.id) ? [i + 1] : [],
  );
