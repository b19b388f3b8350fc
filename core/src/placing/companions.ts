import { accountOf, type Account, type Book } from '../book/book.js';
import { account, accountIdFor } from '../book/new-book.js';
import { childrenOf, sectionIdOf } from '../book/place.js';
import type { Operation } from '../operation/operation.js';
import { done, type Result } from '../refusal/refusal.js';
import { sectionOfType, typeOf } from '../scheme/scheme.js';
import { numberAt, siblingsIn } from './places.js';

const LONGEST = 120;

const lowered = (name: string): string =>
  /^\p{Lu}\p{Ll}/u.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;

/** The contra type that gathers what an asset has lost; null for one that is not used up. */
function contraOf(book: Book, asset: Account): { type: string; name: string } | null {
  const type = typeOf(book.scheme, asset.type);
  const section = sectionOfType(book.scheme, asset.type);
  const isUsedUp =
    section?.id === 'non-current-assets' &&
    type &&
    !type.contra &&
    !/^(land|long-term)/.test(type.id);
  if (!isUsedUp) return null;
  return type.id === 'intangible'
    ? { type: 'accumulated-amortisation', name: 'Accumulated amortisation' }
    : { type: 'accumulated-depreciation', name: 'Accumulated depreciation' };
}

/**
 * The operation that gives an asset its accumulated depreciation (or amortisation), as an account under it
 * with the next number. Null where there is nothing to add: no such asset, or it has one already.
 */
export function companionOf(book: Book, id: string): Result<Operation> | null {
  const asset = accountOf(book, id);
  const contra = asset && contraOf(book, asset);
  if (!asset || !contra || !typeOf(book.scheme, contra.type)) return null;
  const children = childrenOf(book, id);
  if (children.some((child) => typeOf(book.scheme, child.type)?.contra)) return null;
  const name = `${contra.name}, ${lowered(asset.name)}`.slice(0, LONGEST);
  const spot = { type: contra.type, parent: id, after: children.at(-1) ?? null, before: null };
  const number = numberAt(book, spot, null);
  if (!number.ok) return number;
  const made = account(accountIdFor(book, name), name, {
    type: contra.type,
    parent: id,
    number: number.value,
  });
  return done({ kind: 'add-account', account: made });
}

/** The operation that adds an account like another, right behind it, with a free number of its own. */
export function duplicateOf(book: Book, id: string): Result<Operation> {
  const original = accountOf(book, id) as Account;
  const siblings = siblingsIn(book, sectionIdOf(book, original), original.parent);
  const at = siblings.findIndex((each) => each.id === id);
  const spot = {
    type: original.type,
    parent: original.parent,
    after: original,
    before: siblings[at + 1] ?? null,
  };
  const number = original.number === null ? done(null) : numberAt(book, spot, null);
  if (!number.ok) return number;
  const name = `${original.name.slice(0, LONGEST - 7)} (copy)`;
  const made = {
    ...original,
    id: accountIdFor(book, name),
    name,
    number: number.value,
    retired: false,
  };
  return done({ kind: 'add-account', account: made });
}
