import type { Book, Entry } from '../book/book.js';
import { dealingsOf } from '../book/dealings.js';
import { done, type Result } from '../refusal/refusal.js';
import { apply } from './apply.js';
import type { Operation, Rules } from './operation.js';

/** Whether entries wait in this company and are posted together. */
export const postsInBatches = (book: Book): boolean => book.company.posts === 'batches';

/** Lets an entry wait with the others, or says why it could not be posted as the books stand. */
export function intoBatch(book: Book, entry: Entry, rules: Rules): Result<Operation> {
  const posted = apply(book, { kind: 'record-entry', entry }, rules);
  if (!posted.ok) return posted;
  return done({ kind: 'put-waiting', entries: [...dealingsOf(book).waiting, entry] });
}

/** The batch without one of its entries. */
export const outOfBatch = (book: Book, id: string): Operation => ({
  kind: 'put-waiting',
  entries: dealingsOf(book).waiting.filter((each) => each.id !== id),
});

/** Posts all that waits, in one step that is undone in one: all of it, or nothing. */
export const postBatch = (book: Book): Operation => ({
  kind: 'several',
  operations: [
    { kind: 'put-waiting', entries: [] },
    ...dealingsOf(book).waiting.map((entry) => ({ kind: 'record-entry' as const, entry })),
  ],
});
