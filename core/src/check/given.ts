import { openingOf, type Account, type Book, type Entry } from '../book/book.js';

const sameAccount = (a: Account, b: Account): boolean =>
  a.name === b.name &&
  a.number === b.number &&
  a.type === b.type &&
  a.parent === b.parent &&
  a.retired === b.retired;

const sameEntry = (a: Entry, b: Entry): boolean =>
  a.date === b.date &&
  a.lines.length === b.lines.length &&
  a.lines.every((line, i) => {
    const other = b.lines[i];
    return line.account === other?.account && line.amount === other.amount;
  });

/** What of the key stood finished in the starting point already: `account:<id>` and `entry:<id>`. */
export function givenIn(start: Book, key: Book): Set<string> {
  const given = new Set<string>();
  const accounts = new Map(start.accounts.map((account) => [account.id, account]));
  for (const account of key.accounts) {
    const before = accounts.get(account.id);
    const sameOpening = openingOf(start, account.id) === openingOf(key, account.id);
    if (before && sameOpening && sameAccount(before, account)) given.add(`account:${account.id}`);
  }
  const entries = new Map(start.entries.map((entry) => [entry.id, entry]));
  for (const entry of key.entries) {
    const before = entries.get(entry.id);
    if (before && sameEntry(before, entry)) given.add(`entry:${entry.id}`);
  }
  return given;
}
