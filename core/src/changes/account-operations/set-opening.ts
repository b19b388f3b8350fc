import { openingOf, type Book } from '../../model/book/book.js';
import { addDays, dayText, firstYear, isDay, type DayOrder } from '../../model/day/calendar.js';
import { notADay } from '../../model/shapes/day.js';
import { LARGEST_AMOUNT } from '../../model/money/amount.js';
import { amountTooLarge, amountUnreadable } from '../../model/money/parse-amount.js';
import { done, refusal, refused, type Refusal } from '../../model/refusal/refusal.js';
import { wanted } from './account-changes.js';
import type { Change } from '../operation/operation.js';
import { orderIn } from '../../model/place/writing.js';

const openingAfterEntries = refusal(
  'opening.after-entries',
  (f: { entries: number }) =>
    `${f.entries === 1 ? 'An entry is' : `${f.entries} entries are`} recorded already: this changes what was reported before them.`,
);

/** Sets an account's opening balance (debit positive); zero takes it away. */
export const setOpening: Change<'set-opening'> = {
  apply(book, { id, amount }) {
    const found = wanted(book, id);
    if (!found.ok) return found;
    if (!Number.isInteger(amount))
      return refused(amountUnreadable({ text: String(amount) }, 'amount'));
    if (Math.abs(amount) > LARGEST_AMOUNT)
      return refused(amountTooLarge({ text: String(amount) }, 'amount'));
    const others = Object.entries(book.opening.balances).filter(([each]) => each !== id);
    const balances = Object.fromEntries(amount === 0 ? others : [...others, [id, amount]]);
    return done({
      book: { ...book, opening: { ...book.opening, balances } },
      inverse: { kind: 'set-opening', id, amount: openingOf(book, id) },
      notices: () =>
        book.entries.length > 0 ? [openingAfterEntries({ entries: book.entries.length })] : [],
    });
  },
};

const openingInYear = refusal(
  'opening.in-year',
  (f: { date: string; before: string; days?: DayOrder }) =>
    `The books begin inside the year: what came before ${dayText(f.date, f.days)} is not in them, and their profit is that since then. Books of a whole year open at the end of ${dayText(f.before, f.days)}.`,
);
const openingOutside = refusal(
  'opening.outside-year',
  (f: { date: string; before: string; from: string; to: string; days?: DayOrder }) =>
    `${dayText(f.date, f.days)} is neither the day before the financial year, ${dayText(f.before, f.days)}, nor a day of it (${dayText(f.from, f.days)} to ${dayText(f.to, f.days)}). Check the day.`,
);

/**
 * What deserves a look in the day of a book's opening balances: the day before the first period is usual, one inside
 * the year is that of books begun in mid-year, any other is a slip.
 */
export function oddOpeningDate({ opening: { date }, company }: Book): Refusal[] {
  const before = addDays(company.firstDay, -1);
  const { from, to } = firstYear(company.firstDay);
  if (date === before) return [];
  return date >= from && date <= to
    ? [openingInYear({ date, before, ...orderIn(company) })]
    : [openingOutside({ date, before, from, to, ...orderIn(company) })];
}

export const setOpeningDate: Change<'set-opening-date'> = {
  apply(book, { date }) {
    if (!isDay(date)) return refused(notADay({ text: date }, 'date'));
    const after = { ...book, opening: { ...book.opening, date } };
    return done({
      book: after,
      inverse: { kind: 'set-opening-date', date: book.opening.date },
      notices: () => oddOpeningDate(after),
    });
  },
};
