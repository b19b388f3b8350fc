import { dayText } from '../../model/day/calendar.js';

/** A text in small letters, as it is looked through. */
export const plainText = (text: string): string => text.toLowerCase().replace(/[’']/g, "'");

const LAST_DAYS = 28;

/** How a day can be said: in full, by its number and month, or as the end of its month or of the year. */
export function formsOf(date: string): string[] {
  const full = dayText(date);
  const [day = '', month = ''] = full.split(' ');
  const isEnd = new Date(`${date}T00:00:00Z`).getUTCDate() >= LAST_DAYS;
  const ends = isEnd ? [`end of ${month}`, 'year end', 'year-end', 'at the end'] : [];
  return [date, full, `${day} ${month}`, `${month} ${day}`, ...ends].map(plainText);
}
