import { setPriority } from 'node:os';
import { readBook } from '@gleddo/core';
import { changeText } from './changing.js';
import { check, checkToKeep } from './checking.js';
import { preparedFrom, type PreparedBook, type Sent } from './prepared-book.js';
import { BodyRefused, parsedBody } from '../http/json-body.js';

/** What other threads do than the one that answers requests. Each function is a task, called by its name. */
const LESS_PRESSING = 10;
try {
  // On Linux this is the thread's own: who waits for an answer goes before who waits for a mark.
  setPriority(LESS_PRESSING);
} catch {
  // Then all are alike.
}

/** The book of a request's body, judged and made ready to be kept. */
export function takeBook(body: Uint8Array): Sent<PreparedBook> {
  try {
    const { book } = parsedBody(Buffer.from(body).toString('utf8')) as { book?: unknown };
    return preparedFrom(book);
  } catch (error) {
    if (!(error instanceof BodyRefused)) throw error;
    const { message: says } = error;
    return { ok: false, refusals: [{ code: 'body', at: '', facts: {}, says }] };
  }
}

/** Whether a text is a book that can be read. */
export function judge(text: string): Sent<null> {
  const read = readBook(text);
  return read.ok ? { ok: true, value: null } : read;
}

export { changeText, check, checkToKeep };
