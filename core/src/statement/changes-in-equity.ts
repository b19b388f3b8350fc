import type { Account, Book } from '../book/book.js';
import { addDays, type Period } from '../book/calendar.js';
import { sectionOfAccount } from '../book/place.js';
import { counts, linesOf, upTo, type Posting } from '../ledger/balances.js';
import type { Amount } from '../money/amount.js';
import { profitAndLoss } from './profit-and-loss.js';
import { balanceSheet } from './balance-sheet.js';

/** One equity account over a period; amounts positive in credit. The columns add up to `closing`. */
interface EquityRow {
  /** Null for the profit that has not been closed yet. */
  readonly account: Account | null;
  readonly opening: Amount;
  /** Profit of the period, or what closing entries brought. */
  readonly profit: Amount;
  readonly contributed: Amount;
  /** Negative. */
  readonly takenOut: Amount;
  readonly closing: Amount;
}

export interface ChangesInEquity {
  readonly from: string;
  readonly to: string;
  readonly rows: readonly EquityRow[];
  readonly total: Omit<EquityRow, 'account'>;
}

/**
 * Changes in equity over a period: for each equity account and for the profit not yet closed, how it stood,
 * what the profit brought, what was contributed and taken out, how it stands. Opening balances and entries
 * of the kind opening count as how it stood, whatever their date.
 */
export function changesInEquity(book: Book, period: Period): ChangesInEquity {
  const rows = book.accounts
    .filter((account) => sectionOfAccount(book, account)?.class === 'equity')
    .map((account) => equityRow(book, account, period))
    .filter((row) => !row.account?.retired || row.opening !== 0 || row.closing !== 0);
  const all = [...rows, profitRow(book, period)];
  const total = all.reduce(
    (sum, row) => ({
      opening: sum.opening + row.opening,
      profit: sum.profit + row.profit,
      contributed: sum.contributed + row.contributed,
      takenOut: sum.takenOut + row.takenOut,
      closing: sum.closing + row.closing,
    }),
    { opening: 0, profit: 0, contributed: 0, takenOut: 0, closing: 0 },
  );
  return { from: period.from, to: period.to, rows: all, total };
}

function equityRow(book: Book, account: Account, period: Period): EquityRow & { account: Account } {
  const row = { opening: 0, profit: 0, contributed: 0, takenOut: 0 };
  const inPeriod: Posting = { ...period, closing: true, opening: false };
  for (const { entry, amount } of linesOf(book, account.id, upTo(period.to))) {
    const credit = -amount;
    if (entry === null || !counts(inPeriod, entry)) row.opening += credit;
    else if (entry.kind === 'closing') row.profit += credit;
    else if (credit > 0) row.contributed += credit;
    else row.takenOut += credit;
  }
  const closing = row.opening + row.profit + row.contributed + row.takenOut;
  return { account, ...row, closing };
}

/** Profit not yet closed: how it stood, the period's profit less what closing entries moved away. */
function profitRow(book: Book, period: Period): EquityRow {
  const closing = balanceSheet(book, period.to, 'section').totals.profit;
  const before = balanceSheet(book, addDays(period.from, -1), 'section').totals.profit;
  const earned = profitAndLoss(book, period, 'section').totals.profit;
  const closed = closing - before - earned;
  return {
    account: null,
    opening: before,
    profit: earned + closed,
    contributed: 0,
    takenOut: 0,
    closing,
  };
}
