import { firstYear } from '../../model/day/calendar.js';
import type { HealthCheck } from './health-check.js';
import { saidOn } from '../../model/place/writing.js';

type Found = { readonly text: string; readonly date: string };

export const entriesInYear: HealthCheck<Found> = {
  id: 'health.entries-in-year',
  title: 'Entries within the year',
  find({ book }) {
    const { from, to } = firstYear(book.company.firstDay);
    return book.entries
      .filter(({ date, kind }) => kind !== 'opening' && (date < from || date > to))
      .map(({ date, text, reference }) => ({
        account: null,
        facts: { text: text || reference, date: saidOn(book, date) },
      }));
  },
  says: ({ text, date }) =>
    `${text ? `“${text}”` : 'An entry'} is dated ${date}, outside the financial year. Is the day right?`,
};
