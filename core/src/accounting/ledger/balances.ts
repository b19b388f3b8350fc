import { type Account, type Book, type Entry } from '../../model/book/book.js';
import { account } from '../../model/book/new-book.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { typeOf } from '../../model/scheme/scheme.js';

/** Which postings count. Opening balances are postings on their own date. */
export interface PeriodFilter {
  /** The first day that counts; null: from the beginning. */
  readonly from: string | null;
  /** The last day that counts; null: to the end. */
  readonly to: string | null;
  /** Whether entries of the kind closing count. */
  readonly closing: boolean;
  /** Whether opening balances and entries of the kind opening count. */
  readonly opening: boolean;
}

const EVERYTHING: PeriodFilter = { from: null, to: null, closing: true, opening: true };

export const upTo = (to: string): PeriodFilter => ({ ...EVERYTHING, to });

export const onDay = (filter: PeriodFilter, day: string): boolean =>
  (filter.from === null || filter.from <= day) && (filter.to === null || day <= filter.to);

export const counts = (filter: PeriodFilter, entry: Entry): boolean =>
  onDay(filter, entry.date) &&
  (filter.closing || entry.kind !== 'closing') &&
  (filter.opening || entry.kind !== 'opening');

/** The account of the role suspense: the book's own, else the one that statements show when needed. */
const VIRTUAL_SUSPENSE: Account = account('suspense', 'Suspense: opening difference');

export const isSuspense = (book: Book, account: Account): boolean =>
  typeOf(book.scheme, account.type)?.role === 'suspense';

/** Debits less credits of all opening balances: zero when they are in balance. */
export const openingDifference = (book: Book): Amount => sum(Object.values(book.opening.balances));

/**
 * The account in which an opening difference waits: the book's own suspense account; without one, a
 * virtual account whose id no account of the book has.
 */
export function suspenseOf(book: Book): Account {
  const known = suspenses.get(book);
  if (known) return known;
  const suspense = findSuspense(book);
  suspenses.set(book, suspense);
  return suspense;
}

const suspenses = new WeakMap<Book, Account>();

function findSuspense(book: Book): Account {
  const own = book.accounts.find((account) => isSuspense(book, account));
  if (own) return own;
  const taken = new Set(book.accounts.map((account) => account.id));
  let id = VIRTUAL_SUSPENSE.id;
  while (taken.has(id)) id += '-difference';
  const type = book.scheme.types.find((each) => each.role === 'suspense')?.id ?? null;
  return { ...VIRTUAL_SUSPENSE, id, type };
}

/** What accounts stand at when the books open, debit positive: a difference waits in suspense, so that it adds up to nothing. */
function openedAt(book: Book): ReadonlyMap<string, Amount> {
  const opened = new Map(Object.entries(book.opening.balances));
  const difference = openingDifference(book);
  if (difference === 0) return opened;
  const suspense = suspenseOf(book).id;
  const waits = (opened.get(suspense) ?? 0) - difference;
  if (waits === 0) opened.delete(suspense);
  else opened.set(suspense, waits);
  return opened;
}

/**
 * The balance of every account that has postings, debit positive. An opening difference stands in
 * suspense, so the balances always add up to zero when all postings of each entry count.
 */
export function balancesOf(book: Book, filter: PeriodFilter = EVERYTHING): Map<string, Amount> {
  const balances = new Map<string, Amount>();
  const post = (id: string, amount: Amount) => balances.set(id, (balances.get(id) ?? 0) + amount);
  if (filter.opening && onDay(filter, book.opening.date))
    for (const [id, amount] of openedAt(book)) post(id, amount);
  for (const entry of book.entries)
    if (counts(filter, entry)) for (const line of entry.lines) post(line.account, line.amount);
  return balances;
}

/** The accounts that statements show: the book's, and the virtual suspense while it holds something. */
export function statementAccounts(
  book: Book,
  balances: ReadonlyMap<string, Amount>,
): readonly Account[] {
  const suspense = suspenseOf(book);
  if ((balances.get(suspense.id) ?? 0) === 0 || book.accounts.includes(suspense))
    return book.accounts;
  return [...book.accounts, suspense];
}

/** One posting to an account, with the balance after it. */
export interface LedgerLine {
  /** Null for the opening balance. */
  readonly entry: Entry | null;
  readonly date: string;
  readonly amount: Amount;
  readonly balance: Amount;
}

/**
 * The postings of every account that has any, as `linesOf` tells them one by one: made in one pass over the book.
 */
export function ledgerOf(book: Book, filter: PeriodFilter = EVERYTHING): Map<string, LedgerLine[]> {
  const found = new Map<string, LedgerLine[]>();
  const balances = new Map<string, Amount>();
  const post = (id: string, line: Omit<LedgerLine, 'balance'>) => {
    const balance = (balances.get(id) ?? 0) + line.amount;
    balances.set(id, balance);
    const lines = found.get(id);
    if (lines) lines.push({ ...line, balance });
    else found.set(id, [{ ...line, balance }]);
  };
  for (const { entry, date, lines } of inOrderOfDate(book, filter))
    for (const { account, amount } of lines) post(account, { entry, date, amount });
  return found;
}

/** Opening balances and entries in order of date, opening balances first on their day. */
function inOrderOfDate(book: Book, filter: PeriodFilter) {
  const { opening, entries } = book;
  const { date } = opening;
  const isOpened = filter.opening && onDay(filter, date);
  const opened = {
    entry: null,
    date,
    lines: [...openedAt(book)].map(([account, amount]) => ({ account, amount })),
  };
  return [
    ...(isOpened ? [opened] : []),
    ...entries
      .filter((entry) => counts(filter, entry))
      .map((entry) => ({ entry, date: entry.date, lines: entry.lines })),
  ].sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
}

/** An account's postings in order of date (opening first), each with the running balance. */
export function linesOf(book: Book, id: string, filter: PeriodFilter = EVERYTHING): LedgerLine[] {
  const found: Omit<LedgerLine, 'balance'>[] = [];
  const opening = openedAt(book).get(id) ?? 0;
  if (opening !== 0 && filter.opening && onDay(filter, book.opening.date))
    found.push({ entry: null, date: book.opening.date, amount: opening });
  for (const entry of book.entries) {
    if (!counts(filter, entry)) continue;
    for (const line of entry.lines)
      if (line.account === id) found.push({ entry, date: entry.date, amount: line.amount });
  }
  found.sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
  let balance = 0;
  return found.map((each) => ({ ...each, balance: (balance += each.amount) }));
}
