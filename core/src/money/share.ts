import type { Amount } from './amount.js';

/**
 * Splits a total into `parts` equal shares, each rounded towards zero; the last share takes the
 * remainder, so the shares add up to the total exactly. Throws when `parts` is not a whole number of
 * at least one.
 */
export function fairShares(total: Amount, parts: number): Amount[] {
  if (!Number.isInteger(parts) || parts < 1) throw new RangeError(`cannot share in ${parts} parts`);
  const share = Math.trunc(total / parts);
  const shares = new Array<Amount>(parts).fill(share);
  shares[parts - 1] = total - share * (parts - 1);
  return shares;
}
