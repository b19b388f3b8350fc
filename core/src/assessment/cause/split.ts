import type { Account, Book } from '../../model/book/book.js';
import { accountOf, openingOf } from '../../model/book/book.js';
import { sectionIdOf } from '../../model/book/place.js';
import type { Opens } from '../key/opening-entries.js';
import type { EntryPair } from '../key/pair-entries.js';
import type { EntryView } from '../key/entry-view.js';
import type { Pair, Recognition } from '../key/recognise.js';
import {
  balancesOf,
  counts,
  onDay,
  openingDifference,
  statementAccounts,
  suspenseOf,
  type PeriodFilter,
} from '../../accounting/ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import type { Cause, Shift } from './cause.js';

/** Two books whose accounts and entries have been recognised in each other. */
export interface Compared {
  readonly key: Book;
  readonly work: Book;
  readonly recognition: Recognition;
  readonly entryPairs: readonly EntryPair[];
  /** Which of their entries only say how accounts stood. */
  readonly opens: { readonly key: Opens; readonly work: Opens };
}

/**
 * All causes of the differences between work and key for the postings that count. For every line of a
 * statement over those postings, the work's figure less the key's is the sum of the causes' shares:
 * exactly, whatever the books. Accounts that moved to another line move with their balance in the work;
 * openings and entries differ on the key's line; balances without a partner stand where they stand.
 */
export function causesOf(compared: Compared, filter: PeriodFilter): Cause[] {
  const workBalances = balancesOf(compared.work, filter);
  const { balances: keyBalances } = keySide(compared, filter);
  const causes: Cause[] = [];
  const balances = { work: workBalances, key: keyBalances };
  for (const pair of compared.recognition.pairs)
    causes.push(...placements(compared, pair, balances));
  openings(compared, filter, causes);
  for (const pair of compared.entryPairs)
    if (!sameStanding(pair)) causes.push(...entryCause(compared, pair, filter));
  causes.push(...unpaired(compared, balances));
  return causes;
}

interface KeySide {
  readonly balances: ReadonlyMap<string, Amount>;
  readonly openings: ReadonlyMap<string, Amount>;
}

const keySides = new WeakMap<Book, Map<string, KeySide>>();

/** The key's own figures: the same for every work that is checked with it. */
function keySide({ key, opens }: Compared, filter: PeriodFilter): KeySide {
  const sides = keySides.get(key) ?? new Map<string, KeySide>();
  keySides.set(key, sides);
  const name = `${filter.from} ${filter.to} ${filter.closing} ${filter.opening}`;
  const known = sides.get(name);
  if (known) return known;
  const openings = openingAmounts(key, opens.key, filter);
  const side = { balances: balancesOf(key, filter), openings };
  sides.set(name, side);
  return side;
}

/** The section on whose line a pair is reckoned: its first key account's. */
const homeOf = (compared: Compared, pair: Pair): string =>
  sectionIdOf(compared.key, pair.keys[0] as Account);

interface Balances {
  readonly work: ReadonlyMap<string, Amount>;
  readonly key: ReadonlyMap<string, Amount>;
}

function placements(compared: Compared, pair: Pair, balances: Balances): Cause[] {
  const causes: Cause[] = [];
  const home = homeOf(compared, pair);
  const { key, work } = compared;
  const put = (book: Book, account: Account, amount: Amount) => {
    const section = sectionIdOf(book, account);
    if (section === home || amount === 0) return;
    const shifts: Shift[] = [
      { scheme: book.scheme, section, amount },
      { scheme: key.scheme, section: home, amount: -amount },
    ];
    causes.push({ kind: 'placement', of: 'key', id: (pair.keys[0] as Account).id, shifts });
  };
  for (const account of pair.works) put(work, account, balances.work.get(account.id) ?? 0);
  for (const account of pair.keys) put(key, account, -(balances.key.get(account.id) ?? 0));
  return causes;
}

/** Opening amounts of a book by account: the table, and the entries that only say how accounts stood. */
function openingAmounts(book: Book, opens: Opens, filter: PeriodFilter): Map<string, Amount> {
  const amounts = new Map<string, Amount>();
  if (filter.opening && onDay(filter, book.opening.date)) {
    for (const { id } of book.accounts) {
      const amount = openingOf(book, id);
      if (amount !== 0) amounts.set(id, amount);
    }
    addDifference(book, amounts);
  }
  for (const entry of book.entries)
    if (opens(entry) && counts(filter, entry))
      for (const { account, amount } of entry.lines)
        amounts.set(account, (amounts.get(account) ?? 0) + amount);
  return amounts;
}

