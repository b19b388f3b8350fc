import { openingOf, type Book } from './book.js';

/** Whether entries or an opening balance are on the account. */
export const isUsed = (book: Book, id: string): boolean =>
  openingOf(book, id) !== 0 ||
  book.entries.some((entry) => entry.lines.some((line) => line.account === id));
