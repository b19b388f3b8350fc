import { type Account, type Book } from '../../model/book/book.js';
import { account, freeIdFrom } from '../../model/book/new-book.js';
import { apply } from '../../changes/apply/apply.js';
import type { Operation } from '../../model/shapes/operation.js';
import { draftAt } from '../../model/placing/new-account.js';
import { sectionOfType, typeOf } from '../../model/scheme/scheme.js';
import { childrenOf, NOT_PLACED } from '../../model/book/place.js';
import { amountBy, sidesOf, type SignConvention } from './sign.js';
import type { AccountRow, AccountTable } from './read-accounts.js';
import { fittingParticulars, type RowParticulars } from './row-particulars.js';

/** What becomes of one row of a table that goes into a book. */
interface TakenRow {
  readonly row: number;
  readonly account: Account;
  /** Why it can't be added; null when it can. */
  readonly refusal: string | null;
  /** What of it the book can't take, though it is added. */
  readonly lacks: readonly string[];
}

export interface Taken {
  /** One operation that adds all rows that can be added, with their opening balances. */
  readonly operation: Operation;
  readonly rows: readonly TakenRow[];
}

const signed = (book: Book, row: AccountRow, sign: SignConvention): number => {
  const type = typeOf(book.scheme, row.type);
  return amountBy(sign, row, type ? sidesOf(book.scheme, type) : null);
};

function parentIn(book: Book, row: AccountRow): string | null {
  const wanted = row.parentName?.trim().toLowerCase();
  const section = sectionOfType(book.scheme, row.type)?.id;
  const found = book.accounts.find(
    (each) =>
      (each.name.toLowerCase() === wanted || each.number?.toLowerCase() === wanted) &&
      sectionOfType(book.scheme, each.type)?.id === section,
  );
  return wanted && found ? found.id : null;
}

function accountOfRow(book: Book, row: AccountRow, particulars: RowParticulars): Account {
  const parent = parentIn(book, row);
  const section = sectionOfType(book.scheme, row.type)?.id ?? NOT_PLACED;
  const under = parent !== null && childrenOf(book, parent).length < 900 ? parent : undefined;
  const free =
    row.type === null ? null : draftAt(book, section, { name: row.name, parent: under }).number;
  return account(freeIdFrom(book, row.name), row.name.trim(), {
    number: row.number ?? free,
    type: row.type,
    guessed: row.guessed,
    parent,
    retired: row.retired,
    ...particulars,
  });
}

/**
 * Takes the rows of a table into a book that has accounts already: each gets its place from what the table
 * (or its name) says, and the next free number where the table has none. Rows that can't be added are told
 * with the reason; nothing is changed until the operation is applied.
 */
export function accountsIntoBook(book: Book, table: AccountTable, sign: SignConvention): Taken {
  let at = book;
  const operations: Operation[] = [];
  const rows = table.rows.map((row): TakenRow => {
    const { particulars, lacks } = fittingParticulars(at, row.particulars);
    const made = accountOfRow(at, row, particulars);
    const add: Operation = { kind: 'add-account', account: made };
    const applied = apply(at, add);
    const about = { row: row.row, account: made, lacks };
    if (!applied.ok)
      return { ...about, refusal: applied.refusals.map((each) => each.says).join(' ') };
    at = applied.value.book;
    operations.push(add);
    const amount = signed(book, row, table.signed ? sign : 'debit-positive');
    if (amount !== 0) operations.push({ kind: 'set-opening', id: made.id, amount });
    return { ...about, refusal: null };
  });
  return { operation: { kind: 'several', operations }, rows };
}
