import type { DayOrder, Period } from '@gleddo/core';
import { createContext, use } from 'react';
import { longDay, periodText, shortDay } from './days';

/** In which order the company that is shown writes its days. */
export const DayOrderContext = createContext<DayOrder>('day-first');

interface Days {
  shortDay(iso: string): string;
  longDay(iso: string): string;
  periodText(period: Period): string;
}

const inOrder = (order: DayOrder): Days => ({
  shortDay: (iso) => shortDay(iso, order),
  longDay: (iso) => longDay(iso, order),
  periodText: (period) => periodText(period, order),
});

const DAYS: Readonly<Record<DayOrder, Days>> = {
  'day-first': inOrder('day-first'),
  'month-first': inOrder('month-first'),
  'year-first': inOrder('year-first'),
};

/** Days as the company that is shown writes them. */
export const useDays = (): Days => DAYS[use(DayOrderContext)];
