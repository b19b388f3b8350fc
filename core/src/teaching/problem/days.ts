import { addDays, addMonths, isDay } from '../../model/day/calendar.js';
import { wholeOf, type Raw } from './raw-tokens.js';
import { monthNamed } from './words.js';

/** What a problem has said of days so far. */
export interface Calendar {
  /** The year that is meant where none is said. */
  readonly year: number;
  /** Whether days in two figures begin with the month: `9/1`. */
  readonly isMonthFirst?: boolean;
  /** Whether amounts have the sign of their currency: a bare number counts things then. */
  readonly hasSigns?: boolean;
  /** ISO 8601: the day of what was told last; the first day until something was told. */
  readonly day: string;
}

const dayOf = (year: number, month: number, day: number): string | null => {
  const two = (n: number) => String(n).padStart(2, '0');
  const text = `${year}-${two(month)}-${two(day)}`;
  return isDay(text) ? text : null;
};

export const lastOfMonth = (day: string): string =>
  addDays(addMonths(`${day.slice(0, 8)}01`, 1), -1);

const ORDINAL = /^(\d{1,2})(?:st|nd|rd|th)$/i;

const dayNumber = (raw: Raw | undefined): number | null => {
  const ordinal = ORDINAL.exec(raw?.text ?? '');
  const found = ordinal ? Number(ordinal[1]) : wholeOf(raw);
  return found !== null && found >= 1 && found <= 31 ? found : null;
};

const yearNumber = (raw: Raw | undefined): number | null => {
  const found = wholeOf(raw);
  return found !== null && found >= 1990 && found <= 2099 && raw?.text.length === 4 ? found : null;
};

interface Found {
  readonly day: string;
  readonly length: number;
}

const nothing = (text: string | undefined): boolean => text === ',' || text === 'of';

/** `3 May 2027`, `May 3, 2027`, `3rd of May`: a day written with its month’s name. */
function lettered(raws: readonly Raw[], at: number, { year }: Calendar): Found | null {
  const monthAt = (i: number) => {
    const text = raws[i]?.text ?? '';
    return /^\p{Lu}/u.test(text) ? monthNamed(text) : 0;
  };
  const first = dayNumber(raws[at]);
  const gap = nothing(raws[at + 1]?.text) ? 1 : 0;
  const month = first === null ? monthAt(at) : monthAt(at + 1 + gap);
  const number = first ?? dayNumber(raws[at + 1]);
  if (month === 0 || number === null || raws[at]?.isMoney) return null;
  const single = first === null ? at + 2 : at + 2 + gap;
  // `December 30 and 31`
  const isTwo = first === null && ['and', 'to', '-', '&'].includes(raws[single]?.text ?? '');
  const other = isTwo && !raws[single + 1]?.isMoney ? dayNumber(raws[single + 1]) : null;
  const end = other !== null && other > number ? single + 2 : single;
  const mark = nothing(raws[end]?.text) ? 1 : 0;
  const said = yearNumber(raws[end + mark]);
  const day = dayOf(said ?? year, month, number);
  return day === null ? null : { day, length: end - at + (said === null ? 0 : 1 + mark) };
}

/** `2027-05-03`, `3.5.2027`, `3/5/27`: figures, the day first unless that is none. */
function figured({ text }: Raw): string | null {
  if (isDay(text)) return text;
  const found = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})$/.exec(text);
  if (!found) return null;
  const [a = 0, b = 0, c = 0] = found.slice(1).map(Number);
  const year = c < 100 ? 2000 + c : c;
  return dayOf(year, b, a) ?? dayOf(year, a, b);
}

const BEFORE_A_DAY = /^[(),]$|^\d{1,2}$|^on$/i;

/** `1/9:` at the beginning: a day in two figures, and no part of anything. */
function dayAndMonth(raws: readonly Raw[], at: number, { year, isMonthFirst }: Calendar) {
  const found = /^(\d{1,2})[./](\d{1,2})$/.exec(raws[at]?.text ?? '');
  const begins = at < 4 && raws.slice(0, at).every(({ text }) => BEFORE_A_DAY.test(text));
  if (!found || !begins || raws[at + 1]?.text === 'of') return null;
  const [a, b] = [Number(found[1]), Number(found[2])];
  const day = isMonthFirst ? dayOf(year, a, b) : dayOf(year, b, a);
  return day === null ? null : { day, length: 1 };
}

const ENDS: ReadonlySet<string> = new Set(['end', 'close']);

/** `the end of May`, `end of the year`, `the month’s end`: the last day of a month. */
function endOf(raws: readonly Raw[], at: number, { year, day }: Calendar): Found | null {
  if (!ENDS.has(raws[at]?.text.toLowerCase() ?? '') || raws[at + 1]?.text !== 'of') return null;
  const named = monthNamed(raws[at + 2]?.text ?? '');
  if (named > 0) {
    const said = yearNumber(raws[at + 3]);
    const first = dayOf(said ?? year, named, 1);
    return first === null ? null : { day: lastOfMonth(first), length: said === null ? 3 : 4 };
  }
  const gap = ['the', 'this', 'that'].includes(raws[at + 2]?.text ?? '') ? 1 : 0;
  const unit = raws[at + 2 + gap]?.text.toLowerCase();
  if (unit === 'month') return { day: lastOfMonth(day), length: 3 + gap };
  return null;
}

const WEEKDAY = /^(?:mon|tues?|wed(?:nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?\.?$/i;

/** `Fri 19 Feb`, `Monday, 3 May`: the day of the week is part of it. */
function afterWeekday(raws: readonly Raw[], at: number, calendar: Calendar): Found | null {
  if (!WEEKDAY.test(raws[at]?.text ?? '')) return null;
  const gap = ['.', ','].includes(raws[at + 1]?.text ?? '') ? 2 : 1;
  const day = lettered(raws, at + gap, calendar);
  return day && { ...day, length: day.length + gap };
}

/** A day said at a piece, and how many pieces say it; null where none begins here. */
export function dayAt(raws: readonly Raw[], at: number, calendar: Calendar): Found | null {
  const raw = raws[at];
  if (!raw) return null;
  const plain = figured(raw);
  if (plain !== null) return { day: plain, length: 1 };
  const ordinal = ORDINAL.test(raw.text) && dayNumber(raw);
  return (
    dayAndMonth(raws, at, calendar) ??
    afterWeekday(raws, at, calendar) ??
    lettered(raws, at, calendar) ??
    endOf(raws, at, calendar) ??
    (ordinal ? ofTheMonth(ordinal, calendar.day) : null)
  );
}

function ofTheMonth(number: number, day: string): Found | null {
  const found = `${day.slice(0, 8)}${String(number).padStart(2, '0')}`;
  return isDay(found) ? { day: found, length: 1 } : null;
}
