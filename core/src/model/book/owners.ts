import { accountOf, type Book } from './book.js';

const wordsOf = (book: Book, id: string): string[] =>
  (accountOf(book, id)?.name ?? '').toLowerCase().split(/[^\p{L}\p{N}]+/u);

/**
 * Which of several accounts an account belongs to: the one under which it stands, else the only one that shares most
 * words with its name (`Drawings, Fen` and `Capital, Fen`); null where none can be told.
 */
export function ownerAmong(book: Book, ids: readonly string[], id: string): string | null {
  const parent = accountOf(book, id)?.parent ?? null;
  if (parent !== null && ids.includes(parent)) return parent;
  const words = new Set(wordsOf(book, id).filter((word) => word !== ''));
  const shared = ids.map((each) => wordsOf(book, each).filter((word) => words.has(word)).length);
  const most = Math.max(0, ...shared);
  if (most === 0 || shared.filter((n) => n === most).length > 1) return null;
  return ids[shared.indexOf(most)] ?? null;
}
