import {
  accountLabel,
  accountOf,
  type Account,
  type Book,
  type Entry,
} from '../../model/book/book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import type { Amount } from '../../model/money/amount.js';

/** What of an entry somebody else bears: an expense, the income account on which it is charged on, and how much. */
export interface ChargedOn {
  readonly expense: Account;
  readonly income: Account;
  /** Minor units, above zero. */
  readonly amount: Amount;
}

/** The expenses of an entry that are to be charged on, where the account for it is still there. */
export function chargedOn(book: Book, { lines }: Pick<Entry, 'lines'>): ChargedOn[] {
  return lines.flatMap(({ account, amount }): ChargedOn[] => {
    const expense = accountOf(book, account);
    const income = expense?.chargedTo ? accountOf(book, expense.chargedTo) : null;
    if (!expense || !income || amount <= 0) return [];
    return sectionOfAccount(book, expense)?.class === 'expense'
      ? [{ expense, income, amount }]
      : [];
  });
}

/** What is still to be done, in a sentence; the amount is written by whoever shows it. */
export const chargedOnSays = ({ expense, income }: ChargedOn, amount: string): string =>
  `${expense.name} is charged on: record ${amount} on ${accountLabel(income)}, too, as what is owed for it.`;
