import type { Amount } from './amount.js';

/** Minor units as a decimal string for files: `-18940.00`. Zero is never negative. */
export function formatDecimal(amount: Amount, digits: number): string {
  const text = String(Math.abs(amount)).padStart(digits + 1, '0');
  const cut = text.length - digits;
  const shown = digits === 0 ? text : `${text.slice(0, cut)}.${text.slice(cut)}`;
  return amount < 0 ? `-${shown}` : shown;
}

/**
 * Minor units for people: thousands grouped, negative in parentheses, zero as an en dash.
 * `places` is how many decimals to show: 0 where all amounts shown together are whole. What that would hide is shown
 * all the same.
 */
export function formatAmount(amount: Amount, digits: number, places = digits): string {
  if (amount === 0) return '–';
  const [whole = '', decimals = ''] = formatDecimal(Math.abs(amount), digits).split('.');
  const grouped = inThrees(whole);
  const kept = /[1-9]/.test(decimals.slice(places)) ? digits : places;
  const shown = kept > 0 ? `${grouped}.${decimals.slice(0, kept)}` : grouped;
  return amount < 0 ? `(${shown})` : shown;
}

/** True when every amount is a whole number of major units, so that decimals may be left out. */
export function allWhole(amounts: Iterable<Amount>, digits: number): boolean {
  const unit = 10 ** digits;
  for (const amount of amounts) if (amount % unit !== 0) return false;
  return true;
}

/** Digits with a comma before each three, counted from the end. */
function inThrees(digits: string): string {
  const first = digits.length % 3;
  const threes = digits.slice(first).match(/\d{3}/g) ?? [];
  return [...(first === 0 ? [] : [digits.slice(0, first)]), ...threes].join(',');
}

/** A decimal without the zeros behind its point that say nothing: `12.5` for 12.5000, `100` for 100.0000. */
export function shortDecimal(value: number, digits: number): string {
  const [whole = '', decimals = ''] = formatDecimal(value, digits).split('.');
  let end = decimals.length;
  while (decimals[end - 1] === '0') end--;
  return end === 0 ? whole : `${whole}.${decimals.slice(0, end)}`;
}
