import type { HowShared, SharedBy } from '@gleddo/contract';

/** How something is shared, as whoever shares it chooses it. */
export const SAYS: Readonly<Record<HowShared, string>> = {
  look: 'to look at',
  change: 'to change',
  teach: 'teaches along',
  assist: 'assists: looks, writes notes',
};

const AS: Readonly<Record<HowShared, string>> = {
  look: 'to look at',
  change: 'to change',
  teach: 'you teach along',
  assist: 'you assist',
};

/** Whose it is and how it is shared, behind a name in a list. */
export const sharedSaid = (shared: SharedBy | null): string =>
  shared === null ? '' : `${shared.by}’s, ${AS[shared.how]}`;
