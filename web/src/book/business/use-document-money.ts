import { subledgersOf, type Amount, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { moneyWith, type Money } from '../../platform/figures/money';

/** Prices, openings and rows: amounts that stand on no statement, and may have decimals where those have none. */
function* amountsOf(book: Book): Generator<Amount> {
  const { parties, items, documents, schedules } = subledgersOf(book);
  for (const { opening } of parties) yield opening;
  for (const { price, cost, openingValue } of items) yield* [price ?? 0, cost ?? 0, openingValue];
  for (const { amount, discount, lines } of documents) {
    yield* [amount ?? 0, discount];
    for (const line of lines) yield* [line.price ?? 0, line.amount ?? 0];
  }
  for (const { rows } of schedules) for (const { amount } of rows) yield amount;
}

/** How the amounts of parties, items, documents and schedules are written: without decimals while all are whole. */
export const useDocumentMoney = (book: Book): Money =>
  useMemo(() => moneyWith(book, [...amountsOf(book)]), [book]);
