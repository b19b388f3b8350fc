import { allWhole, formatAmount, minorDigits, type Amount, type Book } from '@gleddo/core';
import { useMemo } from 'react';

export type Money = (amount: Amount) => string;

function* amountsOf(book: Book): Generator<Amount> {
  yield* Object.values(book.opening.balances);
  for (const entry of book.entries) for (const line of entry.lines) yield line.amount;
}

const writers = new Map<string, Money>();

/** One writer for each number of decimals: rows that get the same one need not be drawn again. */
function writer(digits: number, places: number): Money {
  const name = `${digits} ${places}`;
  const known = writers.get(name) ?? ((amount: Amount) => formatAmount(amount, digits, places));
  writers.set(name, known);
  return known;
}

/** How a book's amounts are written: without decimals while every amount in it is whole. */
export function moneyOf(...books: readonly Book[]): Money {
  const digits = minorDigits(books[0]?.company.currency ?? 'EUR');
  const whole = books.every((book) => allWhole(amountsOf(book), digits));
  return writer(digits, whole ? 0 : digits);
}

/** The same, where other amounts are told beside those of the book. */
export function moneyWith(book: Book, amounts: readonly Amount[]): Money {
  const digits = minorDigits(book.company.currency);
  const whole = allWhole([...amountsOf(book), ...amounts], digits);
  return writer(digits, whole ? 0 : digits);
}

/** With all decimals that the currency has. */
export function exactMoney(book: Book): Money {
  const digits = minorDigits(book.company.currency);
  return writer(digits, digits);
}

export const useMoney = (book: Book): Money => useMemo(() => moneyOf(book), [book]);
