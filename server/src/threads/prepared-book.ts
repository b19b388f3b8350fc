import {
  bookFromJson,
  bookTooLarge,
  compactBook,
  LARGEST_BOOK,
  type Book,
  type Refusal,
} from '@gleddo/core';

/** A book made ready to be kept: its text, and what lists need in columns of their own. */
export interface PreparedBook {
  readonly text: string;
  readonly name: string;
  readonly trade: string;
  readonly accounts: number;
  readonly entries: number;
}

/** An answer that can cross from one thread to another. */
export type Sent<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly refusals: readonly Refusal[] };

/** A book as it is kept; refused when its text would be larger than what is read again. */
export function prepared(book: Book): Sent<PreparedBook> {
  const text = compactBook(book);
  if (text.length > LARGEST_BOOK) return { ok: false, refusals: [bookTooLarge({})] };
  const { name, trade } = book.company;
  const { length: accounts } = book.accounts;
  return { ok: true, value: { text, name, trade, accounts, entries: book.entries.length } };
}

/** A document as it was sent, judged whole and made ready to be kept. */
export function preparedFrom(document: unknown): Sent<PreparedBook> {
  const book = bookFromJson(document);
  return book.ok ? prepared(book.value) : book;
}
