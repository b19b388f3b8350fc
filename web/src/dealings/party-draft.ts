import type { Party, PartyKind } from '@gleddo/core';

/** A party of which nothing is said but its kind. */
export const blankParty = (kind: PartyKind): Party => ({
  id: '',
  kind,
  name: '',
  account: null,
  opening: 0,
});
