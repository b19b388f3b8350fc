import type { Book } from '../book/book.js';
import { addDays, type Period } from '../book/calendar.js';
import type { Amount } from '../money/amount.js';
import { balanceSheet } from './balance-sheet.js';
import { profitAndLoss } from './profit-and-loss.js';

/** The profit that a balance sheet shows on lines of its own, within equity. */
export interface ProfitOnSheet {
  /** The profit of the period: the figure of profit and loss, while it has not been closed. */
  readonly period: Amount;
  /** What was earned before the period and has not been closed; mostly zero. */
  readonly earlier: Amount;
}

/**
 * The profit on the balance sheet at the end of a period, in two: what profit and loss shows for the period, and what
 * was there before. What closing entries of the period moved away is taken off the earlier profit first, as far
 * as they have the same sign, then off the period's. Both together are all that has not been closed.
 */
export function profitOnSheet(book: Book, period: Period): ProfitOnSheet {
  const left = balanceSheet(book, period.to, 'section').totals.profit;
  const before = balanceSheet(book, addDays(period.from, -1), 'section').totals.profit;
  const earned = profitAndLoss(book, period, 'section').totals.profit;
  const closed = before + earned - left;
  const sameSign = Math.sign(closed) === Math.sign(before);
  const ofEarlier = sameSign ? Math.sign(closed) * Math.min(Math.abs(closed), Math.abs(before)) : 0;
  const earlier = closed === earned && earned !== 0 ? before : before - ofEarlier;
  return { period: left - earlier, earlier };
}
