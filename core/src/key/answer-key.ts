import type { Book } from '../book/book.js';
import { firstYear } from '../book/calendar.js';
import type { StatementId } from '../scheme/scheme.js';

/** What a student's number is compared with. `nextTo` names a key account it must stand behind. */
export type NumberRule = 'exact' | 'in-band' | 'any' | { readonly nextTo: string };

/** What else is accepted for one account of the key. */
export interface Accepted {
  readonly account: string;
  /** Other names with the same meaning. */
  readonly names: readonly string[];
  /** Other account types, besides the key's own. */
  readonly types: readonly string[];
  readonly number: NumberRule;
  /** False: the account may be left out. */
  readonly required: boolean;
  /** Whether several accounts may stand for it, or one for it and others, when their sum agrees. */
  readonly several: boolean;
}

/** What else is accepted for one entry of the key: any day from the one to the other. */
export interface AcceptedEntry {
  readonly entry: string;
  readonly from: string;
  readonly to: string;
  readonly required: boolean;
}

/** A date or period at which the statements are compared. */
export type StatementDate =
  | { readonly statement: 'balance-sheet'; readonly at: string }
  | { readonly statement: 'profit-and-loss'; readonly from: string; readonly to: string };

/** The instructor's own finished book, and what else is accepted. */
export interface AnswerKey {
  readonly book: Book;
  readonly accepts: readonly Accepted[];
  readonly acceptsEntries: readonly AcceptedEntry[];
  readonly statementDates: readonly StatementDate[];
  /** Points by check id, or by check id and subject (`account.type:bank`). 0 leaves the check out. */
  readonly points: Readonly<Record<string, number>>;
}

/** A book as a key: nothing else accepted, statements compared at the end of the first financial year. */
export function keyOf(book: Book, rest: Partial<Omit<AnswerKey, 'book'>> = {}): AnswerKey {
  return {
    book,
    accepts: [],
    acceptsEntries: [],
    statementDates: usualDates(book),
    points: {},
    ...rest,
  };
}

export function usualDates(book: Book): StatementDate[] {
  const { from, to } = firstYear(book.company.firstDay);
  return [
    { statement: 'balance-sheet', at: to },
    { statement: 'profit-and-loss', from, to },
  ];
}

/** What is accepted for an account when nothing is said of it: a retired one may be left out. */
export function acceptedFor(key: AnswerKey, id: string): Accepted {
  const found = key.accepts.find((each) => each.account === id);
  const account = key.book.accounts.find((each) => each.id === id);
  return (
    found ?? {
      account: id,
      names: [],
      types: [],
      number: 'in-band',
      required: account?.retired !== true,
      several: true,
    }
  );
}

export const STATEMENTS: readonly StatementId[] = ['balance-sheet', 'profit-and-loss'];
