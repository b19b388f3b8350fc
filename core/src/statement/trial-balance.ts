import type { Account, Book } from '../book/book.js';
import { balancesOf, statementAccounts, upTo } from '../ledger/balances.js';
import type { Amount } from '../money/amount.js';
import { chartOf } from '../book/place.js';

export interface TrialBalanceLine {
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
  const order = [...chartOf(book).values()].flat().map((row) => row.account.id);
  const rank = new Map(order.map((id, i) => [id, i]));
  const lines = statementAccounts(book, balances)
    .map((account) => {
      const balance = balances.get(account.id) ?? 0;
      return { account, debit: Math.max(balance, 0), credit: Math.max(-balance, 0) };
    })
    .filter((line) => !line.account.retired || line.debit !== line.credit)
    .sort(
      (a, b) =>
        sectionRank(book, a.account) - sectionRank(book, b.account) ||
        (rank.get(a.account.id) ?? Infinity) - (rank.get(b.account.id) ?? Infinity),
    );
  let debit = 0;
  let credit = 0;
  for (const line of lines) {
    debit += line.debit;
    credit += line.credit;
  }
  return { at, lines, debit, credit };
}

function sectionRank(book: Book, account: Account): number {
  const type = book.scheme.types.find((each) => each.id === account.type);
  const rank = book.scheme.sections.findIndex((section) => section.id === type?.section);
  return rank < 0 ? book.scheme.sections.length : rank;
}
