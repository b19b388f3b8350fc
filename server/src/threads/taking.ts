import type { Refusal } from '@gleddo/core';
import { BodyRefused, parsedBody } from '../http/json-body.js';
import { preparedFrom, type PreparedBook, type Sent } from './prepared-book.js';

const refusal = (code: string, at: string, says: string): Refusal => ({
  code,
  at,
  facts: {},
  says,
});

export const noBook = (): Refusal =>
  refusal('company.no-book', 'book', 'The company’s book is missing. Send it as “book”.');

const besides = (field: string): Refusal => {
  const shown = JSON.stringify(field.slice(0, 60));
  return refusal('body', '', `There is no field ${shown} here. Send the company’s “book” alone.`);
};

/** The book of a request's body, `{ "book": … }`, judged and made ready to be kept. */
export function takeBook(body: Uint8Array): Sent<PreparedBook> {
  try {
    const { book, ...rest } = parsedBody(Buffer.from(body).toString('utf8')) as { book?: unknown };
    const [other] = Object.keys(rest);
    if (other !== undefined) return { ok: false, refusals: [besides(other)] };
    if (typeof book !== 'object' || book === null) return { ok: false, refusals: [noBook()] };
    return preparedFrom(book);
  } catch (error) {
    if (!(error instanceof BodyRefused)) throw error;
    return { ok: false, refusals: [refusal('body', '', error.message)] };
  }
}
