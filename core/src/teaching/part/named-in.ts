import { accountLabel, accountOf, type Book } from '../../model/book/book.js';
import type { Named } from './part-tree.js';

/** How people call an account or an entry of a book. */
export const namedIn =
  (book: Book): Named =>
  (id) => {
    const account = accountOf(book, id);
    if (account) return accountLabel(account);
    return book.entries.find((entry) => entry.id === id)?.text || id;
  };
