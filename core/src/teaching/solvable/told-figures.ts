import type { Amount } from '../../model/money/amount.js';
import { numbersIn, plainDecimal } from '../../model/money/amounts-in-text.js';
import { writingOf } from '../../model/place/writing.js';
import type { Book } from '../../model/book/book.js';
import { parseAmount } from '../../model/money/parse-amount.js';

/** What a text says in figures: amounts, plain numbers (pieces, months) and percents. */
export interface ToldFigures {
  readonly amounts: ReadonlySet<Amount>;
  readonly numbers: ReadonlySet<number>;
  readonly percents: ReadonlySet<number>;
}

const MOST_PIECES = 10_000;
const MONTH =
  '(?:january|february|march|april|may|june|july|august|september|october|november|december)';
/** Days and years are no figures. */
const DAYS = new RegExp(
  `\\b\\d{4}-\\d{2}-\\d{2}\\b|\\b\\d{1,2} ${MONTH}(?: \\d{4})?\\b|\\b${MONTH} \\d{1,2}(?:, \\d{4})?\\b|\\b${MONTH} \\d{4}\\b`,
  'gi',
);

/** `2/10, n/30`: what comes off where it is paid within so many days. */
const TERMS = /^\d(?:\.\d)?\/\d{1,2},? ?n/i;

/** The figures that stand in some texts, amounts in minor units of the company's currency. */
export function figuresIn(texts: readonly string[], { company }: Book): ToldFigures {
  const writing = writingOf(company);
  const [amounts, numbers, percents] = [new Set<Amount>(), new Set<number>(), new Set<number>()];
  for (const text of texts.map((each) => each.replace(DAYS, ' ')))
    for (const { 0: found, index } of numbersIn(text, writing)) {
      const plain = Number(plainDecimal(found, writing));
      const behind = text.slice(index + found.length).trimStart();
      if (TERMS.test(text.slice(index, index + 16))) percents.add(plain);
      if (behind.startsWith('%') || behind.startsWith('per cent')) percents.add(plain);
      if (Number.isInteger(plain) && plain > 0 && plain <= MOST_PIECES) numbers.add(plain);
      const read = parseAmount(found, writing);
      if (read.ok && read.value > 0) amounts.add(read.value);
    }
  return { amounts, numbers, percents };
}
