import { accountOf, type Account, type Book } from '../../model/book/book.js';
import { financialYearOf, type Period } from '../../model/day/calendar.js';
import { accountsNamed } from '../../accounting/document/accounts-named.js';
import { freePlace } from './number-for.js';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import { starterChart } from '../starter/starter-chart.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { closingEntries } from '../../accounting/year/closing.js';
import { nextYear } from '../../accounting/year/next-year.js';

/** Where an account of the chapter before goes: it stays, becomes another, or stays behind. */
export interface AccountGoes {
  readonly account: string;
  readonly goes: 'stays' | 'becomes' | 'leaves';
  readonly name?: string | undefined;
  readonly type?: string | undefined;
}

/** What the next chapter of a series is made from the one before by. */
export interface NextChapter {
  readonly goes: readonly AccountGoes[];
  /** The trade of which its company is from then on; null: the same. */
  readonly trade: string | null;
  /** Of the company; null: the same. */
  readonly name: string | null;
}

const stillHolds = refusal(
  'series.still-holds',
  (f: { name: string }) =>
    `“${f.name}” still holds an amount, or is used by documents, so it can’t stay behind. Let it stay, or become another.`,
);
const noType = refusal(
  'series.no-type',
  (f: { name: string }) =>
    `“${f.name}” becomes an account of a type that there is not. Choose one.`,
);

/** The last financial year in which anything happened. */
function lastYear(book: Book): Period {
  const last =
    book.entries
      .map(({ date }) => date)
      .sort()
      .at(-1) ?? book.company.firstDay;
  return financialYearOf(book.company.firstDay, last);
}

/** The book of the next year; a year that was not closed is closed first, in equal shares. */
export function yearCarriedOn(book: Book): Result<Book> {
  const year = lastYear(book);
  const as = nextYear(book, year);
  if (as.ok) return as;
  const closing = closingEntries(book, year);
  if (!closing.ok) return closing;
  return nextYear({ ...book, entries: [...book.entries, ...closing.value] }, year);
}

function changed(book: Book, { account: id, goes, name, type }: AccountGoes): Result<Book> {
  const account = accountOf(book, id);
  if (!account || goes === 'stays') return done(book);
  if (goes === 'leaves') {
    const isParent = book.accounts.some(({ parent }) => parent === id);
    const holds = (book.opening.balances[id] ?? 0) !== 0 || accountsNamed(book).has(id) || isParent;
    if (holds) return refused(stillHolds({ name: account.name }));
    return done({ ...book, accounts: book.accounts.filter((each) => each.id !== id) });
  }
  if (type !== undefined && !typeOf(book.scheme, type))
    return refused(noType({ name: account.name }));
  const moved = type !== undefined && type !== account.type;
  const without = { ...book, accounts: book.accounts.filter((each) => each.id !== id) };
  const changedAccount: Account = {
    ...account,
    name: name ?? account.name,
    type: type ?? account.type,
    parent: moved ? null : account.parent,
    number: moved ? freePlace(without, type ?? null) : account.number,
  };
  const accounts = book.accounts.map((each) => (each.id === id ? changedAccount : each));
  return done({ ...book, accounts });
}

/** The accounts of a trade whose types the book has none of yet, behind those that it has. */
function withTrade(book: Book, trade: string): Book {
  const frame = { company: book.company, scheme: 'current-first', numberPlan: null };
  const had = new Set(book.accounts.map(({ type }) => type));
  const ids = new Set(book.accounts.map(({ id }) => id));
  const added = starterChart(trade, frame).accounts.filter(
    ({ id, type, parent }) =>
      !had.has(type) && !ids.has(id) && parent === null && typeOf(book.scheme, type) !== null,
  );
  return added.reduce((at, account) => {
    const number = freePlace(at, account.type);
    return { ...at, accounts: [...at.accounts, { ...account, number }] };
  }, book);
}

/**
 * The book with which the next chapter of a series begins: the year closed and carried forward, accounts kept, changed or
 * left behind by a table, the accounts of another trade added. Refused where something that holds an amount would be
 * left behind.
 */
export function carriedOn(book: Book, { goes, trade, name }: NextChapter): Result<Book> {
  const carried = yearCarriedOn(book);
  if (!carried.ok) return carried;
  const lifted = goes.toSorted((a, b) => Number(isChild(book, b)) - Number(isChild(book, a)));
  let at = carried.value;
  for (const each of lifted) {
    const next = changed(at, each);
    if (!next.ok) return next;
    at = next.value;
  }
  const named = name === null ? at : { ...at, company: { ...at.company, name } };
  return done(trade === null ? named : withTrade(named, trade));
}

/** Those under a parent first, so that a parent can stay behind with them. */
const isChild = (book: Book, { account }: AccountGoes): boolean =>
  accountOf(book, account)?.parent !== null;

/** Where each account would go for another trade: what holds nothing and is of a type that the trade has not stays behind. */
export function proposedGoes(book: Book, trade: string | null): AccountGoes[] {
  const carried = yearCarriedOn(book);
  if (!carried.ok) return [];
  const { accounts, opening } = carried.value;
  if (trade === null) return accounts.map(({ id }) => ({ account: id, goes: 'stays' }));
  const frame = { company: book.company, scheme: 'current-first', numberPlan: null };
  const types = new Set(starterChart(trade, frame).accounts.map(({ type }) => type));
  const parents = new Set(accounts.map(({ parent }) => parent));
  const named = accountsNamed(carried.value);
  return accounts.map(({ id, type }) => {
    const holds = (opening.balances[id] ?? 0) !== 0 || parents.has(id) || named.has(id);
    return { account: id, goes: holds || types.has(type) ? 'stays' : 'leaves' };
  });
}
