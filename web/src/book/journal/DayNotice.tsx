import { isDay, oddDay, type Book, type Entry } from '@gleddo/core';
import { useBookStore } from '../open-book/open-book';

interface DayNoticeProps {
  readonly book: Book;
  readonly of: Pick<Entry, 'date' | 'kind'>;
}

/** A day outside the year, or in a locked period: told before what lies there is recorded. */
export function DayNotice({ book, of }: DayNoticeProps) {
  const { rules } = useBookStore();
  const notices = isDay(of.date) ? oddDay(book, of, rules) : [];
  return (
    <div role="status">
      {notices.map(({ code, says }) => (
        <p key={code} className="notice">
          {says}
        </p>
      ))}
    </div>
  );
}
