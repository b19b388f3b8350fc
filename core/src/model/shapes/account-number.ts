import { done, refusal, refused, type Result } from '../refusal/refusal.js';

/** How long an account number may be. */
const LONGEST_NUMBER = 15;

const numberMalformed = refusal(
  'number.malformed',
  (f: { number: string }) =>
    `“${f.number}” is not an account number: use up to ${LONGEST_NUMBER} letters, digits, inner spaces, -, . and /.`,
);

/**
 * An account number as it is kept: outer spaces off, otherwise as typed (leading zeros count).
 * Refuses other characters and more than fifteen.
 */
export function readNumber(text: string): Result<string> {
  const number = text.trim();
  if (number.length > LONGEST_NUMBER || !/^[\p{L}\d](?:[\p{L}\d \-./]*[\p{L}\d])?$/u.test(number))
    return refused(numberMalformed({ number }));
  return done(number);
}

/** What makes two numbers the same: letter case and outer spaces do not count. */
export const numberKey = (number: string): string => number.trim().toLowerCase();

const segmentsOf = (number: string): string[] => numberKey(number).match(/\d+|[^\d\s\-./]+/g) ?? [];

const isDigits = (text: string): boolean => /^\d/.test(text);

function compareText(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}

function compareSegments(a: string, b: string): number {
  if (isDigits(a) !== isDigits(b)) return isDigits(a) ? -1 : 1;
  if (isDigits(a) && a.length !== b.length) {
    const value = compareText(
      a.replace(/^0+/, '').padStart(LONGEST_NUMBER, '0'),
      b.replace(/^0+/, '').padStart(LONGEST_NUMBER, '0'),
    );
    return value === 0 ? b.length - a.length : value;
  }
  return compareText(a, b);
}

/**
 * The order of account numbers: digits before letters; numbers of equal length as text; others segment
 * by segment (runs of digits by value, runs of letters as text), the shorter of two alike first.
 */
export function compareNumbers(a: string, b: string): number {
  const left = numberKey(a);
  const right = numberKey(b);
  if (left.length === right.length) return compareText(left, right);
  const one = segmentsOf(left);
  const two = segmentsOf(right);
  for (let i = 0; i < Math.min(one.length, two.length); i++) {
    const order = compareSegments(one[i] ?? '', two[i] ?? '');
    if (order !== 0) return order;
  }
  return one.length - two.length || compareText(left, right);
}
