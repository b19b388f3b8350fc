import { minorDigits } from '../money/amount.js';
import type { AmountWriting } from '../money/amount-marks.js';
import { dayText, type DayOrder } from '../day/calendar.js';
import { placeOfId, type Place } from './places.js';

/** How a company’s amounts and days are written. */
export type Writing = Place & AmountWriting;

interface Placed {
  /** ISO 4217. */
  readonly currency: string;
  /** ISO 3166-1; absent: it names none. */
  readonly place?: string | undefined;
}

/** A company’s way of writing: the decimals of its currency, all else of its place. */
export const writingOf = ({ currency, place }: Placed): Writing => ({
  ...placeOfId(place),
  digits: minorDigits(currency),
});

/** A day as a company’s sentences say it. */
export const saidOn = ({ company }: { readonly company: Placed }, day: string): string =>
  dayText(day, placeOfId(company.place).days);

/** The decimal mark that a company’s place settles; null: it names none, and a text has to tell it. */
export const usualDecimal = ({ place }: Pick<Placed, 'place'>): '.' | ',' | null =>
  place === undefined ? null : placeOfId(place).decimal;

/** What facts say of the order of days, so that their sentence has it; nothing where it is the usual one. */
export const orderIn = ({ place }: Pick<Placed, 'place'>): { readonly days?: DayOrder } => {
  const { days } = placeOfId(place);
  return days === 'day-first' ? {} : { days };
};

/** How names and numbers stand where no company says how. */
export const PLAIN_WRITING: Writing = { ...placeOfId(undefined), digits: 0 };

const collators = new Map<string, Intl.Collator>();

/** In which order names stand in a company’s lists: by its place’s alphabet, numbers by their worth. */
export function collatorOf({ place }: Pick<Placed, 'place'>): Intl.Collator {
  const { language } = placeOfId(place);
  const known =
    collators.get(language) ?? new Intl.Collator(language, { sensitivity: 'base', numeric: true });
  collators.set(language, known);
  return known;
}
