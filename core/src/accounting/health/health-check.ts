import type { Book } from '../../model/book/book.js';
import { balancesOf } from '../ledger/balances.js';
import { type Amount } from '../../model/money/amount.js';
import type { Facts } from '../../model/refusal/refusal.js';
import { amountSaid } from '../../model/money/format-amount.js';
import { writingOf } from '../../model/place/writing.js';

/** A book as its health is looked at: with all that is recorded in it. */
export interface Look {
  readonly book: Book;
  /** Debit positive, all entries counted. */
  readonly balances: ReadonlyMap<string, Amount>;
  /** An amount as a sentence shows it, without its sign. */
  money(amount: Amount): string;
}

/** Something found, at an account or at the book as a whole (null). */
interface Finding<F extends Facts = Facts> {
  readonly account: string | null;
  readonly facts: F;
}

/** One thing that can be said of a book without any key. One rule, one file; all of this shape. */
export interface HealthCheck<F extends Facts = Facts> {
  readonly id: string;
  readonly title: string;
  /** Whether it tells of the number plan’s bands, which an exercise may keep back. */
  readonly tellsBands?: true;
  find(look: Look): Finding<F>[];
  /** What it is, and what to do. */
  says(facts: F): string;
}

export function lookAt(book: Book): Look {
  const writing = writingOf(book.company);
  const balances = balancesOf(book);
  return {
    book,
    balances,
    money: (amount) => amountSaid(amount, writing),
  };
}

/** The balance of an account, debit positive; 0 where nothing stands on it. */
export const balanceAt = ({ balances }: Look, id: string): Amount => balances.get(id) ?? 0;
