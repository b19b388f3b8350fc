import type { Book } from '../../model/book/book.js';
import { apply } from './apply.js';
import type { Operation } from '../../model/shapes/operation.js';
import { done, type Result } from '../../model/refusal/refusal.js';

/**
 * One operation that does something to each of several accounts, each step made on the book as the steps
 * before have left it. Refused as a whole, with the reason of the first that can't be done.
 */
export function forEachAccount(
  book: Book,
  ids: readonly string[],
  make: (book: Book, id: string) => Result<Operation>,
): Result<Operation> {
  let at = book;
  const operations: Operation[] = [];
  for (const id of ids) {
    const made = make(at, id);
    if (!made.ok) return made;
    const applied = apply(at, made.value);
    if (!applied.ok) return applied;
    operations.push(made.value);
    at = applied.value.book;
  }
  return done({ kind: 'several', operations });
}
