import type { HowShared, May, SharedBy } from '@gleddo/contract';

/** How something is shared, as whoever shares it chooses it. */
export const SAYS: Readonly<Record<HowShared, string>> = {
  look: 'to look at',
  change: 'to change',
  teach: 'teaches along',
  assist: 'assists: looks, writes notes',
};

const AS: Readonly<Record<HowShared | Exclude<May, 'own'>, string>> = {
  look: 'to look at',
  change: 'to change',
  teach: 'you teach along',
  mark: 'you teach along',
  assist: 'you assist',
};

/** Whose it is, and what one may do with it, behind a name in a list; nothing where it is one’s own. */
export const theirsSaid = (by: string | null, may: HowShared | May): string =>
  by === null || may === 'own' ? '' : `${by}’s, ${AS[may]}`;

export const sharedSaid = (shared: SharedBy | null): string =>
  shared === null ? '' : theirsSaid(shared.by, shared.how);
