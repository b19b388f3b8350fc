import type { Book } from '../../model/book/book.js';
import { apply } from './apply.js';
import type { Operation } from '../../model/shapes/operation.js';

/** One change of a book's history, the latest first. */
export interface HistoryStep {
  readonly operation: Operation;
  readonly inverse: Operation;
}

/**
 * The book before each step of its history, going back from how it stands: as many as can be told. The
 * first answer is the book before the latest step.
 */
export function booksBefore(now: Book, steps: readonly HistoryStep[]): Book[] {
  const found: Book[] = [];
  let at = now;
  for (const { inverse } of steps) {
    const undone = apply(at, inverse);
    if (!undone.ok) return found;
    at = undone.value.book;
    found.push(at);
  }
  return found;
}

/** The one operation that takes a book back before the latest `count` steps. */
export const backBefore = (steps: readonly HistoryStep[], count: number): Operation => ({
  kind: 'several',
  operations: steps.slice(0, count).map((step) => step.inverse),
});
