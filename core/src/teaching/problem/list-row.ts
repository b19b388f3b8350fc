/** A row of a list in a problem: an account, and its balance where one is said. */
export interface ListRow {
  readonly name: string;
  /** Hundredths; null: only the account is named. */
  readonly amount: number | null;
  /** The side that is said; null: the one that an account of its type has. */
  readonly side: 'debit' | 'credit' | null;
  /** Whether it was told in a sentence, where what the owner’s part is needs no word. */
  readonly isTold?: boolean;
}
