import type { Book } from '../../model/book/book.js';

const known = new WeakMap<Book, Book>();

/** The empty book from which a key is made where no starting point is given: its company, scheme and plan, and no account. */
export function emptyStart(book: Book): Book {
  const { subledgers, locked, ...frame } = book;
  void subledgers;
  void locked;
  const found = known.get(book) ?? {
    ...frame,
    accounts: [],
    opening: { date: book.opening.date, balances: {} },
    entries: [],
  };
  known.set(book, found);
  return found;
}
