/** A statement that is compared, and at which day or over which period. */
export interface StatementDate {
  readonly statement: 'balance-sheet' | 'profit-and-loss';
  readonly at?: string;
  readonly from?: string;
  readonly to?: string;
}

/** The rules of a key as they are kept and sent. */
export interface KeyRules {
  readonly points?: Readonly<Record<string, number>>;
  readonly statementDates?: readonly StatementDate[];
  readonly accepts?: readonly { account: string; names?: string[]; types?: string[] }[];
}
