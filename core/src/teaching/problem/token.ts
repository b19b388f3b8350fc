import type { Amount } from '../../model/money/amount.js';

/** What a piece of a sentence is. `count`: so many pieces; `span`: so many months; `share`: a part of a whole. */
export type TokenKind =
  'word' | 'amount' | 'count' | 'percent' | 'share' | 'span' | 'day' | 'month' | 'comma' | 'stop';

export interface Token {
  readonly kind: TokenKind;
  /** What a word is told as; the kind’s name for others, so that a row of tokens can be looked through as words. */
  readonly word: string;
  /** As it was written. */
  readonly said: string;
  /** Minor units of an amount; pieces; months; hundredths of a percent; parts in a million of a whole; 1 to 12 of a month. */
  readonly value: number;
  /** ISO 8601, of a day. */
  readonly day?: string;
  /** Whether it is said to be money: with a currency, or written with decimals or thousands. */
  readonly isMoney?: boolean;
  /** Whether it begins with a capital letter. */
  readonly isNamed?: boolean;
}

const WHOLE = 1_000_000;

/** A part of an amount, to the nearest minor unit. */
export const partOf = (amount: Amount, { value }: Token): Amount =>
  Math.round((amount * value) / WHOLE);

/** Not rounded: a third of 22,500.00 is 7,500.00. */
export const shareOf = (over: number, under: number): number => (WHOLE * over) / under;

/** Hundredths of a percent of an amount, to the nearest minor unit. */
export const percentOf = (amount: Amount, { value }: Token): Amount =>
  Math.round((amount * value) / 10_000);

const MARKS = /^\d{1,3}(?:,\d{3})+(?:\.\d{1,2})?$/;
const MARKS_OTHERWISE = /^\d{1,3}(?:[.’' ]\d{3})+(?:,\d{1,2})?$/;
const PLAIN = /^\d+(?:[.,]\d{1,2})?$/;

/** A number as it is written, in hundredths; null where it is none. */
export function hundredths(text: string): number | null {
  const plain = MARKS.test(text)
    ? text.replaceAll(',', '')
    : MARKS_OTHERWISE.test(text)
      ? text.replaceAll(/[.’' ]/g, '').replace(',', '.')
      : PLAIN.test(text)
        ? text.replace(',', '.')
        : null;
  if (plain === null || plain.length > 15) return null;
  const [whole = '0', cents = ''] = plain.split('.');
  return 100 * Number(whole) + Number(cents.padEnd(2, '0'));
}
