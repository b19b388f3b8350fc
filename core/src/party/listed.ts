/** Things read from a table, each with its row and whether the book has none of that name yet. */
export interface Listed<T> {
  readonly things: readonly { readonly row: number; readonly isNew: boolean; readonly thing: T }[];
  readonly faults: readonly string[];
}

export const sameName = (one: string, other: string): boolean =>
  one.trim().toLowerCase() === other.trim().toLowerCase();
