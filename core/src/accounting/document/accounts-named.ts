import type { Book, Dealings } from '../../model/book/book.js';
import { withDealings } from '../../model/book/dealings.js';
import { postingShape, type Posting } from '../../model/shapes/dealings.js';

type Renamed = (id: string) => string | null;

const PURPOSES = Object.keys(postingShape.fields) as (keyof Posting)[];

/**
 * The dealings with other ids for the accounts that they name; null: named no longer, where naming none is possible.
 * Documents and schedules name accounts that are there: theirs must not become null.
 */
function renamed(dealings: Dealings, own: Renamed): Dealings {
  const maybe = (id: string | null) => (id === null ? null : own(id));
  return {
    ...dealings,
    posting: Object.fromEntries(
      PURPOSES.map((purpose) => [purpose, maybe(dealings.posting[purpose])]),
    ) as unknown as Posting,
    parties: dealings.parties.map((party) => ({ ...party, account: maybe(party.account) })),
    items: dealings.items.map((item) => ({
      ...item,
      incomeAccount: maybe(item.incomeAccount),
      costAccount: maybe(item.costAccount),
      stockAccount: maybe(item.stockAccount),
    })),
    documents: dealings.documents.map((document) => ({
      ...document,
      money: maybe(document.money),
      to: maybe(document.to),
      lines: document.lines.map((line) => ({ ...line, account: maybe(line.account) })),
    })),
    schedules: dealings.schedules.map((schedule) => ({
      ...schedule,
      debit: own(schedule.debit) ?? schedule.debit,
      credit: own(schedule.credit) ?? schedule.credit,
    })),
  };
}

/** The book with other ids for the accounts that its dealings name. */
export const withAccountsRenamed = (book: Book, own: (id: string) => string): Book =>
  book.dealings ? withDealings(book, renamed(book.dealings, own)) : book;

/** The ids of the accounts that dealings name. */
export function accountsNamed({ dealings }: Book): ReadonlySet<string> {
  const named = new Set<string>();
  if (dealings) renamed(dealings, (id) => (named.add(id), id));
  return named;
}

/**
 * What is known before anything happens: parties, items and the accounts that are there; no documents, no schedules,
 * and nothing owed or in stock when the books begin.
 */
export function beforeDoings(book: Book): Book {
  if (!book.dealings) return book;
  const there = new Set(book.accounts.map(({ id }) => id));
  const bare = { ...book.dealings, documents: [], schedules: [], openGoods: [] };
  const known = renamed(bare, (id) => (there.has(id) ? id : null));
  return withDealings(book, {
    ...known,
    parties: known.parties.map((each) => ({ ...each, opening: 0 })),
    items: known.items.map((each) => ({ ...each, openingQuantity: 0, openingValue: 0 })),
  });
}

/**
 * The same figures, with nothing that tells what an account is for: documents and schedules are gone, what they made are
 * entries like any other, and no party, item, purpose or other account names an account.
 */
export function withoutTelling(told: Book): Book {
  const accounts = told.accounts.map((account) => ({ ...account, chargedTo: null }));
  const book = { ...told, accounts };
  if (!book.dealings) return book;
  const bare = renamed(
    { ...book.dealings, documents: [], schedules: [], openGoods: [] },
    () => null,
  );
  const entries = book.entries.map(
    ({ document: _document, schedule: _schedule, ...entry }) => entry,
  );
  return withDealings({ ...book, entries }, bare);
}
