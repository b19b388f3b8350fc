import {
  allWhole,
  formatAmount,
  writingOf,
  type Amount,
  type Book,
  type Writing,
} from '@gleddo/core';
import { useMemo } from 'react';

export type Money = (amount: Amount) => string;

function* amountsOf(book: Book): Generator<Amount> {
  yield* Object.values(book.opening.balances);
  for (const entry of book.entries) for (const line of entry.lines) yield line.amount;
}

const writers = new Map<string, Money>();

/** One writer for each way of writing: rows that get the same one need not be drawn again. */
function writer(writing: Writing, places: number): Money {
  const name = `${writing.id} ${writing.digits} ${places}`;
  const known = writers.get(name) ?? ((amount: Amount) => formatAmount(amount, writing, places));
  writers.set(name, known);
  return known;
}

/** How a book's amounts are written: without decimals while every amount in it is whole. */
export function moneyOf(...books: readonly Book[]): Money {
  const writing = writingOf(books[0]?.company ?? { currency: 'EUR' });
  const whole = books.every((book) => allWhole(amountsOf(book), writing.digits));
  return writer(writing, whole ? 0 : writing.digits);
}

/** The same, where other amounts are told beside those of the book. */
export function moneyWith(book: Book, amounts: readonly Amount[]): Money {
  const writing = writingOf(book.company);
  const whole = allWhole([...amountsOf(book), ...amounts], writing.digits);
  return writer(writing, whole ? 0 : writing.digits);
}

/** With all decimals that the currency has. */
export function exactMoney(book: Book): Money {
  const writing = writingOf(book.company);
  return writer(writing, writing.digits);
}

export const useMoney = (book: Book): Money => useMemo(() => moneyOf(book), [book]);
