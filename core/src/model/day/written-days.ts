import { isDay } from './calendar.js';

const NAMES = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');

const two = (n: number): string => String(n).padStart(2, '0');

const dayOf = (year: number, month: number, day: number): string | null => {
  const full = year < 100 ? 2000 + year : year;
  const text = `${full}-${two(month)}-${two(day)}`;
  return isDay(text) ? text : null;
};

/** A day with its month in letters: 8 Feb 2027, February 8, 2027; without a year the one that is usual. */
function lettered(text: string, usual: number): string | null {
  const month = NAMES.findIndex((name) => new RegExp(`\\b${name}`, 'i').test(text)) + 1;
  if (month === 0) return null;
  const [first, second] = [...text.matchAll(/\d+/g)].map(([digits]) => Number(digits));
  if (first === undefined) return null;
  return first > 31 && second !== undefined
    ? dayOf(first, month, second)
    : dayOf(second ?? usual, month, first);
}

interface Figures {
  readonly parts: readonly number[];
  readonly isYearFirst: boolean;
}

function figuresOf(text: string): Figures | null {
  const found = /^(\d{1,4})[./-](\d{1,2})(?:[./-](\d{1,4}))?\.?$/.exec(text);
  if (!found) return null;
  const parts = found.slice(1).flatMap((each) => (each ? [Number(each)] : []));
  return { parts, isYearFirst: (found[1] ?? '').length === 4 };
}

/** Whether months come before days in all of these: some second figure is no month, and no first one is none. */
function areMonthsFirst(all: readonly (Figures | null)[]): boolean {
  const own = all.flatMap((each) => (each && !each.isYearFirst ? [each.parts] : []));
  return own.some(([, second = 0]) => second > 12) && own.every(([first = 0]) => first <= 12);
}

/**
 * The days of a column as people write them (2027-02-08, 8.2.2027, 8/2/27, 8 Feb 2027, 2/8/2027 where no other reading is
 * one for all of them), as ISO 8601 has them; null where a text is no day. `year`: which one is meant where none is said.
 */
export function writtenDays(texts: readonly string[], year: number): (string | null)[] {
  const plain = texts.map((text) => text.replace(/\u00a0/g, ' ').trim());
  const figures = plain.map(figuresOf);
  const monthsFirst = areMonthsFirst(figures);
  return plain.map((text, i) => {
    const own = figures[i];
    if (!own) return lettered(text, year);
    const [a = 0, b = 0, c = year] = own.parts;
    if (own.isYearFirst) return dayOf(a, b, own.parts[2] ?? 0);
    return monthsFirst ? dayOf(c, a, b) : dayOf(c, b, a);
  });
}
