import type { Amount } from './amount.js';

/** A number of things, in thousandths: 2.5 kg is 2500. */
export type Quantity = number;

/** Decimals of a quantity, and of a rate in percent. */
export const QUANTITY_DIGITS = 3;

/** One thing. */
const ONE: Quantity = 10 ** QUANTITY_DIGITS;

/** A hundred percent, in thousandths of one. */
export const WHOLE_PERCENT: Quantity = ONE * 100;

/** Below this, products and their quotients are told exactly enough by floating point to be cut to wholes. */
const PLAIN = 2 ** 50;

/** `a · b / c`, exactly, then rounded to the nearest whole, halves away from zero. `c` must not be zero. */
export function proportion(a: number, b: number, c: number): number {
  const twice = 2 * Math.abs(a * b) + Math.abs(c);
  if (twice < PLAIN) {
    const rounded = Math.trunc(twice / (2 * Math.abs(c)));
    return rounded !== 0 && a * b < 0 !== c < 0 ? -rounded : rounded;
  }
  const above = BigInt(a) * BigInt(b);
  const below = BigInt(c);
  const isNegative = above < 0n !== below < 0n;
  const [top, bottom] = [above < 0n ? -above : above, below < 0n ? -below : below];
  const rounded = Number((top * 2n + bottom) / (bottom * 2n));
  return isNegative && rounded !== 0 ? -rounded : rounded;
}

/** What so many are worth at a price for one, in minor units, halves rounded away from zero. */
export const worthOf = (quantity: Quantity, price: Amount): Amount =>
  proportion(quantity, price, ONE);

/** So many percent of an amount, in minor units; the rate in thousandths of a percent. */
export const percentOf = (rate: Quantity, of: Amount): Amount =>
  proportion(rate, of, WHOLE_PERCENT);

/** What of a sum are the percent that were added to it: of 120 at twenty percent 20; halves rounded away from zero. */
export const percentWithin = (rate: Quantity, sum: Amount): Amount =>
  proportion(sum, rate, WHOLE_PERCENT + rate);
