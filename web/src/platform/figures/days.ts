import type { Period } from '@gleddo/core';

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

const shortDay = (iso: string): string =>
  told(iso, (date) => `${date.getDate()} ${MONTH.format(date)}`);

export const longDay = (iso: string): string =>
  told(iso, (date) => `${shortDay(iso)} ${date.getFullYear()}`);

/** `1 Jan – 31 Mar 2027`: the year is said once. */
export function periodText({ from, to }: Period): string {
  const sameYear = from.slice(0, 4) === to.slice(0, 4);
  return `${sameYear ? shortDay(from) : longDay(from)} – ${longDay(to)}`;
}

export const timeText = (iso: string): string => told(iso, (date) => TIME.format(date));

export const momentText = (iso: string): string =>
  told(iso, () => `${longDay(iso)}, ${timeText(iso)}`);
