import type { Amount } from '../money/amount.js';
import type { Account } from '../shapes/account.js';
import type { Company } from '../shapes/company.js';
import type { Subledgers } from '../shapes/subledgers.js';
import type { Entry } from '../shapes/entry.js';
import type { NumberPlan } from '../shapes/number-plan.js';
import type { Scheme } from '../shapes/scheme.js';
import type { TaxLists } from '../shapes/tax-list.js';

export type { Account } from '../shapes/account.js';
export type { Subledgers } from '../shapes/subledgers.js';
export { LEGAL_FORMS, type Company, type LegalForm } from '../shapes/company.js';
export { ENTRY_KINDS, type Entry, type EntryKind } from '../shapes/entry.js';

interface Opening {
  /** The day at whose end the balances stood. */
  readonly date: string;
  /** Balances by account, minor units, debit positive; no zeros. They need not be in balance. */
  readonly balances: Readonly<Record<string, Amount>>;
}

/**
 * Company + scheme + number plan + tax lists + accounts + opening balances + journal. A value: never changed in
 * place. A practice company, a starting point, a key and a student's work are all one of these.
 */
export interface Book {
  readonly company: Company;
  readonly scheme: Scheme;
  /** Null when the book works without numbers. */
  readonly numberPlan: NumberPlan | null;
  readonly taxLists: TaxLists;
  readonly accounts: readonly Account[];
  readonly opening: Opening;
  readonly entries: readonly Entry[];
  /** The last locked day: entries up to it are left as they are. Absent: nothing is locked. */
  readonly locked?: string;
  /** Absent: none of it is used. */
  readonly subledgers?: Subledgers;
}

const indexes = new WeakMap<readonly Account[], ReadonlyMap<string, Account>>();

/** The accounts by id; made once for each list of accounts. */
function accountsById(accounts: readonly Account[]): ReadonlyMap<string, Account> {
  let index = indexes.get(accounts);
  if (!index) {
    index = new Map(accounts.map((account) => [account.id, account]));
    indexes.set(accounts, index);
  }
  return index;
}

const asked = new WeakMap<readonly Account[], number>();
/** So often a list is looked through as it is; then an index is worth its making. */
const ASKED_OFTEN = 3;

/** The account with an id; null for none. */
export function accountOf(book: Book, id: string | null): Account | null {
  if (id === null) return null;
  const { accounts } = book;
  const index = indexes.get(accounts);
  if (index) return index.get(id) ?? null;
  const times = asked.get(accounts) ?? 0;
  if (times >= ASKED_OFTEN) return accountsById(accounts).get(id) ?? null;
  asked.set(accounts, times + 1);
  return accounts.find((account) => account.id === id) ?? null;
}

/** How an account is named in a sentence: number and name. */
export const accountLabel = (account: Account): string =>
  account.number === null ? account.name : `${account.number} ${account.name}`;

/** An account's opening balance, debit positive; 0 when it has none. */
export const openingOf = (book: Book, id: string): Amount =>
  Object.hasOwn(book.opening.balances, id) ? (book.opening.balances[id] ?? 0) : 0;
