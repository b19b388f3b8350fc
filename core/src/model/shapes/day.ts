import { isDay } from '../day/calendar.js';
import { refusal } from '../refusal/refusal.js';
import { judged, type Shape } from '../shape/shape.js';

export const notADay = refusal(
  'file.day',
  (f: { text: string }) => `“${f.text}” is not a day. Write year-month-day, such as 2027-03-31.`,
);

/** A day of the calendar, ISO 8601. */
export const day: Shape<string> = judged(
  (text) => (isDay(text) ? null : notADay({ text: text.slice(0, 40) })),
  { format: 'date' },
);
