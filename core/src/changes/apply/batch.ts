import type { Book, Entry } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { done, type Result } from '../../model/refusal/refusal.js';
import { apply } from './apply.js';
import type { Rules } from '../operation/operation.js';
import type { Operation } from '../../model/shapes/operation.js';

/** Whether entries wait in this company and are posted together. */
export const postsInBatches = (book: Book): boolean => book.company.posts === 'batches';

/** Lets an entry wait with the others, or puts one that waits right; or says why it could not be posted as the books stand. */
export function intoBatch(book: Book, entry: Entry, rules: Rules): Result<Operation> {
  const posted = apply(book, { kind: 'record-entry', entry }, rules);
  return posted.ok ? done({ kind: 'put-waiting', entry }) : posted;
}

/** Whether an entry of this id waits. */
export const waits = (book: Book, id: string): boolean =>
  subledgersOf(book).waiting.some((each) => each.id === id);

/** Posts all that waits, in one step that is undone in one: all of it, or nothing. */
export const postBatch = (book: Book): Operation => ({
  kind: 'several',
  operations: subledgersOf(book).waiting.flatMap((entry): Operation[] => [
    { kind: 'record-entry', entry },
    { kind: 'remove-waiting', id: entry.id },
  ]),
});
