import { apply, readBook, readHistoric, type Book, type Operation } from '@gleddo/core';
import { prepared, type PreparedBook, type Sent } from './prepared-book.js';

/** A book as it was kept once, and the operations, as texts, that lead from there to another of its revisions. */
export interface ToReplay {
  readonly text: string;
  readonly steps: readonly string[];
}

/** The book that the steps lead to, ready to be kept; null when one of them leads nowhere. */
export function replay({ text, steps }: ToReplay): Sent<PreparedBook | null> {
  const from = readBook(text);
  if (!from.ok) return from;
  const book = steps.reduce<Book | null>((at, step) => at && stepped(at, step), from.value);
  return book ? prepared(book) : { ok: true, value: null };
}

function stepped(book: Book, text: string): Book | null {
  const operation = readHistoric(JSON.parse(text));
  const applied = operation.ok ? apply(book, operation.value as Operation) : operation;
  return applied.ok ? applied.value.book : null;
}
