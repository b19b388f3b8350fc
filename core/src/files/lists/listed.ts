import type { Book } from '../../model/book/book.js';
import { usualDecimal } from '../../model/place/writing.js';
import { minorDigits } from '../../model/money/amount.js';
import { QUANTITY_DIGITS } from '../../model/money/quantity.js';
import { readList, type ListColumn, type ListRow } from '../table/read-list.js';

/** Things read from a table, each with its row and whether the book has none of that name yet. */
export interface Listed<T> {
  readonly things: readonly { readonly row: number; readonly isNew: boolean; readonly thing: T }[];
  readonly faults: readonly string[];
}

const sameName = (one: string, other: string): boolean =>
  one.trim().toLowerCase() === other.trim().toLowerCase();

/** What heads a column, in plain words divided by `|`, and what it holds. */
export type Column = readonly [heads: string, holds: 'words' | 'money' | 'quantity' | 'whole'];

interface Kind<T, K extends string> {
  readonly columns: Readonly<Record<K | 'name', Column>>;
  /** Those that the book has. */
  readonly there: readonly T[];
  /** A new one, before its row says anything. */
  blank(): T;
  withSaid(thing: T, row: ListRow<K | 'name'>): T;
}

/** The things of a table: one a row, by name; what it says of one that the book has already changes that one. */
export function listed<T extends { readonly name: string }, K extends string>(
  book: Book,
  cells: readonly (readonly string[])[],
  { columns, there, blank, withSaid }: Kind<T, K>,
): Listed<T> {
  const money = minorDigits(book.company.currency);
  const digits = { words: null, money, quantity: QUANTITY_DIGITS, whole: 0 };
  const read = Object.entries<Column>(columns).map(([name, [heads, holds]]) => [
    name,
    { heads, digits: digits[holds] },
  ]);
  const { rows, faults } = readList(
    cells,
    Object.fromEntries(read) as Record<K | 'name', ListColumn>,
    usualDecimal(book.company),
  );
  return {
    faults,
    things: rows.map((row) => {
      const known = there.find(({ name }) => sameName(name, row.words.name ?? ''));
      return { row: row.row, isNew: known === undefined, thing: withSaid(known ?? blank(), row) };
    }),
  };
}
