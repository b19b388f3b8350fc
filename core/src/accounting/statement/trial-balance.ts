import type { Account, Book } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import { balancesOf, statementAccounts, upTo } from '../ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { rankInChart } from '../../model/book/place.js';

interface TrialBalanceLine {
  readonly account: Account;
  readonly debit: Amount;
  readonly credit: Amount;
}

export interface TrialBalance {
  readonly at: string;
  readonly lines: readonly TrialBalanceLine[];
  readonly debit: Amount;
  readonly credit: Amount;
}

/** An account's balance before a period, what was debited and credited in it, and its balance after; debit positive. */
interface MovementLine {
  readonly account: Account;
  readonly opening: Amount;
  readonly debit: Amount;
  readonly credit: Amount;
  readonly closing: Amount;
}

export interface TrialMovement {
  readonly lines: readonly MovementLine[];
  readonly debit: Amount;
  readonly credit: Amount;
}

/**
 * The trial balance of a period: opening, movement, closing. Opening balances and entries of the kind opening stand
 * under opening when they lie before the period or on its days. Debits and credits of the movement are equal.
 */
export function trialMovement(book: Book, { from, to }: Period): TrialMovement {
  const rank = rankInChart(book);
  const moved = new Map<string, { debit: Amount; credit: Amount }>();
  const closing = balancesOf(book, upTo(to));
  for (const entry of book.entries) {
    if (entry.kind === 'opening' || entry.date < from || entry.date > to) continue;
    for (const { account, amount } of entry.lines) {
      const row = moved.get(account) ?? { debit: 0, credit: 0 };
      if (amount > 0) row.debit += amount;
      else row.credit -= amount;
      moved.set(account, row);
    }
  }
  const lines = statementAccounts(book, closing)
    .map((account): MovementLine => {
      const { debit, credit } = moved.get(account.id) ?? { debit: 0, credit: 0 };
      const at = closing.get(account.id) ?? 0;
      return { account, opening: at - debit + credit, debit, credit, closing: at };
    })
    .filter((line) => !line.account.retired || line.closing !== 0 || line.debit + line.credit > 0)
    .sort((a, b) => (rank.get(a.account.id) ?? Infinity) - (rank.get(b.account.id) ?? Infinity));
  return {
    lines,
    debit: lines.reduce((sum, line) => sum + line.debit, 0),
    credit: lines.reduce((sum, line) => sum + line.credit, 0),
  };
}

/** Every account's balance at a date, on the side where it stands. Both columns have the same total. */
export function trialBalance(book: Book, at: string): TrialBalance {
  const balances = balancesOf(book, upTo(at));
  const rank = rankInChart(book);
  const lines = statementAccounts(book, balances)
    .map((account) => {
      const balance = balances.get(account.id) ?? 0;
      return { account, debit: Math.max(balance, 0), credit: Math.max(-balance, 0) };
    })
    .filter((line) => !line.account.retired || line.debit !== line.credit)
    .sort((a, b) => (rank.get(a.account.id) ?? Infinity) - (rank.get(b.account.id) ?? Infinity));
  let debit = 0;
  let credit = 0;
  for (const line of lines) {
    debit += line.debit;
    credit += line.credit;
  }
  return { at, lines, debit, credit };
}
