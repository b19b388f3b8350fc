import type { Book } from '../../model/book/book.js';
import { addDays, financialYearOf, type Period } from '../../model/day/calendar.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { balancesOf, upTo, type PeriodFilter } from '../ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { statementOfClass } from '../../model/scheme/scheme.js';

/** The profit that a balance sheet shows on lines of its own, within equity. */
export interface ProfitOnSheet {
  /** The profit of the period: the figure of profit and loss, while it has not been closed. */
  readonly period: Amount;
  /** What was earned before the period in its own financial year: it is closed with the year. */
  readonly soFar: Amount;
  /** What was earned in earlier years and has not been closed; mostly zero. */
  readonly earlier: Amount;
}

function profitOf(book: Book, filter: PeriodFilter): Amount {
  const balances = balancesOf(book, filter);
  let profit = 0;
  for (const account of book.accounts) {
    const section = sectionOfAccount(book, account);
    if (section !== null && statementOfClass(section.class) === 'profit-and-loss')
      profit -= balances.get(account.id) ?? 0;
  }
  return profit;
}

/** What stands on income and expense accounts at the end of a day: the profit since the last closing. */
export const unclosedProfit = (book: Book, at: string): Amount => profitOf(book, upTo(at));

/**
 * The profit on the balance sheet at the end of a period: what profit and loss shows for the period, and what was there
 * before, of its own financial year and of earlier ones. What closing entries of the period moved away is taken off the earlier profit first, as far
 * as they have the same sign, then off the period's. Both together are all that has not been closed.
 */
export function profitOnSheet(book: Book, period: Period): ProfitOnSheet {
  const before = beforePeriod(book, period);
  const year = financialYearOf(book.company.firstDay, period.from);
  const earlier =
    year.from === period.from ? before : beforePeriod(book, { from: year.from, to: period.to });
  return { period: unclosedProfit(book, period.to) - before, soFar: before - earlier, earlier };
}

/** What was earned before a period and stands there at its end. */
function beforePeriod(book: Book, period: Period): Amount {
  const left = unclosedProfit(book, period.to);
  const before = unclosedProfit(book, addDays(period.from, -1));
  const earned = profitOf(book, { ...period, closing: false, opening: true });
  const closed = before + earned - left;
  const sameSign = Math.sign(closed) === Math.sign(before);
  const ofEarlier = sameSign ? Math.sign(closed) * Math.min(Math.abs(closed), Math.abs(before)) : 0;
  return closed === earned && earned !== 0 ? before : before - ofEarlier;
}
