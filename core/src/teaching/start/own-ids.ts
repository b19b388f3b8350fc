import type { Account, Book } from '../../model/book/book.js';
import { withDraftsRenamed, withLinesRenamed } from '../../model/book/drafts.js';
import { withAccountsRenamed } from '../../accounting/document/accounts-named.js';
import { randomFrom, shuffled } from '../../model/chance/random.js';
import { textHash } from '../../model/chance/text-hash.js';
import type { StartKind } from './starting-point.js';

const mixed = (text: string, seed: number): number =>
  Math.floor(randomFrom(textHash(text, seed))() * 36 ** 6);

/** An id that tells nothing for each account: the same for the same account and seed. */
function ownIds(accounts: readonly Account[], seed: number): ReadonlyMap<string, string> {
  const ids = new Map<string, string>();
  const taken = new Set<string>();
  for (const { id } of accounts) {
    let own = '';
    for (let n = 0; own === '' || taken.has(own); n++)
      own = `n${mixed(`${n} ${id}`, seed).toString(36).padStart(6, '0')}`;
    taken.add(own);
    ids.set(id, own);
  }
  return ids;
}

/**
 * The same book with ids of its own: those of the key tell what an account is (`van-dep`), and whoever begins with
 * it could read them. Two books told apart by a fault only have the same ids for the same accounts and seed.
 */
export function withOwnIds(book: Book, seed: number): Book {
  const ids = ownIds(book.accounts, seed);
  const own = (id: string) => ids.get(id) ?? id;
  const balances = Object.entries(book.opening.balances).map(([id, amount]) => [own(id), amount]);
  return {
    ...withDraftsRenamed(withAccountsRenamed(book, own), own),
    accounts: book.accounts.map((account) => ({
      ...account,
      id: own(account.id),
      parent: account.parent === null ? null : own(account.parent),
      chargedTo: account.chargedTo === null ? null : own(account.chargedTo),
    })),
    opening: { ...book.opening, balances: Object.fromEntries(balances) },
    entries: withLinesRenamed(book.entries, own),
  };
}

/** Where the place or the number is asked, the order of the key would answer. */
const ASKS_ORDER: ReadonlySet<StartKind> = new Set(['place-them', 'number-them', 'mend-it']);

/** What is given is said: whether the one who made it had settled its type is nothing to ask a student. */
const settled = (book: Book): Book => ({
  ...book,
  accounts: book.accounts.map((account) => ({ ...account, guessed: false })),
});

/** A starting point as it is given to students: nothing in it that only the key should tell. */
export function givenToStudents(start: Book, kind: StartKind, seed: number): Book {
  const own = settled(withOwnIds(start, seed));
  if (!ASKS_ORDER.has(kind)) return own;
  return { ...own, accounts: shuffled(own.accounts, randomFrom(seed)) };
}
