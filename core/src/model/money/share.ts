import type { Amount } from './amount.js';

/**
 * Splits a total in proportion to weights of zero or more, each part rounded towards zero; the last part with a
 * weight (the last of all, where none has one) takes the remainder, so the parts add up to the total exactly.
 */
export function shareOut(total: Amount, weights: readonly Amount[]): Amount[] {
  const all = weights.reduce((sum, weight) => sum + BigInt(Math.abs(weight)), 0n);
  const parts = weights.map((weight) =>
    all === 0n ? 0 : Number((BigInt(total) * BigInt(Math.abs(weight))) / all),
  );
  const last = all === 0n ? weights.length - 1 : weights.findLastIndex((weight) => weight !== 0);
  const rest = total - parts.reduce((sum, part) => sum + part, 0);
  if (weights.length > 0 && rest !== 0) parts[last] = (parts[last] ?? 0) + rest;
  return parts;
}
