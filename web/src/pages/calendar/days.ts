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
/** So many weeks at least are shown, so many after the last day, and no more than so many after today. */
const FEWEST = 6;
const AFTER = 2;
const MOST = 60;

/** The Monday of a day’s week. */
function mondayOf(day: string): string {
  const since = (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % A_WEEK;
  return addDays(day, -since);
}

interface Weeks {
  /** Each by its seven days. */
  readonly weeks: readonly (readonly string[])[];
  /** How much lies before and after what is shown. */
  readonly before: number;
  readonly after: number;
}

/** The weeks of a term: from so many before this one, where anything is there, to some after the last thing. */
export function weeksOf(all: readonly OnDay[], today: string, back: number): Weeks {
  const days = all.map(({ day }) => day);
  const earliest = addDays(mondayOf(today), -back * A_WEEK);
  const first = mondayOf([...days.filter((day) => day >= earliest), today].sort()[0] ?? today);
  const last = mondayOf([...days, today].sort().at(-1) ?? today);
  const many = Math.round(daysBetween(first, last) / A_WEEK) + 1 + AFTER;
  const end = Math.min(back + MOST, Math.max(FEWEST, many));
  const weeks = Array.from({ length: end }, (_, week) =>
    Array.from({ length: A_WEEK }, (__, i) => addDays(first, week * A_WEEK + i)),
  );
  const shown = weeks.at(-1)?.at(-1) ?? today;
  return {
    weeks,
    before: days.filter((day) => day < first).length,
    after: days.filter((day) => day > shown).length,
  };
}
