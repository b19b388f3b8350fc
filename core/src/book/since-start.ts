import { openingOf, type Account, type Book } from './book.js';

/** Where an account comes from, compared with a starting point. */
export type Origin = 'given' | 'changed' | 'added';

/** Whether two accounts are set up alike: name, number, place, state and part of the cash flow. */
export const setUpAlike = (a: Account, b: Account): boolean =>
  a.name === b.name &&
  a.number === b.number &&
  a.type === b.type &&
  a.parent === b.parent &&
  a.retired === b.retired &&
  a.cashFlow === b.cashFlow;

/** For each account of a book: given by the starting point as it stands, changed since, or added. */
export function originsSince(start: Book, book: Book): ReadonlyMap<string, Origin> {
  const before = new Map(start.accounts.map((account) => [account.id, account]));
  return new Map(
    book.accounts.map((account) => {
      const old = before.get(account.id);
      const unchanged =
        old &&
        setUpAlike(old, account) &&
        openingOf(start, account.id) === openingOf(book, account.id);
      return [account.id, unchanged ? 'given' : old ? 'changed' : 'added'];
    }),
  );
}
