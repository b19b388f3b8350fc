import { accountOf, openingOf, type Account, type Book } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { NEW_ACCOUNT, NOWHERE, type BalanceFound, type Goes } from './openings-taken.js';

/** A balance sheet from elsewhere that lies beside the opening balances, to be copied and compared with them. */
export interface SourceBalances {
  readonly title: string;
  readonly rows: readonly BalanceFound[];
  /** Which account each row is of, by its row. */
  readonly going: ReadonlyMap<number, Goes>;
}

/** A row of the source beside what the books open with. */
export interface BalanceBeside {
  readonly found: BalanceFound;
  /** Null: no account of the book is known to be it. */
  readonly account: Account | null;
  /** What the account opens with; minor units, debit positive. */
  readonly here: Amount;
  /** What is too much in debit here, for all rows of the account together; 0: it stands in the books. */
  readonly apart: Amount;
}

/** An account that opens with something of which the source says nothing. */
export interface BalanceNotStated {
  readonly account: Account;
  readonly here: Amount;
}

/** The account that a row goes to. One that was to be set up for it is recognised once an account of its name is there. */
function accountFor(book: Book, { name }: BalanceFound, goes: Goes): Account | null {
  if (goes === NOWHERE) return null;
  if (goes !== NEW_ACCOUNT) return accountOf(book, goes);
  const wanted = name.trim().toLowerCase();
  return book.accounts.find((each) => each.name.trim().toLowerCase() === wanted) ?? null;
}

/** A source row by row beside the book's opening balances; and what the book opens with besides. */
export function besideOpenings(
  book: Book,
  { rows, going }: SourceBalances,
): { readonly rows: readonly BalanceBeside[]; readonly notStated: readonly BalanceNotStated[] } {
  const known = rows.map((found) => ({
    found,
    account: accountFor(book, found, going.get(found.row) ?? NOWHERE),
  }));
  const there = new Map<Account | null, Amount>();
  for (const { account, found } of known)
    there.set(account, (there.get(account) ?? 0) + found.amount);
  return {
    rows: known.map(({ found, account }) => {
      const here = account ? openingOf(book, account.id) : 0;
      return {
        found,
        account,
        here,
        apart: account ? here - (there.get(account) ?? 0) : -found.amount,
      };
    }),
    notStated: book.accounts
      .filter((account) => !there.has(account) && openingOf(book, account.id) !== 0)
      .map((account) => ({ account, here: openingOf(book, account.id) })),
  };
}
