import type { DayOrder } from '@gleddo/core';
import { use } from 'react';
import { DayOrderContext } from './written-days';

type DayFormats = readonly [shown: string, ...typed: string[]];

/** How a day is shown in a field, and how it may be typed there: month first only where the place has it so. */
const FORMATS: Readonly<Record<DayOrder, DayFormats>> = {
  'day-first': ['D MMM YYYY', 'YYYY-MM-DD', 'D.M.YYYY', 'D/M/YYYY'],
  'month-first': ['MMM D, YYYY', 'YYYY-MM-DD', 'M/D/YYYY', 'M-D-YYYY', 'D MMM YYYY'],
  'year-first': ['YYYY-MM-DD', 'D MMM YYYY', 'YYYY/M/D', 'YYYY.M.D', 'D.M.YYYY', 'D/M/YYYY'],
};

export const useDayFormats = (): DayFormats => FORMATS[use(DayOrderContext)];
