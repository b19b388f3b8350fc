import { freeIdFrom, account } from '../book/new-book.js';
import { accountOf, type Account, type Book } from '../book/book.js';
import { sectionIdOf, takenNumbers } from '../book/place.js';
import { freeNumber } from '../numbering/index.js';
import { bandOfType, keptWithin } from '../numbering/number-plan.js';
import type { Result } from '../refusal/refusal.js';
import { siblingsIn, numberAt, typeAt, type TypeTaken } from './places.js';

/** What an account typed at a place would be: type and number follow the place. */
export interface Draft extends TypeTaken {
  /** Null when the book has no numbers, or the band is full. */
  readonly number: string | null;
  /** Why there is none, and what can be done; null where there is one, or none is wanted. */
  readonly full: string | null;
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
  const spot = { type, parent: parent ?? null, before: null };
  const behind = numberAt(book, { ...spot, after }, null);
  const number = behind.ok ? behind : anywhere(book, type, behind);
  const full = number.ok ? null : (number.refusals[0]?.says ?? null);
  return { ...taken, number: number.ok ? number.value : null, full };
}

/** Where nothing is free behind the others: any number of the band. */
function anywhere(
  book: Book,
  type: string | null,
  otherwise: Result<string | null>,
): Result<string | null> {
  const plan = book.numberPlan;
  const band = plan && bandOfType(plan, book.scheme, type);
  if (!band) return otherwise;
  const taken = takenNumbers(book, null);
  const kept = keptWithin(plan, book.scheme, band);
  return freeNumber(plan, { band, after: null, before: null, taken, kept });
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
