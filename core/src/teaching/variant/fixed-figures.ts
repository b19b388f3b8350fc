import type { Book } from '../../model/book/book.js';
import { numbersIn } from '../../model/money/amounts-in-text.js';
import { writingOf } from '../../model/place/writing.js';
import { parseAmount } from '../../model/money/parse-amount.js';

/** Smaller ones are days, counts and percents more often than amounts. */
const SMALLEST = 100;
const FILLED = /\{=[^{}]*\}/g;

/**
 * The figures in some words that are amounts of a key as it was made: where figures are drawn, they would be wrong for
 * everybody. Figures that are filled in (`{= … }`) move with the key and are left out; so are years.
 */
export function fixedFigures(words: string, { company, opening, entries }: Book): string[] {
  const writing = writingOf(company);
  const amounts = new Set([
    ...Object.values(opening.balances).map(Math.abs),
    ...entries.flatMap(({ lines }) => lines.map(({ amount }) => Math.abs(amount))),
  ]);
  const year = Number(company.firstDay.slice(0, 4));
  const text = words.replace(FILLED, ' ');
  const found = numbersIn(text, writing).flatMap(({ 0: number, index }) => {
    if (!standsAlone(text, index, number)) return [];
    const read = parseAmount(number, writing);
    if (!read.ok || read.value < SMALLEST * 10 ** writing.digits) return [];
    const isYear = /^\d+$/.test(number) && Math.abs(Number(number) - year) <= 2;
    return !isYear && amounts.has(read.value) ? [number] : [];
  });
  return [...new Set(found)];
}

/** No part of a word, of a day or of a longer number. */
const standsAlone = (text: string, at: number, number: string): boolean =>
  !/[\w.,]$/.test(text.slice(Math.max(0, at - 1), at)) &&
  !/^(?:\w|[.,]\d)/.test(text.slice(at + number.length, at + number.length + 2));
