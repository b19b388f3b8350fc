import type { Book } from '../../model/book/book.js';
import { minorDigits } from '../../model/money/amount.js';
import { parseAmount } from '../../model/money/parse-amount.js';

/** Smaller ones are days, counts and percents more often than amounts. */
const SMALLEST = 100;
const NUMBER =
  /(?<![\w.,])\d{1,3}(?:,\d{3})+(?:\.\d+)?(?![\w])|(?<![\w.,])\d+(?:\.\d{1,2})?(?!\w|,\d)/g;
const FILLED = /\{=[^{}]*\}/g;

/**
 * The figures in some words that are amounts of a key as it was made: where figures are drawn, they would be wrong for
 * everybody. Figures that are filled in (`{= … }`) move with the key and are left out; so are years.
 */
export function fixedFigures(words: string, { company, opening, entries }: Book): string[] {
  const digits = minorDigits(company.currency);
  const amounts = new Set([
    ...Object.values(opening.balances).map(Math.abs),
    ...entries.flatMap(({ lines }) => lines.map(({ amount }) => Math.abs(amount))),
  ]);
  const year = Number(company.firstDay.slice(0, 4));
  const found = (words.replace(FILLED, ' ').match(NUMBER) ?? []).filter((text) => {
    const read = parseAmount(text, { digits, decimal: '.' });
    if (!read.ok || read.value < SMALLEST * 10 ** digits) return false;
    const isYear = !text.includes(',') && Math.abs(Number(text) - year) <= 2;
    return !isYear && amounts.has(read.value);
  });
  return [...new Set(found)];
}
