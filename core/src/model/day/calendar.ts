/** Days are ISO 8601 text (`2027-03-31`): they compare as text. */
export const isDay = (text: string): boolean => {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const month = 10 * text.charCodeAt(5) + text.charCodeAt(6) - 528;
  const day = 10 * text.charCodeAt(8) + text.charCodeAt(9) - 528;
  if (day >= 1 && day <= 28) return month >= 1 && month <= 12;
  const at = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === text;
};

const parts = (day: string): [number, number, number] => {
  const [y = 0, m = 1, d = 1] = day.split('-').map(Number);
  return [y, m, d];
};

const dayOf = (y: number, m: number, d: number): string =>
  new Date(Date.UTC(y, m, d)).toISOString().slice(0, 10);

export function addDays(day: string, days: number): string {
  const [y, m, d] = parts(day);
  return dayOf(y, m - 1, d + days);
}

/** The same day `months` later; the last of the month where the month is shorter. */
export function addMonths(day: string, months: number): string {
  const [y, m, d] = parts(day);
  const lastOfMonth = new Date(Date.UTC(y, m + months, 0)).getUTCDate();
  return dayOf(y, m - 1 + months, Math.min(d, lastOfMonth));
}

const MONTHS =
  'January February March April May June July August September October November December'.split(
    ' ',
  );

/** In which order a place writes a day; year first: as ISO 8601 has it. */
export type DayOrder = 'day-first' | 'month-first' | 'year-first';

/** A day as a sentence says it: 31 March 2027, March 31, 2027; what is no day, as it was written. */
export function dayText(day: string, order: DayOrder = 'day-first'): string {
  if (!isDay(day)) return `“${day}”`;
  const [y, m, d] = parts(day);
  if (order === 'year-first') return day;
  return order === 'month-first' ? `${MONTHS[m - 1]} ${d}, ${y}` : `${d} ${MONTHS[m - 1]} ${y}`;
}

/** A day where there is little room, never broken over lines: 31 Mar 2027, Mar 31, 2027. */
export function shortDay(day: string, order: DayOrder = 'day-first'): string {
  if (!isDay(day)) return day;
  const [y, m, d] = parts(day);
  if (order === 'year-first') return day;
  const month = (MONTHS[m - 1] ?? '').slice(0, 3);
  return (order === 'month-first' ? [month, `${d},`, y] : [d, month, y]).join('\u00a0');
}

/** A period, both days belonging to it. */
export interface Period {
  readonly from: string;
  readonly to: string;
}

/** How many days later the one is than the other. */
export const daysBetween = (a: string, b: string): number =>
  Math.round((Date.parse(`${b}T00:00:00Z`) - Date.parse(`${a}T00:00:00Z`)) / 86_400_000);

const isMonthEnd = (day: string): boolean => addDays(day, 1).endsWith('-01');

/**
 * The period as long as another one that ends on a given day: as many whole months where both end with a
 * month and the other begins with one, else as many days.
 */
export function periodLike({ from, to }: Period, end: string): Period {
  const isMonths = from.endsWith('-01') && isMonthEnd(to) && isMonthEnd(end);
  if (!isMonths) return { from: addDays(end, -daysBetween(from, to)), to: end };
  const [y, m] = parts(from);
  const [lastY, lastM] = parts(to);
  const months = 12 * (lastY - y) + lastM - m + 1;
  return { from: addMonths(addDays(end, 1), -months), to: end };
}

export const within = (period: Period, day: string): boolean =>
  period.from <= day && day <= period.to;

/** The financial year that holds a day, for years that begin on the month and day of `firstDay`. */
export function financialYearOf(firstDay: string, day: string): Period {
  let years = parts(day)[0] - parts(firstDay)[0];
  if (addMonths(firstDay, 12 * years) > day) years -= 1;
  return {
    from: addMonths(firstDay, 12 * years),
    to: addDays(addMonths(firstDay, 12 * (years + 1)), -1),
  };
}

/** The first financial year of a book. */
export const firstYear = (firstDay: string): Period => financialYearOf(firstDay, firstDay);
