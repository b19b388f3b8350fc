import type { DayOrder, Period } from '@gleddo/core';

/** A day alone is that day here, whatever the hour is elsewhere. What is not written so is no date. */
function dateOf(iso: string): Date {
  if (!/^\d{4}-\d\d-\d\d/.test(iso)) return new Date(NaN);
  return new Date(iso.includes('T') ? iso : `${iso}T00:00`);
}

const MONTH = new Intl.DateTimeFormat('en-US', { month: 'short' });
const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** What is no date is told as it is written. */
function told(iso: string, says: (date: Date) => string): string {
  const date = dateOf(iso);
  return Number.isNaN(date.getTime()) ? iso : says(date);
}

/** `31 Mar`, `Mar 31`, `03-31`. */
export const shortDay = (iso: string, order: DayOrder = 'day-first'): string =>
  told(iso, (date) => {
    if (order === 'year-first') return iso.slice(5, 10);
    const [day, month] = [date.getDate(), MONTH.format(date)];
    return order === 'month-first' ? `${month} ${day}` : `${day} ${month}`;
  });

/** `31 Mar 2027`, `Mar 31, 2027`, `2027-03-31`. */
export const longDay = (iso: string, order: DayOrder = 'day-first'): string =>
  told(iso, (date) => {
    if (order === 'year-first') return iso.slice(0, 10);
    return `${shortDay(iso, order)}${order === 'month-first' ? ',' : ''} ${date.getFullYear()}`;
  });

/** `1 Jan – 31 Mar 2027`: the year is said once. */
export function periodText({ from, to }: Period, order: DayOrder = 'day-first'): string {
  const sameYear = from.slice(0, 4) === to.slice(0, 4) && order !== 'year-first';
  return `${sameYear ? shortDay(from, order) : longDay(from, order)} – ${longDay(to, order)}`;
}

export const timeText = (iso: string): string => told(iso, (date) => TIME.format(date));

export const momentText = (iso: string): string =>
  told(iso, () => `${longDay(iso)}, ${timeText(iso)}`);
