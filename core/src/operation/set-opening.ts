import { openingOf } from '../book/book.js';
import { isDay } from '../day/calendar.js';
import { notADay } from '../shape/day.js';
import { LARGEST_AMOUNT } from '../money/amount.js';
import { amountTooLarge, amountUnreadable } from '../money/parse-amount.js';
import { done, refusal, refused } from '../refusal/refusal.js';
import { wanted } from './account-changes.js';
import { type Change, noNotices } from './operation.js';

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

export const setOpeningDate: Change<'set-opening-date'> = {
  apply(book, { date }) {
    if (!isDay(date)) return refused(notADay({ text: date }, 'date'));
    return done({
      book: { ...book, opening: { ...book.opening, date } },
      inverse: { kind: 'set-opening-date', date: book.opening.date },
      notices: noNotices,
    });
  },
};
