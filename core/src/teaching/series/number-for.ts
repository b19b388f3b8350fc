import type { Book } from '../../model/book/book.js';
import { takenNumbers } from '../../model/book/place.js';
import { bandOfType, freeNumber } from '../../model/numbering/index.js';

/** A free number in the band of a type; null where the book has no numbers, or none is left. */
export function freePlace(book: Book, type: string | null): string | null {
  if (!book.numberPlan) return null;
  const band = bandOfType(book.numberPlan, book.scheme, type);
  if (!band) return null;
  const gap = { band, after: null, before: null, taken: takenNumbers(book) };
  const found = freeNumber(book.numberPlan, gap);
  return found.ok ? found.value : null;
}
