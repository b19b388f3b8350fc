import { rowsOf, type Book } from '@gleddo/core';

export interface AccountOption {
  readonly value: string;
  readonly label: string;
  readonly name: string;
  readonly number: string;
}

/** The accounts that a line may be written on: those in use, and the one that stands there already. */
export const accountOptions = (book: Book, chosen: string): AccountOption[] =>
  rowsOf(book)
    .filter(({ account }) => !account.retired || account.id === chosen)
    .map(({ account: { id, name, number } }) => ({
      value: id,
      label: `${number ?? ''} ${name}`.trim(),
      name: name.toLowerCase(),
      number: (number ?? '').toLowerCase(),
    }));

/** How well an option answers what was typed: its number or name, the whole of it, its beginning, a part. */
function rank(option: AccountOption, typed: string): number {
  const text = typed.trim().toLowerCase();
  if (option.name === text || option.number === text) return 0;
  if (option.number.startsWith(text)) return 1;
  if (option.name.startsWith(text)) return 2;
  return 3;
}

export const SEARCH = {
  optionFilterProp: 'label',
  filterSort: (a: AccountOption, b: AccountOption, { searchValue }: { searchValue: string }) =>
    rank(a, searchValue) - rank(b, searchValue),
} as const;
