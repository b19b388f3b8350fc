import type { Book } from '../../model/book/book.js';
import { isDay } from '../../model/day/calendar.js';
import { notADay } from '../../model/shapes/day.js';
import { done, refused } from '../../model/refusal/refusal.js';
import { type Change, noNotices } from '../operation/operation.js';

function lockedUntil(book: Book, until: string | null): Book {
  const { locked: _, ...rest } = book;
  return until === null ? rest : { ...rest, locked: until };
}

/** Locks all entries up to a day, or none any more. */
export const lockEntries: Change<'lock-entries'> = {
  apply(book, { until }) {
    if (until !== null && !isDay(until)) return refused(notADay({ text: until }, 'until'));
    return done({
      book: lockedUntil(book, until),
      inverse: { kind: 'lock-entries', until: book.locked ?? null },
      notices: noNotices,
    });
  },
};
