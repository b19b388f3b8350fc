import { addDays, addMonths, daysBetween } from '../../model/day/calendar.js';
import type { Amount } from '../../model/money/amount.js';
import { shareOut } from '../../model/money/share.js';
import type { ScheduleRow } from '../../model/shapes/schedule.js';

/** What is spread over how many months, from a day; by whole months unless it is said that days count. */
export interface Spread {
  readonly total: Amount;
  readonly from: string;
  readonly months: number;
  readonly byDays?: boolean;
}

interface Part {
  /** The end of the month in which it lies. */
  readonly date: string;
  /** How many days of it count; by whole months each counts as one. */
  readonly weight: number;
}

const monthEnd = (day: string): string => addDays(addMonths(`${day.slice(0, 7)}-01`, 1), -1);

const byMonths = ({ from, months }: Spread): Part[] =>
  Array.from({ length: months }, (_, i) => ({
    date: monthEnd(addMonths(`${from.slice(0, 7)}-01`, i)),
    weight: 1,
  }));

/** From mid-month to mid-month: one month more, of which the first and the last count in part. */
function byDays({ from, months }: Spread): Part[] {
  const last = addDays(addMonths(from, months), -1);
  const parts: Part[] = [];
  for (let day = from; day <= last; day = addDays(monthEnd(day), 1)) {
    const date = monthEnd(day);
    parts.push({ date, weight: daysBetween(day, date < last ? date : last) + 1 });
  }
  return parts;
}

/**
 * The rows that spread an amount over months, each at its month's end, evenly or by the days that lie in it; the last takes
 * what is left over. A month without a share has no row. `kept`: rows that stay as they are (their days are locked), so that the
 * rest shares what they leave.
 */
export function planRows(spread: Spread, kept: readonly ScheduleRow[] = []): ScheduleRow[] {
  const last = kept.at(-1)?.date ?? '';
  const parts = (spread.byDays === true ? byDays : byMonths)(spread);
  const open = parts.filter(({ date }) => date > last);
  const rest = spread.total - kept.reduce((sum, { amount }) => sum + amount, 0);
  if (open.length === 0) return [...kept];
  const shares = shareOut(
    rest,
    open.map(({ weight }) => weight),
  );
  return [
    ...kept,
    ...open.flatMap(({ date }, i) => {
      const amount = shares[i] ?? 0;
      return amount === 0 ? [] : [{ date, amount, made: false }];
    }),
  ];
}

/** The rows up to a day marked as made, each with its entry. */
export const madeUntil = (rows: readonly ScheduleRow[], until: string): ScheduleRow[] =>
  rows.map((row) => (row.date <= until && !row.made ? { ...row, made: true } : row));
