import isEqual from 'fast-deep-equal';
import { ACCOUNT_FIELDS, comparedOf } from '../shapes/account.js';
import { openingOf, type Account, type Book } from './book.js';

/** Where an account comes from, compared with a starting point. */
export type Origin = 'given' | 'changed' | 'added';

const labelOf = ({ number, name }: Account): string => `${number ?? ''} ${name}`;

/**
 * Which account of a starting point each account of a book was: the one with its id; else, since a start has ids of
 * its own, the one with its number and name, then its number, then its name. Found for nobody twice.
 */
export function counterparts(start: Book, book: Book): ReadonlyMap<string, Account> {
  const found = new Map<string, Account>();
  const free = new Set(start.accounts);
  const look = (tell: (account: Account) => string | null) => {
    const byTelling = new Map<string, Account>();
    for (const account of free) {
      const described = tell(account);
      if (described !== null && !byTelling.has(described)) byTelling.set(described, account);
    }
    for (const account of book.accounts) {
      const described = found.has(account.id) ? null : tell(account);
      const other = described === null ? undefined : byTelling.get(described);
      if (!other || !free.delete(other)) continue;
      found.set(account.id, other);
    }
  };
  look(({ id }) => id);
  look(labelOf);
  look(({ number }) => number);
  look(({ name }) => name);
  return found;
}

const COMPARED = comparedOf(ACCOUNT_FIELDS);

/** Whether an account is set up as its counterpart was, in every field that is compared, and opens with the same. */
export function isUnchanged(
  start: Book,
  book: Book,
  { account, among }: { readonly account: Account; readonly among: ReadonlyMap<string, Account> },
): boolean {
  const old = among.get(account.id);
  if (old === undefined) return false;
  const parent = account.parent === null ? null : (among.get(account.parent)?.id ?? '');
  const asOfStart = { ...account, parent };
  return (
    COMPARED.every((field) => isEqual(old[field], asOfStart[field])) &&
    openingOf(start, old.id) === openingOf(book, account.id)
  );
}

/** For each account of a book: given by the starting point as it stands, changed since, or added. */
export function originsSince(start: Book, book: Book): ReadonlyMap<string, Origin> {
  const before = counterparts(start, book);
  return new Map(
    book.accounts.map((account) => {
      if (!before.has(account.id)) return [account.id, 'added'];
      return [
        account.id,
        isUnchanged(start, book, { account, among: before }) ? 'given' : 'changed',
      ];
    }),
  );
}
