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

/** How well an account answers what was typed: by its number or its name, whichever answers better. */
const rank = (option: AccountOption, typed: string): number =>
  Math.min(rankOf(typed, option.number), rankOf(typed, option.name));

/** Accounts are found by number, by name, or by the beginnings of their words: `ba cu` is *Bank, current account*. */
export const SEARCH = {
  filterOption: BY_LABEL.filterOption,
  filterSort: (a: AccountOption, b: AccountOption, { searchValue }: { searchValue: string }) =>
    rank(a, searchValue) - rank(b, searchValue),
} as const;
