import { addDays, addMonths } from '../../model/day/calendar.js';
import type { Amount } from '../../model/money/amount.js';
import { fairShares } from '../../model/money/share.js';
import type { ScheduleRow } from '../../model/shapes/schedule.js';

/** The end of each of so many months, from the month of a day. */
const monthEnds = (from: string, months: number): string[] =>
  Array.from({ length: months }, (_, i) => addDays(addMonths(`${from.slice(0, 7)}-01`, i + 1), -1));

/**
 * The rows that spread an amount evenly over months, each at its month's end; the last takes what is left over.
 * A month without a share has no row. `kept`: rows that stay as they are (their days are locked), so that the rest shares what they leave.
 */
export function planRows(
  spread: { readonly total: Amount; readonly from: string; readonly months: number },
  kept: readonly ScheduleRow[] = [],
): ScheduleRow[] {
  const days = monthEnds(spread.from, spread.months);
  const last = kept.at(-1)?.date ?? '';
  const open = days.filter((date) => date > last);
  const rest = spread.total - kept.reduce((sum, { amount }) => sum + amount, 0);
  if (open.length === 0) return [...kept];
  const shares = fairShares(rest, open.length);
  return [
    ...kept,
    ...open.flatMap((date, i) => {
      const amount = shares[i] ?? 0;
      return amount === 0 ? [] : [{ date, amount, made: false }];
    }),
  ];
}

/** The rows up to a day marked as made, each with its entry. */
export const madeUntil = (rows: readonly ScheduleRow[], until: string): ScheduleRow[] =>
  rows.map((row) => (row.date <= until && !row.made ? { ...row, made: true } : row));
