import type { CalendarRow } from '@gleddo/contract';
import { allOf, weeksOf } from '../src/pages/calendar/days';

const row = (opensAt: string | null, closesAt: string | null): CalendarRow => ({
  ...{ exerciseId: 'e', title: 'Loans', groupId: 'g', group: 'Evening', opensAt, closesAt },
  ...{ late: 'told', students: 3, begun: 0, handedIn: 0, givenBack: 0, givenBackAt: null },
  mayMove: true,
});
const TODAY = '2027-04-14';
const weeks = (rows: readonly CalendarRow[], back = 8) =>
  weeksOf(allOf(rows, 'Europe/Vienna'), TODAY, back);

test('a day is the one that the school’s clock shows', () => {
  const [late] = allOf([row('2027-04-14T22:30:00Z', null)], 'Europe/Vienna');
  expect(late?.day).toBe('2027-04-15');
});

test('today is always among the weeks, however long ago the first term was', () => {
  const old = row('2023-01-09T08:00:00Z', '2023-02-01T08:00:00Z');
  const shown = weeks([old, row('2027-04-20T08:00:00Z', null)]);
  expect(shown.weeks.flat()).toContain(TODAY);
  expect(shown.weeks.flat()).toContain('2027-04-20');
  expect(shown.before).toBe(2);
  const all = weeks([old], 230);
  expect(all.before).toBe(0);
  expect(all.weeks.flat()).toEqual(expect.arrayContaining(['2023-01-09', TODAY]));
});

test('what lies too far ahead is counted, and weeks begin on Monday', () => {
  const shown = weeks([row(null, '2099-01-01T08:00:00Z')]);
  expect(shown.after).toBe(1);
  expect(shown.weeks.length).toBeLessThan(80);
  expect(shown.weeks[0]?.[0]).toBe('2027-04-12');
  expect(weeks([]).weeks).toHaveLength(6);
});
