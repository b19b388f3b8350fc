import type { Amount } from './amount.js';
import { QUANTITY_DIGITS, type Quantity } from './quantity.js';
import type { AmountMarks, AmountWriting } from './amount-marks.js';

/** Minor units as a decimal string for files: `-18940.00`. Zero is never negative. */
export function formatDecimal(amount: Amount, digits: number): string {
  const text = String(Math.abs(amount)).padStart(digits + 1, '0');
  const cut = text.length - digits;
  const shown = digits === 0 ? text : `${text.slice(0, cut)}.${text.slice(cut)}`;
  return amount < 0 ? `-${shown}` : shown;
}

/**
 * Minor units for people: digits grouped, negative in parentheses, zero as an en dash.
 * `places` is how many decimals to show: 0 where all amounts shown together are whole. What that would hide is shown
 * all the same.
 */
export function formatAmount(
  amount: Amount,
  writing: AmountWriting,
  places = writing.digits,
): string {
  if (amount === 0) return '–';
  const { digits, decimal } = writing;
  const [whole = '', decimals = ''] = formatDecimal(Math.abs(amount), digits).split('.');
  const grouped = inGroups(whole, writing);
  const kept = /[1-9]/.test(decimals.slice(places)) ? digits : places;
  const shown = kept > 0 ? `${grouped}${decimal}${decimals.slice(0, kept)}` : grouped;
  return amount < 0 ? `(${shown})` : shown;
}

/** An amount in a sentence: without its side, with decimals only where it has any. */
export const amountSaid = (amount: Amount, writing: AmountWriting): string =>
  formatAmount(Math.abs(amount), writing, allWhole([amount], writing.digits) ? 0 : writing.digits);

/** An amount as a table has it: all its decimals, not grouped, a minus before it. */
export const amountWritten = (amount: Amount, { digits, decimal }: AmountWriting): string =>
  formatDecimal(amount, digits).replace('.', decimal);

/** An amount as one types it: not grouped, a minus before it, without decimals that are nothing. */
export const amountTyped = (amount: Amount, { digits, decimal }: AmountWriting): string =>
  formatDecimal(amount, digits).replace(/\.0+$/, '').replace('.', decimal);

/** True when every amount is a whole number of major units, so that decimals may be left out. */
export function allWhole(amounts: Iterable<Amount>, digits: number): boolean {
  const unit = 10 ** digits;
  for (const amount of amounts) if (amount % unit !== 0) return false;
  return true;
}

/** Digits with a mark before each group, counted from the end. */
function inGroups(digits: string, { group, grouping }: AmountMarks): string {
  const groups = [digits.slice(-3)];
  const size = grouping === 'twos' ? 2 : 3;
  for (let end = digits.length - 3; end > 0; end -= size)
    groups.unshift(digits.slice(Math.max(0, end - size), end));
  return groups.join(group);
}

/** A number of things as a place writes it. */
export const quantitySaid = (quantity: Quantity, marks: AmountMarks): string =>
  shortDecimal(quantity, QUANTITY_DIGITS).replace('.', marks.decimal);

/** A decimal without the zeros behind its point that say nothing: `12.5` for 12.5000, `100` for 100.0000. */
export function shortDecimal(value: number, digits: number): string {
  const [whole = '', decimals = ''] = formatDecimal(value, digits).split('.');
  let end = decimals.length;
  while (decimals[end - 1] === '0') end--;
  return end === 0 ? whole : `${whole}.${decimals.slice(0, end)}`;
}
