import type { Amount } from './amount.js';

/** The two sides of an account. */
export type Side = 'debit' | 'credit';

export const otherSide = (side: Side): Side => (side === 'debit' ? 'credit' : 'debit');

/** +1 for debit, -1 for credit: a balance is debits minus credits. */
export const signOf = (side: Side): 1 | -1 => (side === 'debit' ? 1 : -1);

/** The side on which a balance stands; null when it is zero. */
export const sideOf = (balance: Amount): Side | null =>
  balance === 0 ? null : balance > 0 ? 'debit' : 'credit';
