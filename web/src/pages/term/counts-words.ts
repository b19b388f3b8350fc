import type { Counts } from '@gleddo/core';

/** How a mark counts over the term, in a word or two; nothing where it just counts. */
export const COUNTS: Readonly<Record<Counts, string>> = {
  counts: '',
  'not-given': 'not theirs',
  missing: 'missing',
  dropped: 'left out',
  excused: 'excused',
  waits: 'waits',
  'not-yet': '–',
  'no-weight': 'no weight',
};
