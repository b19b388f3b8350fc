import { rowsOf, type Book } from '@gleddo/core';
import { BY_LABEL, rankOf } from '../../platform/figures/by-label';

export interface AccountOption {
  readonly value: string;
  readonly label: string;
  readonly name: string;
  readonly number: string;
}

/** The accounts that a line may be written on: those in use that take entries, and the one that stands there already. */
export const accountOptions = (book: Book, chosen: string): AccountOption[] =>
  rowsOf(book)
    .filter(({ account: { id, retired, headsOnly } }) => !(retired || headsOnly) || id === chosen)
    .map(({ account: { id, name, number } }) => ({
      value: id,
      label: `${number ?? ''} ${name}`.trim(),
      name: name.toLowerCase(),
      number: (number ?? '').toLowerCase(),
    }));

/** The last digits of a number are as good as its first ones: who knows the chart types `20` for 1020. */
const endsWith = (number: string, typed: string): boolean => {
  const digits = typed.trim();
  return digits !== '' && number.endsWith(digits.toLowerCase());
};

/** How well an account answers what was typed: by its number or its name, whichever answers better. */
const rank = ({ number, name }: AccountOption, typed: string): number =>
  Math.min(rankOf(typed, number), rankOf(typed, name), endsWith(number, typed) ? 2 : Infinity);

/**
 * Accounts are found by number or its last digits, by name, or in short: `w` is *Wages*, `pi` *Prepaid insurance*, `ba cu`
 * *Bank, current account*.
 */
export const SEARCH = {
  filterOption: BY_LABEL.filterOption,
  filterSort: (a: AccountOption, b: AccountOption, { searchValue }: { searchValue: string }) =>
    rank(a, searchValue) - rank(b, searchValue),
} as const;
