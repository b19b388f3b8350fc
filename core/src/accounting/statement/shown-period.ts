import type { Book } from '../../model/book/book.js';
import { addDays, addMonths, financialYearOf, type Period } from '../../model/day/calendar.js';

/**
 * The period that a book's screens show when nobody has chosen one: from the first day of the financial
 * year to the end of the period in which the last entry lies; without entries, to the end of the first.
 */
export function shownPeriod(book: Book): Period {
  const { firstDay, periods } = book.company;
  const last = book.entries.reduce((day, entry) => (entry.date > day ? entry.date : day), firstDay);
  const year = financialYearOf(firstDay, last);
  return { from: year.from, to: periodEnd(year, periods, last) };
}

/** The end of the period that holds a day; where the year can't be divided into months, of its month. */
function periodEnd(year: Period, periods: number, day: string): string {
  const months = 12 % periods === 0 ? 12 / periods : 1;
  for (let n = months; n < 12; n += months) {
    const end = addDays(addMonths(year.from, n), -1);
    if (day <= end) return end;
  }
  return year.to;
}

/** The last days of the periods of a financial year: what a date is chosen from. */
export function periodEnds(book: Book): string[] {
  const { firstDay, periods } = book.company;
  const year = financialYearOf(firstDay, shownPeriod(book).to);
  const months = 12 % periods === 0 ? 12 / periods : 1;
  return Array.from({ length: 12 / months }, (_, i) =>
    addDays(addMonths(year.from, months * (i + 1)), -1),
  );
}
