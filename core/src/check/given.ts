import { openingOf, type Book, type Entry } from '../book/book.js';
import { setUpAlike } from '../book/since-start.js';

const sameEntry = (a: Entry, b: Entry): boolean =>
  a.date === b.date &&
  a.lines.length === b.lines.length &&
  a.lines.every((line, i) => {
    const other = b.lines[i];
    return line.account === other?.account && line.amount === other.amount;
  });

/** The accounts and entries of a key that the starting point gives already, by id. */
export interface Given {
  readonly accounts: ReadonlySet<string>;
  readonly entries: ReadonlySet<string>;
}

export const NOTHING_GIVEN: Given = { accounts: new Set(), entries: new Set() };

/** What of the key stood finished in the starting point already. */
export function givenIn(start: Book, key: Book): Given {
  const accountsBefore = new Map(start.accounts.map((account) => [account.id, account]));
  const entriesBefore = new Map(start.entries.map((entry) => [entry.id, entry]));
  const accounts = key.accounts.filter((account) => {
    const before = accountsBefore.get(account.id);
    const sameOpening = openingOf(start, account.id) === openingOf(key, account.id);
    return before && sameOpening && setUpAlike(before, account);
  });
  const entries = key.entries.filter((entry) => {
    const before = entriesBefore.get(entry.id);
    return before && sameEntry(before, entry);
  });
  return {
    accounts: new Set(accounts.map(({ id }) => id)),
    entries: new Set(entries.map(({ id }) => id)),
  };
}
