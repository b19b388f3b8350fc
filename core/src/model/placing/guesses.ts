import { accountOf, type Account, type Book } from '../book/book.js';
import type { Operation } from '../shapes/operation.js';

/** The accounts in use whose type nobody has said: it was taken from their name. */
export const guessesIn = ({ accounts }: Book): Account[] =>
  accounts.filter(({ guessed, retired, type }) => guessed && !retired && type !== null);

/** Says that the types of these accounts are right, all in one step that is undone in one. */
export const guessesSettled = (book: Book, ids: readonly string[]): Operation => ({
  kind: 'several',
  operations: ids.flatMap((id): Operation[] => {
    const account = accountOf(book, id);
    if (!account) return [];
    const { type, parent, number } = account;
    return [{ kind: 'move-account', id, type, guessed: false, parent, number }];
  }),
});
