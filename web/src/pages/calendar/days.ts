import type { CalendarRow } from '@gleddo/contract';
import { addDays, dayIn, daysBetween } from '@gleddo/core';

export type What = 'opens' | 'closes' | 'given back';

/** Something of the term on its day, as the school’s clock has it. */
export interface OnDay {
  readonly what: What;
  readonly at: string;
  readonly day: string;
  readonly row: CalendarRow;
}

export const nameOf = ({ what, row }: OnDay): string => `${row.exerciseId} ${row.groupId} ${what}`;

/** All that stands in the calendar, soonest first. */
export function allOf(rows: readonly CalendarRow[], zone: string): OnDay[] {
  const at = (row: CalendarRow, what: What, when: string | null): OnDay[] =>
    when === null ? [] : [{ what, at: when, day: dayIn(zone, Date.parse(when)).day, row }];
  return rows
    .flatMap((row) => [
      ...at(row, 'opens', row.opensAt),
      ...at(row, 'closes', row.closesAt),
      ...at(row, 'given back', row.givenBackAt),
    ])
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

const A_WEEK = 7;
/** So many weeks at least are shown, and so many after the last day. */
const FEWEST = 6;
const AFTER = 2;
const MOST = 60;

/** The Monday of a day’s week. */
function mondayOf(day: string): string {
  const since = (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % A_WEEK;
  return addDays(day, -since);
}

/** The weeks of a term, each by its seven days: from the first thing in it, or this week, to some after the last. */
export function weeksOf(all: readonly OnDay[], today: string): string[][] {
  const days = [...all.map(({ day }) => day), today].sort();
  const first = mondayOf(days[0] ?? today);
  const last = mondayOf(days.at(-1) ?? today);
  const many = Math.round(daysBetween(first, last) / A_WEEK) + 1 + AFTER;
  return Array.from({ length: Math.min(MOST, Math.max(FEWEST, many)) }, (_, week) =>
    Array.from({ length: A_WEEK }, (__, i) => addDays(first, week * A_WEEK + i)),
  );
}
