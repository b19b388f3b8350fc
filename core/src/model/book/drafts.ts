import type { Book, Entry } from './book.js';
import { withSubledgers } from './subledgers.js';

/** The book without the entries that wait and those that others begin from: what its keeper has not recorded is theirs. */
export const withoutDrafts = (book: Book): Book =>
  book.subledgers ? withSubledgers(book, { waiting: [], templates: [] }) : book;

/** Entries with other ids for their accounts. */
export const withLinesRenamed = (entries: readonly Entry[], own: (id: string) => string): Entry[] =>
  entries.map((entry) => ({
    ...entry,
    lines: entry.lines.map((line) => ({ ...line, account: own(line.account) })),
  }));

/** The book with other ids for the accounts of the entries that are not recorded in it. */
export function withDraftsRenamed(book: Book, own: (id: string) => string): Book {
  if (!book.subledgers) return book;
  const { waiting, templates } = book.subledgers;
  return withSubledgers(book, {
    waiting: withLinesRenamed(waiting, own),
    templates: templates.map((template) => ({
      ...template,
      entry: withLinesRenamed([template.entry], own)[0] ?? template.entry,
    })),
  });
}
