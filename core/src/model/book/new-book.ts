import { shippedPlan } from '../numbering/shipped-plans.js';
import { inWords, SHIPPED_SCHEMES, shippedScheme, type Scheme } from '../scheme/index.js';
import { blankAccount } from '../shapes/account.js';
import type { Account, Book, Company, LegalForm } from './book.js';
import { addDays } from '../day/calendar.js';
import { NO_TAX_LISTS } from './tax-lists.js';

export interface NewBook {
  readonly company: Company;
  /** The id of a shipped scheme. */
  readonly scheme: string;
  /** The id of a shipped number plan; null to work without numbers. */
  readonly numberPlan: string | null;
}

/** An account with nothing but its id and name; the rest as given. */
export const account = (
  id: string,
  name: string,
  rest: Partial<Omit<Account, 'id' | 'name'>> = {},
): Account => ({ ...blankAccount(id, name), ...rest });

const PROFIT_HOME: Readonly<Record<LegalForm, string>> = {
  'sole-trader': 'Profits kept in the business',
  partnership: 'Profits not yet shared out',
  company: 'Retained earnings',
  'non-profit': 'Accumulated surplus',
};

const usualScheme = (): Scheme => {
  const [first] = SHIPPED_SCHEMES;
  if (!first) throw new Error('no scheme is shipped');
  return first;
};

/**
 * Whether a business of this form needs an account for profits kept. A sole trader's profit closes into capital,
 * partners' into their capital or current accounts.
 */
export const keepsProfits = (form: LegalForm): boolean =>
  form === 'company' || form === 'non-profit';

/**
 * A book that holds only what it cannot do without: a company's one retained-earnings account, or an owner's
 * capital. Opening date: the day before the financial year.
 */
export function newBook(wanted: NewBook): Book {
  const numberPlan = wanted.numberPlan === null ? null : shippedPlan(wanted.numberPlan);
  const equity = numberPlan?.bands.find((band) => band.section === 'equity');
  const number = equity ? retainedNumber(equity.from) : null;
  return {
    company: wanted.company,
    scheme: inWords(
      shippedScheme(wanted.scheme) ?? usualScheme(),
      wanted.company.words ?? 'international',
    ),
    numberPlan,
    taxLists: NO_TAX_LISTS,
    accounts: firstAccounts(wanted.company.legalForm, number),
    opening: { date: addDays(wanted.company.firstDay, -1), balances: {} },
    entries: [],
  };
}

function firstAccounts(form: LegalForm, number: string | null): Account[] {
  if (!keepsProfits(form)) return [];
  return [account('retained-earnings', PROFIT_HOME[form], { number, type: 'retained-earnings' })];
}

/** A fifth into a round hundred, so that capital fits before it: 3100 in a band from 3000. */
function retainedNumber(from: string): string {
  const [, prefix = '', digits = '0'] = /^(\D*)(\d+)$/.exec(from) ?? [];
  const room = 10 ** Math.max(1, digits.length - 2);
  return prefix + String(Number(digits) + room).padStart(digits.length, '0');
}

/** An id for a new account, from its name: readable in a file, unique in the book. */
export function freeIdFrom(book: Book, name: string): string {
  const taken = new Set(book.accounts.map((each) => each.id));
  return freeId(slugOf(name) || 'account', taken);
}

export const slugOf = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40);

/** The wanted id, or with the first free ending: `bank`, `bank-2`, `bank-3`. */
export function freeId(wanted: string, taken: ReadonlySet<string>): string {
  if (!taken.has(wanted)) return wanted;
  for (let n = 2; ; n++) if (!taken.has(`${wanted}-${n}`)) return `${wanted}-${n}`;
}