/** An opening difference waits in the book's own suspense account, where it has one. */
function addDifference(book: Book, amounts: Map<string, Amount>): void {
  const difference = openingDifference(book);
  if (difference === 0) return;
  const { id } = suspenseOf(book);
  if (accountOf(book, id)) amounts.set(id, (amounts.get(id) ?? 0) - difference);
}

function openings(compared: Compared, filter: PeriodFilter, causes: Cause[]): void {
  const { key, work, recognition } = compared;
  const { openings: ofKey } = keySide(compared, filter);
  const ofWork = openingAmounts(work, compared.opens.work, filter);
  for (const pair of recognition.pairs) {
    let amount = 0;
    for (const { id } of pair.works) amount += ofWork.get(id) ?? 0;
    for (const { id } of pair.keys) amount -= ofKey.get(id) ?? 0;
    if (amount === 0) continue;
    const section = homeOf(compared, pair);
    const id = (pair.keys[0] as Account).id;
    const shifts = [{ scheme: key.scheme, section, amount }];
    causes.push({ kind: 'opening', of: 'key', id, shifts });
  }
}

/** One entry on each side that says the same on the same day: no cause of anything. */
function sameStanding({ agrees, keys, works }: EntryPair): boolean {
  if (!agrees || keys.length !== 1 || works.length !== 1) return false;
  const key = keys[0]?.entry;
  const work = works[0]?.entry;
  return key?.date === work?.date && (key?.kind === 'closing') === (work?.kind === 'closing');
}

function entryCause(compared: Compared, pair: EntryPair, filter: PeriodFilter): Cause[] {
  const [key] = pair.keys;
  const [work] = pair.works;
  const bySection = new Map<string, Amount>();
  addLines(compared, pair.works, { filter, sign: 1, to: bySection });
  addLines(compared, pair.keys, { filter, sign: -1, to: bySection });
  const shifts = [...bySection]
    .filter(([, amount]) => amount !== 0)
    .map(([section, amount]): Shift => ({ scheme: compared.key.scheme, section, amount }));
  if (shifts.length === 0) return [];
  return key
    ? [{ kind: 'entry', of: 'key', id: key.entry.id, shifts }]
    : [{ kind: 'entry', of: 'work', id: work?.entry.id ?? '', shifts }];
}

interface Adding {
  readonly filter: PeriodFilter;
  /** The work's lines are added, the key's taken off. */
  readonly sign: 1 | -1;
  readonly to: Map<string, Amount>;
}

function addLines(compared: Compared, views: readonly EntryView[], adding: Adding): void {
  const { filter, sign, to } = adding;
  const { byKey, byWork } = compared.recognition;
  const pairOf = sign === 1 ? byWork : byKey;
  for (const { entry } of views) {
    if (!counts(filter, entry)) continue;
    for (const { account, amount } of entry.lines) {
      const pair = pairOf.get(account);
      if (!pair) continue;
      const section = homeOf(compared, pair);
      to.set(section, (to.get(section) ?? 0) + sign * amount);
    }
  }
}

function unpaired(compared: Compared, balances: Balances): Cause[] {
  const { key, work, recognition } = compared;
  const causes: Cause[] = [];
  const put = (
    of: 'key' | 'work',
    book: Book,
    { account, amount }: { readonly account: Account; readonly amount: Amount },
  ) => {
    if (amount === 0) return;
    const section = sectionIdOf(book, account);
    const shifts = [{ scheme: book.scheme, section, amount }];
    causes.push({ kind: 'account', of, id: account.id, shifts });
  };
  for (const account of statementAccounts(work, balances.work))
    if (!recognition.byWork.has(account.id))
      put('work', work, { account, amount: balances.work.get(account.id) ?? 0 });
  for (const account of statementAccounts(key, balances.key))
    if (!recognition.byKey.has(account.id))
      put('key', key, { account, amount: -(balances.key.get(account.id) ?? 0) });
  return causes;
}
