import type { Period } from '@gleddo/core';
import dayjs from 'dayjs';

export const longDay = (day: string): string => dayjs(day).format('D MMM YYYY');

/** `1 Jan – 31 Mar 2027`: the year is said once. */
export function periodText({ from, to }: Period): string {
  const sameYear = from.slice(0, 4) === to.slice(0, 4);
  return `${dayjs(from).format(sameYear ? 'D MMM' : 'D MMM YYYY')} – ${longDay(to)}`;
}

export const timeText = (iso: string): string => dayjs(iso).format('HH:mm');

export const momentText = (iso: string): string => dayjs(iso).format('D MMM YYYY, HH:mm');
