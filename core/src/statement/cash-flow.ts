import type { Account, Book } from '../book/book.js';
import type { Period } from '../book/calendar.js';
import { sectionOfAccount } from '../book/place.js';
import { balancesOf, statementAccounts } from '../ledger/balances.js';
import { sum, type Amount } from '../money/amount.js';
import { statementOfClass, typeOf, type Activity } from '../scheme/scheme.js';

export type FlowActivity = 'operating' | 'investing' | 'financing';

export interface FlowLine {
  readonly account: Account;
  /** What the account's movement did to cash: positive brought cash in. */
  readonly amount: Amount;
  /** True for an account that should move only in closing, and moved otherwise. */
  readonly pointedOut: boolean;
}

export interface CashFlow {
  readonly from: string;
  readonly to: string;
  /** The profit of the period as the ledger has it: the first line of the operating part. */
  readonly profit: Amount;
  readonly lines: Readonly<Record<FlowActivity, readonly FlowLine[]>>;
  readonly operating: Amount;
  readonly investing: Amount;
  readonly financing: Amount;
  /** The movement of the cash accounts: exactly the sum of the three. */
  readonly movement: Amount;
}

/**
 * The activity of an account: its own, else its type's. An account of the role cash is cash whatever is
 * said; one whose own activity is cash counts as cash too (a cash equivalent). Without a place: operating.
 */
export function activityOf(book: Book, account: Account): Activity {
  const type = typeOf(book.scheme, account.type);
  if (type?.role === 'cash') return 'cash';
  if (type?.role === 'suspense') return 'operating';
  const section = sectionOfAccount(book, account);
  if (section && statementOfClass(section.class) === 'profit-and-loss') return 'operating';
  return account.cashFlow ?? type?.cashFlow ?? 'operating';
}

/**
 * Cash flow for a period by the indirect method: profit, then the movement of every other account by its
 * activity. Opening balances, opening entries and closing entries are no cash flow. An account whose
 * activity is none counts as financing when anything but closing moves it, and is pointed out.
 */
export function cashFlow(book: Book, period: Period): CashFlow {
  const balances = balancesOf(book, { ...period, closing: false, opening: false });
  const lines: Record<FlowActivity, FlowLine[]> = { operating: [], investing: [], financing: [] };
  let movement = 0;
  let profit = 0;
  for (const account of statementAccounts(book, balances)) {
    const balance = balances.get(account.id) ?? 0;
    const activity = activityOf(book, account);
    const section = sectionOfAccount(book, account);
    if (activity === 'cash') movement += balance;
    else if (section && statementOfClass(section.class) === 'profit-and-loss') profit -= balance;
    else if (balance !== 0) {
      const part = activity === 'none' ? 'financing' : activity;
      lines[part].push({ account, amount: -balance, pointedOut: activity === 'none' });
    }
  }
  const total = (part: FlowActivity) => sum(lines[part].map((line) => line.amount));
  return {
    from: period.from,
    to: period.to,
    profit,
    lines,
    operating: profit + total('operating'),
    investing: total('investing'),
    financing: total('financing'),
    movement,
  };
}
