import { accountOf, type Account, type Book } from '../book/book.js';
import { chartOf, NOT_PLACED, sectionIdOf, takenNumbers, type ChartRow } from '../book/place.js';
import { freeChildNumber, freeNumber, type Band } from '../numbering/index.js';
import { numberKey } from '../shapes/account-number.js';
import { bandOfSection, bandOfType, inBand, keptWithin } from '../numbering/number-plan.js';
import { done, type Result } from '../refusal/refusal.js';
import { typeGuess } from '../naming/guess-type.js';

/** The accounts of a section that share a parent, in the order shown. */
export function siblingsIn(book: Book, section: string, parent: string | null): Account[] {
  const rows = chartOf(book).get(section) ?? [];
  return rows.map((row) => row.account).filter((account) => account.parent === parent);
}

/** The sections in the order shown; what has no place yet waits before them. */
export const sectionOrder = (book: Book): string[] => [
  ...(chartOf(book).has(NOT_PLACED) ? [NOT_PLACED] : []),
  ...book.scheme.sections.map((section) => section.id),
];

/** Every row of the chart in the order shown, sections in the scheme's order. */
export const rowsOf = (book: Book): ChartRow[] =>
  sectionOrder(book).flatMap((section) => [...(chartOf(book).get(section) ?? [])]);

/** A type taken from a name, and whether that is a guess. */
export interface TypeTaken {
  readonly type: string | null;
  readonly guessed: boolean;
}

/** The type that an account of this name gets in a section; null where accounts have no place. */
export function typeAt(book: Book, section: string, name: string): TypeTaken {
  const guess = section === NOT_PLACED ? null : typeGuess(book.scheme, name, section);
  return { type: guess?.type.id ?? null, guessed: guess !== null && !guess.isSure };
}

/** Where a number is wanted: the neighbours on either side, by their numbers. */
export interface Spot {
  readonly type: string | null;
  readonly parent: string | null;
  readonly after: Account | null;
  readonly before: Account | null;
}

/**
 * A free number for a spot, by the book's plan; null when the book has no plan, the plan has no band for
 * the type, or the account has no place. Refused when the gap between the neighbours is full.
 */
export function numberAt(book: Book, spot: Spot, except: string | null): Result<string | null> {
  const plan = book.numberPlan;
  const band = plan ? bandOfType(plan, book.scheme, spot.type) : null;
  if (!plan || !band) return done(null);
  const taken = takenNumbers(book, except);
  const parent = accountOf(book, spot.parent);
  if (parent?.number)
    return freeChildNumber(plan, {
      parent: parent.number,
      last: spot.after?.number ?? null,
      before: spot.before?.number ?? null,
      band,
      taken,
    });
  const inside = (number: string | null) =>
    number !== null && inBand(band, number) ? number : null;
  const before = inside(spot.before?.number ?? null);
  const after = lastOf(book, spot.after, except) ?? spot.after?.number ?? null;
  const behind = inside(after) ?? (before === null ? lastTaken(band, taken) : null);
  const kept = keptWithin(plan, book.scheme, band);
  return freeNumber(plan, { band, after: behind, before, taken, kept });
}

/** Of a band whose accounts stand among others: the last of its own that is taken; null where all of it is free. */
function lastTaken(band: Band, taken: ReadonlySet<string>): string | null {
  let last: string | null = null;
  for (const number of taken)
    if (inBand(band, number) && (last === null || number > last)) last = number;
  return last;
}

/** The last number of an account and what stands under it: what comes next goes behind its children. */
function lastOf(book: Book, account: Account | null, except: string | null): string | null {
  if (!account) return null;
  const rows = chartOf(book).get(sectionIdOf(book, account)) ?? [];
  const at = rows.findIndex((row) => row.account.id === account.id);
  const own = rows[at];
  let last = account.number;
  for (let i = at + 1; own && (rows[i]?.depth ?? 0) > own.depth; i++) {
    const number = rows[i]?.account.number ?? null;
    const counts = number !== null && rows[i]?.account.id !== except;
    if (counts && (last === null || numberKey(number) > numberKey(last))) last = number;
  }
  return last;
}

/** The band of a section's usual type, for the ruler beside it; null without a plan. */
export function bandOf(book: Book, section: string): Band | null {
  const { numberPlan: plan } = book;
  return plan && bandOfSection(plan, section);
}
