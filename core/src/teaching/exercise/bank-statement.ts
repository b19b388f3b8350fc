import type { Book } from '../../model/book/book.js';
import { openingOf } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { saidOn } from '../../model/place/writing.js';

/** The money account that a statement tells of: the one that is named, else the first. */
export function moneyAccountOf(book: Book, named: string | undefined): string | null {
  const isMoney = (type: string | null) => typeOf(book.scheme, type)?.role === 'cash';
  const found =
    book.accounts.find(({ id }) => id === named) ??
    book.accounts.find(({ type, retired }) => !retired && isMoney(type));
  return found?.id ?? null;
}

interface StatementRow {
  readonly cells: readonly string[];
  /** Null: what it stood at before. */
  readonly entry: string | null;
}

/** A statement of one money account up to a day, as the bank writes it: what was paid out, paid in, and what is left. */
export function bankStatement(
  book: Book,
  account: string,
  { to, money }: { readonly to: string; readonly money: (amount: Amount) => string },
): StatementRow[] {
  let balance = openingOf(book, account);
  const row = (cells: readonly string[], entry: string | null): StatementRow => ({
    cells: [...cells, money(balance)],
    entry,
  });
  const before = row([saidOn(book, book.opening.date), 'Brought forward', '', ''], null);
  const moved = book.entries
    .filter(({ date, lines }) => date <= to && lines.some((line) => line.account === account))
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
    .map(({ id, date, text, reference, lines }) => {
      const amount = lines.reduce(
        (sum, line) => sum + (line.account === account ? line.amount : 0),
        0,
      );
      balance += amount;
      const sides = amount < 0 ? [money(-amount), ''] : ['', money(amount)];
      return row([saidOn(book, date), text || reference, ...sides], id);
    });
  return [before, ...moved];
}
