import { apply, readBook, type Book, type Operation, type Rules } from '@gleddo/core';
import { prepared, type PreparedBook, type Sent } from './prepared-book.js';

/** A book after a change, ready to be kept, with what undoes the change. */
export interface ChangedBook {
  readonly prepared: PreparedBook;
  readonly inverse: string;
}

/** Changes a book; also answers the book itself, which stays in this thread. */
export function change(
  book: Book,
  operation: Operation,
  rules: Rules,
): { sent: Sent<ChangedBook>; book: Book | null } {
  const applied = apply(book, operation, rules);
  if (!applied.ok) return { sent: applied, book: null };
  const ready = prepared(applied.value.book);
  if (!ready.ok) return { sent: ready, book: null };
  const inverse = JSON.stringify(applied.value.inverse);
  return {
    sent: { ok: true, value: { prepared: ready.value, inverse } },
    book: applied.value.book,
  };
}

export interface ToChange {
  readonly text: string;
  readonly operation: Operation;
  readonly rules: Rules;
}

/** The same for a book that is only here as text. */
export function changeText({ text, operation, rules }: ToChange): Sent<ChangedBook> {
  const book = readBook(text);
  return book.ok ? change(book.value, operation, rules).sent : book;
}
