import { freeIdFrom, account } from '../book/new-book.js';
import { accountOf, type Account, type Book } from '../book/book.js';
import { sectionIdOf } from '../book/place.js';
import { siblingsIn, numberAt, typeAt, type TypeTaken } from './places.js';

/** What an account typed at a place would be: type and number follow the place. */
export interface Draft extends TypeTaken {
  /** Null when the book has no numbers, or the band is full. */
  readonly number: string | null;
}

/** What a name typed at the end of a section (or under a parent) would become. */
export function draftAt(
  book: Book,
  section: string,
  { name, parent }: { readonly name: string; readonly parent?: string | undefined },
): Draft {
  const above = accountOf(book, parent ?? null);
  const taken = typeAt(book, above ? sectionIdOf(book, above) : section, name);
  const { type } = taken;
  const after = siblingsIn(book, section, parent ?? null).at(-1) ?? null;
  const number = numberAt(book, { type, parent: parent ?? null, after, before: null }, null);
  return { ...taken, number: number.ok ? number.value : null };
}

/** The account that a name typed at a place becomes; a number that was typed goes before the proposed one. */
export function accountAt(
  book: Book,
  section: string,
  typed: { readonly name: string; readonly number: string | null },
): Account {
  const name = typed.name.trim();
  const draft = draftAt(book, section, { name });
  return account(freeIdFrom(book, name), name, {
    type: draft.type,
    guessed: draft.guessed,
    number: typed.number ?? draft.number,
  });
}
