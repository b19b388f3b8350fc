import type { Account, Book, EntryKind } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import { rankInChart, sectionOfAccount } from '../../model/book/place.js';
import { balancesOf, statementAccounts, upTo } from '../ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { statementOfClass } from '../../model/scheme/scheme.js';

/** An account on the worksheet, debit positive: before its adjustments, these by side, and where it goes after them. */
export interface WorksheetLine {
  readonly account: Account;
  readonly unadjusted: Amount;
  readonly debited: Amount;
  readonly credited: Amount;
  readonly adjusted: Amount;
  /** The statement on which the adjusted balance stands. */
  readonly on: 'profit-and-loss' | 'balance-sheet';
}

export interface Worksheet {
  readonly lines: readonly WorksheetLine[];
  /** What profit and loss has more in credit: the profit, that brings the last two pairs of columns into balance. */
  readonly profit: Amount;
}

const ADJUSTS: ReadonlySet<EntryKind> = new Set<EntryKind>([
  'adjusting',
  'prior-period-adjustment',
]);

/**
 * The worksheet of a period: the balances at its last day without the adjustments that were made in it, these, and the
 * balances with them, each on its statement. Closing entries of the period are left out of all of it.
 */
export function worksheet(book: Book, { from, to }: Period): Worksheet {
  const inPeriod = (date: string) => from <= date && date <= to;
  const open = {
    ...book,
    entries: book.entries.filter(({ kind, date }) => kind !== 'closing' || !inPeriod(date)),
  };
  const adjustments = open.entries.filter(({ kind, date }) => ADJUSTS.has(kind) && inPeriod(date));
  const moved = new Map<string, { debit: Amount; credit: Amount }>();
  for (const { lines } of adjustments)
    for (const { account, amount } of lines) {
      const row = moved.get(account) ?? { debit: 0, credit: 0 };
      if (amount > 0) row.debit += amount;
      else row.credit -= amount;
      moved.set(account, row);
    }
  const balances = balancesOf(open, upTo(to));
  const rank = rankInChart(open);
  const at = ({ account }: WorksheetLine) => rank.get(account.id) ?? Infinity;
  const lines = statementAccounts(open, balances)
    .map((account): WorksheetLine => {
      const { debit: debited, credit: credited } = moved.get(account.id) ?? { debit: 0, credit: 0 };
      const adjusted = balances.get(account.id) ?? 0;
      const section = sectionOfAccount(open, account);
      const on = section ? statementOfClass(section.class) : 'balance-sheet';
      return {
        account,
        unadjusted: adjusted - debited + credited,
        debited,
        credited,
        adjusted,
        on,
      };
    })
    .filter((line) => line.unadjusted !== 0 || line.adjusted !== 0 || line.debited !== 0)
    .sort((a, b) => at(a) - at(b));
  const profit = lines
    .filter(({ on }) => on === 'profit-and-loss')
    .reduce((sum, { adjusted }) => sum - adjusted, 0);
  return { lines, profit };
}
