import type { Account, Book, Entry } from '../../model/book/book.js';
import { counterparts, isUnchanged } from '../../model/book/since-start.js';
import { comparedOf } from '../../model/shapes/account.js';
import { ENTRY_FIELDS, LINE_FIELDS } from '../../model/shapes/entry.js';

/** The accounts and entries of a key that the starting point gives already, by id. */
export interface Given {
  readonly accounts: ReadonlySet<string>;
  readonly entries: ReadonlySet<string>;
}

export const NOTHING_GIVEN: Given = { accounts: new Set(), entries: new Set() };

const OF_ENTRY = comparedOf(ENTRY_FIELDS).filter((field) => field !== 'lines');
const OF_LINE = comparedOf(LINE_FIELDS);

/** What an entry says in all that is compared, its lines in their order; the key's accounts told as those of the start. */
const contentOf = (entry: Entry, ids: (account: string) => string): string =>
  JSON.stringify([
    OF_ENTRY.map((field) => entry[field]),
    entry.lines.map((line) => {
      const described = { ...line, account: ids(line.account) };
      return OF_LINE.map((field) => described[field]);
    }),
  ]);

const known = new WeakMap<Book, WeakMap<Book, Given>>();

/** What of the key stood finished in the starting point already; found once for the two. */
export function givenIn(start: Book, key: Book): Given {
  const ofStart = known.get(start) ?? new WeakMap<Book, Given>();
  known.set(start, ofStart);
  const given = ofStart.get(key) ?? findGiven(start, key);
  ofStart.set(key, given);
  return given;
}

function findGiven(start: Book, key: Book): Given {
  const before = counterparts(start, key);
  const accounts = key.accounts.filter((account) =>
    isUnchanged(start, key, { account, among: before }),
  );
  return {
    accounts: new Set(accounts.map(({ id }) => id)),
    entries: new Set(givenEntries(start, key, before).map(({ id }) => id)),
  };
}

function givenEntries(start: Book, key: Book, before: ReadonlyMap<string, Account>): Entry[] {
  const left = new Map<string, number>();
  for (const entry of start.entries) {
    const content = contentOf(entry, (id) => id);
    left.set(content, (left.get(content) ?? 0) + 1);
  }
  return key.entries.filter((entry) => {
    const content = contentOf(entry, (id) => before.get(id)?.id ?? '');
    const count = left.get(content) ?? 0;
    left.set(content, count - 1);
    return count > 0;
  });
}
