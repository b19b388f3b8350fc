import type { Book, Subledgers } from '../../model/book/book.js';
import { withSubledgers } from '../../model/book/subledgers.js';
import { assignmentShape, type AccountAssignment } from '../../model/shapes/subledgers.js';

type Renamed = (id: string) => string | null;

const PURPOSES = Object.keys(assignmentShape.fields) as (keyof AccountAssignment)[];

/**
 * The subledgers with other ids for the accounts that they name; null: named no longer, where naming none is possible.
 * Documents and schedules name accounts that are there: theirs must not become null.
 */
function renamed(subledgers: Subledgers, own: Renamed): Subledgers {
  const maybe = (id: string | null) => (id === null ? null : own(id));
  return {
    ...subledgers,
    posting: Object.fromEntries(
      PURPOSES.map((purpose) => [purpose, maybe(subledgers.posting[purpose])]),
    ) as unknown as AccountAssignment,
    taxes: subledgers.taxes.map((rule) => ({ ...rule, account: maybe(rule.account) })),
    parties: subledgers.parties.map(({ control, ...party }) => {
      const own = maybe(control ?? null);
      return { ...party, account: maybe(party.account), ...(own === null ? {} : { control: own }) };
    }),
    items: subledgers.items.map((item) => ({
      ...item,
      incomeAccount: maybe(item.incomeAccount),
      costAccount: maybe(item.costAccount),
      stockAccount: maybe(item.stockAccount),
    })),
    documents: subledgers.documents.map((document) => ({
      ...document,
      money: maybe(document.money),
      to: maybe(document.to),
      lines: document.lines.map((line) => ({ ...line, account: maybe(line.account) })),
    })),
    schedules: subledgers.schedules.map((schedule) => ({
      ...schedule,
      debit: own(schedule.debit) ?? schedule.debit,
      credit: own(schedule.credit) ?? schedule.credit,
    })),
  };
}

/** The book with other ids for the accounts that its subledgers name. */
export const withAccountsRenamed = (book: Book, own: (id: string) => string): Book =>
  book.subledgers ? withSubledgers(book, renamed(book.subledgers, own)) : book;

/** The ids of the accounts that subledgers name. */
export function accountsNamed({ subledgers }: Book): ReadonlySet<string> {
  const named = new Set<string>();
  if (subledgers) renamed(subledgers, (id) => (named.add(id), id));
  return named;
}

/**
 * What is known before anything happens: parties, items and the accounts that are there; no documents, no schedules,
 * and nothing owed or in stock when the books begin.
 */
export function beforeDoings(book: Book): Book {
  if (!book.subledgers) return book;
  const there = new Set(book.accounts.map(({ id }) => id));
  const bare = { ...book.subledgers, documents: [], schedules: [], openGoods: [] };
  const known = renamed(bare, (id) => (there.has(id) ? id : null));
  return withSubledgers(book, {
    ...known,
    parties: known.parties.map((each) => ({ ...each, opening: 0 })),
    items: known.items.map((each) => ({ ...each, openingQuantity: 0, openingValue: 0 })),
  });
}

/**
 * The same figures, with nothing that tells what an account is for: documents and schedules are gone, what they made are
 * entries like any other, no line says whose it is, and no party, item, purpose or other account names an account.
 */
export function withoutTelling(described: Book): Book {
  const accounts = described.accounts.map((account) => ({ ...account, chargedTo: null }));
  const book = { ...described, accounts };
  if (!book.subledgers) return book;
  const bare = renamed(
    { ...book.subledgers, documents: [], schedules: [], openGoods: [] },
    () => null,
  );
  const entries = book.entries.map(({ document: _document, schedule: _schedule, ...entry }) => ({
    ...entry,
    lines: entry.lines.map(({ account, amount }) => ({ account, amount })),
  }));
  return withSubledgers({ ...book, entries }, bare);
}
