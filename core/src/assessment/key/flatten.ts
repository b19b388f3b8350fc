import type { Book } from '../../model/book/book.js';
import { balancesOf, upTo } from '../../accounting/ledger/balances.js';
import { aimOf, type AnswerKey } from './answer-key.js';

/**
 * A book without its journal: its balances at a date as opening balances on that date. A plain list of
 * balances can be compared with it like any other work.
 */
export function flattened(book: Book, at: string): Book {
  const dates = known.get(book) ?? new Map<string, Book>();
  known.set(book, dates);
  const found = dates.get(at) ?? flatten(book, at);
  dates.set(at, found);
  return found;
}

const known = new WeakMap<Book, Map<string, Book>>();

function flatten(book: Book, at: string): Book {
  const balances = Object.fromEntries(
    [...balancesOf(book, upTo(at))].filter(
      ([id, amount]) => amount !== 0 && book.accounts.some((account) => account.id === id),
    ),
  );
  return { ...book, opening: { date: at, balances }, entries: [] };
}

/** The key for works that are lists of balances at a date: its book flattened, compared at that date. */
export function flattenedKey(key: AnswerKey, at: string): AnswerKey {
  const from = key.book.company.firstDay;
  return {
    ...key,
    aim: aimOf(key),
    book: flattened(key.book, at),
    acceptsEntries: [],
    statementDates: [
      { statement: 'balance-sheet', at },
      { statement: 'profit-and-loss', from: from <= at ? from : at, to: at },
    ],
  };
}

/** The latest date at which the key compares statements: what a list of balances is taken to be of. */
export const latestDate = (key: AnswerKey): string =>
  key.statementDates
    .map((date) => (date.statement === 'balance-sheet' ? date.at : date.to))
    .sort()
    .at(-1) ?? key.book.opening.date;
