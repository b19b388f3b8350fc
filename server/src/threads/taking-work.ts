import { compactBook, workFromTable, type Refusal } from '@gleddo/core';
import { readKeyText, type IncomingTable, type KeyText } from './checking.js';
import { preparedFrom, type PreparedBook, type Sent } from './prepared-book.js';

/** A work as it came in a file: a table, or a whole book. */
export interface FiledContent {
  readonly key: KeyText;
  readonly table: IncomingTable | null;
  readonly book: object | null;
  /** Whether the student hands it in: then what is kept to be looked at tells nothing of the key. */
  readonly isOwn: boolean;
}

/**
 * A work made ready to be kept. One of a table is made of the table whenever it is checked; the book that is kept beside
 * it is to be looked at, and the start stands for it where it could not be opened (a number that stands twice) or
 * nothing could be read.
 */
export function takeWork({ key: text, table, book, isOwn }: FiledContent): Sent<PreparedBook> {
  if (book !== null) return preparedFrom(book);
  if (!table) return { ok: false, refusals: [nothingSent()] };
  const { key, start } = readKeyText(text);
  const bare = () => preparedFrom(JSON.parse(compactBook(start)) as object);
  if (table.refused) return bare();
  const by = isOwn ? { ...key, book: { ...key.book, accounts: start.accounts } } : key;
  const work = workFromTable(by, table.cells, table);
  if (!work.ok) return work;
  const made = preparedFrom(JSON.parse(compactBook(work.value.book)) as object);
  return made.ok ? made : bare();
}

const nothingSent = (): Refusal => ({
  code: 'file.empty',
  at: '',
  facts: {},
  says: 'Neither a table nor a book was sent. Choose the file again.',
});
