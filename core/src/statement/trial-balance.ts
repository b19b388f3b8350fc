import type { Account, Book } from '../book/book.js';
import { balancesOf, statementAccounts, upTo } from '../ledger/balances.js';
import type { Amount } from '../money/amount.js';
import { rankInChart } from '../book/place.js';

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
