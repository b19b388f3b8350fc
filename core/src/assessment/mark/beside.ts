import { accountOf, type Account, type Book, type Entry } from '../../model/book/book.js';
import { traitsOf } from '../key/account-traits.js';
import { openingSaid, opensBeside, opensIn, type Opens } from '../key/opening-entries.js';
import { pairedEntries, type PairedIds } from '../key/paired-entries.js';
import type { Amount } from '../../model/money/amount.js';

/** The opening balances of accounts that stand for each other; debit positive. */
export interface OpeningBeside {
  readonly works: readonly Account[];
  readonly keys: readonly Account[];
  readonly theirs: Amount;
  readonly wanted: Amount;
}

/** What accounts open with together, whether by the opening balances or by an entry that stands for them. */
function openingsOf(book: Book, opens: Opens): (accounts: readonly Account[]) => Amount {
  const amounts = new Map(traitsOf(book, opens).map((each) => [each.account.id, each.opening]));
  return (accounts) => accounts.reduce((sum, { id }) => sum + (amounts.get(id) ?? 0), 0);
}

const named = (book: Book, ids: readonly string[]): Account[] =>
  ids.flatMap((id) => accountOf(book, id) ?? []);

/** Opening balances of a work beside the key's, in the key's order; what only the work has stands behind. Rows of nothing are left out. */
export function openingsBeside(
  key: Book,
  work: Book,
  pairs: readonly PairedIds[],
): OpeningBeside[] {
  const wantedOf = openingsOf(key, opensIn(key));
  const theirsOf = openingsOf(work, opensBeside(openingSaid(key), work));
  const byKey = new Map(pairs.flatMap((pair) => pair.keys.map((id) => [id, pair] as const)));
  const seen = new Set<PairedIds>();
  const ofKey = key.accounts.flatMap(({ id }): { keys: Account[]; works: Account[] }[] => {
    const pair = byKey.get(id) ?? { keys: [id], works: [] };
    if (seen.has(pair)) return [];
    seen.add(pair);
    return [{ keys: named(key, pair.keys), works: named(work, pair.works) }];
  });
  const paired = new Set(pairs.flatMap(({ works }) => works));
  const alone = work.accounts.filter(({ id }) => !paired.has(id));
  return [...ofKey, ...alone.map((account) => ({ keys: [], works: [account] }))]
    .map((row) => ({
      ...row,
      theirs: theirsOf(row.works),
      wanted: wantedOf(row.keys),
    }))
    .filter(({ theirs, wanted }) => theirs !== 0 || wanted !== 0);
}

/** Entries that stand for each other; one side is empty where nothing does. */
export interface EntriesBeside {
  readonly works: readonly Entry[];
  readonly keys: readonly Entry[];
  /** Whether both say the same, on the same days. */
  readonly agrees: boolean;
}

const daysOf = (entries: readonly Entry[]): string =>
  entries
    .map(({ date }) => date)
    .sort()
    .join();

/** The journal of a work beside the key's, in the order of days. */
export function entriesBeside(key: Book, work: Book, pairs: readonly PairedIds[]): EntriesBeside[] {
  return pairedEntries(key, work, pairs)
    .map(({ keys, works, agrees, isEquivalent = false }) => {
      const sides = { keys: keys.map((v) => v.entry), works: works.map((v) => v.entry) };
      const sameDays = daysOf(sides.keys) === daysOf(sides.works);
      return { ...sides, agrees: agrees && (sameDays || isEquivalent) };
    })
    .sort((a, b) => firstDay(a).localeCompare(firstDay(b)));
}

const firstDay = ({ keys, works }: EntriesBeside): string => daysOf([...keys, ...works]);
