import type { Amount } from '../money/amount.js';
import type { NumberPlan } from '../numbering/number-plan.js';
import type { Side } from '../money/side.js';
import type { Activity, Scheme, Words } from '../scheme/scheme.js';
import type { TaxLists } from './tax-lists.js';

export type LegalForm = 'sole-trader' | 'partnership' | 'company' | 'non-profit';

export const LEGAL_FORMS: readonly LegalForm[] = [
  'sole-trader',
  'partnership',
  'company',
  'non-profit',
];

export interface Company {
  readonly name: string;
  readonly trade: string;
  readonly legalForm: LegalForm;
  /** ISO 4217 code. */
  readonly currency: string;
  /** First day of the financial year, ISO 8601. The year always has twelve months. */
  readonly firstDay: string;
  /** Into how many periods the year is divided. */
  readonly periods: number;
  /** The words on screen, on paper and in exports; absent: international. */
  readonly words?: Words;
}

export interface Account {
  readonly id: string;
  /** Null while the account is not numbered yet. */
  readonly number: string | null;
  readonly name: string;
  /** The id of an account type; null while the account is not placed yet. */
  readonly type: string | null;
  readonly parent: string | null;
  readonly retired: boolean;
  readonly description: string | null;
  /** An activity of its own, where it differs from its type's. */
  readonly cashFlow: Activity | null;
  /** The id of a line of the tax return, from the book's list; null when it goes into none. */
  readonly taxLine: string | null;
  /** The id of the tax code that its entries usually have, from the book's list. */
  readonly taxCode: string | null;
  /** For the whole year, minor units, positive on the account's normal side; null when none is set. */
  readonly budget: Amount | null;
  /** What whoever placed it says its normal side is; null when nobody was asked. */
  readonly statedSide: Side | null;
}

export interface Opening {
  /** The day at whose end the balances stood. */
  readonly date: string;
  /** Balances by account, minor units, debit positive; no zeros. They need not be in balance. */
  readonly balances: Readonly<Record<string, Amount>>;
}

export const ENTRY_KINDS = [
  'opening',
  'general',
  'sales',
  'purchases',
  'cash-receipts',
  'cash-payments',
  'transfer',
  'adjusting',
  'closing',
  'prior-period-adjustment',
] as const;

export type EntryKind = (typeof ENTRY_KINDS)[number];

export interface Line {
  readonly account: string;
  /** Minor units, debit positive, never zero. */
  readonly amount: Amount;
}

/** A dated, balanced set of at least two debit and credit lines. */
export interface Entry {
  readonly id: string;
  readonly date: string;
  readonly kind: EntryKind;
  readonly reference: string;
  readonly text: string;
  readonly lines: readonly Line[];
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
}

const indexes = new WeakMap<readonly Account[], ReadonlyMap<string, Account>>();

/** The accounts by id; made once for each list of accounts. */
export function accountsById(accounts: readonly Account[]): ReadonlyMap<string, Account> {
  let index = indexes.get(accounts);
  if (!index) {
    index = new Map(accounts.map((account) => [account.id, account]));
    indexes.set(accounts, index);
  }
  return index;
}

export const accountOf = (book: Book, id: string | null): Account | null =>
  id === null ? null : (accountsById(book.accounts).get(id) ?? null);

/** How an account is named in a sentence: number and name. */
export const accountLabel = (account: Account): string =>
  account.number === null ? account.name : `${account.number} ${account.name}`;

/** An account's opening balance, debit positive; 0 when it has none. */
export const openingOf = (book: Book, id: string): Amount =>
  Object.hasOwn(book.opening.balances, id) ? (book.opening.balances[id] ?? 0) : 0;
