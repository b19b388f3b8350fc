import type { Account, Book } from '../../model/book/book.js';
import { retainedAccounts } from '../../model/book/book-faults.js';
import { account, freeId, newBook, type NewBook } from '../../model/book/new-book.js';
import { numberKey } from '../../model/shapes/account-number.js';
import { bookFromTable } from './book-from-table.js';
import type { SignConvention } from './sign.js';
import type { AccountTable } from './read-accounts.js';

/** Numbers that a table has twice, once for each account that comes too late for one. */
export function doubledNumbers(table: AccountTable): string[] {
  const seen = new Set<string>();
  return table.rows.flatMap(({ number }) => {
    if (number === null) return [];
    const twice = seen.has(numberKey(number));
    seen.add(numberKey(number));
    return twice ? [number] : [];
  });
}

function withoutDoubles(accounts: readonly Account[]): Account[] {
  const seen = new Set<string>();
  return accounts.map((each) => {
    const key = each.number === null ? null : numberKey(each.number);
    const twice = key !== null && seen.has(key);
    if (key !== null) seen.add(key);
    return twice ? { ...each, number: null } : each;
  });
}

/**
 * A company's book from a table of accounts, as `bookFromTable` makes it; but the second account with a
 * number goes without, and the one retained-earnings account is added when the table lacks it.
 */
export function newBookFromTable(table: AccountTable, wanted: NewBook, sign: SignConvention): Book {
  const empty = newBook(wanted);
  const { company, scheme, numberPlan, opening } = empty;
  const read = bookFromTable(table, { company, scheme, numberPlan, at: opening.date, sign });
  const book = { ...read, accounts: withoutDoubles(read.accounts) };
  const [kept] = empty.accounts;
  if (!kept || retainedAccounts(book).length > 0) return book;
  const numbers = new Set(book.accounts.map((each) => each.number));
  const id = freeId(kept.id, new Set(book.accounts.map((each) => each.id)));
  const number = numbers.has(kept.number) ? null : kept.number;
  return {
    ...book,
    accounts: [...book.accounts, account(id, kept.name, { number, type: kept.type })],
  };
}
