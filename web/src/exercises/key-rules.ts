import type { OwnFigures, Question, Setting } from '@gleddo/core';

/** A statement that is compared, and at which day or over which period. */
export interface StatementDate {
  readonly statement: 'balance-sheet' | 'profit-and-loss';
  readonly at?: string;
  readonly from?: string;
  readonly to?: string;
}

/** What else is right for an account of the key. */
export interface AcceptedRule {
  readonly account: string;
  readonly names?: readonly string[];
  readonly types?: readonly string[];
  readonly number?: 'exact' | 'in-band' | 'any' | { readonly nextTo: string };
  readonly required?: boolean;
  readonly forbidden?: boolean;
  readonly several?: boolean;
  readonly reason?: string;
}

/** What else is right for an entry of the key. */
export interface AcceptedEntryRule {
  readonly entry: string;
  readonly from?: string;
  readonly to?: string;
  readonly required?: boolean;
}

/** The rules of a key as they are kept and sent. */
export interface KeyRules {
  readonly points?: Readonly<Record<string, number>>;
  readonly statementDates?: readonly StatementDate[];
  readonly accepts?: readonly AcceptedRule[];
  readonly acceptsEntries?: readonly AcceptedEntryRule[];
  /** What the whole counts; absent: the points of its checks. */
  readonly total?: number;
  /** Asked beside the book. */
  readonly questions?: readonly Question[];
  /** Settings of the company that students make, and that are compared. */
  readonly settings?: readonly Setting[];
  /** What is drawn for each student; absent: everybody has the same figures. */
  readonly figures?: OwnFigures;
}
