import { accountOf, type Account, type Book } from '../book/book.js';
import { account, freeIdFrom } from '../book/new-book.js';
import { childrenOf, sectionIdOf } from '../book/place.js';
import type { Operation, OperationOf } from '../shapes/operation.js';
import { done, type Result } from '../refusal/refusal.js';
import { typeOf, typesOfSection, type AccountType } from '../scheme/scheme.js';
import { numberAt, siblingsIn } from './places.js';

const LONGEST = 120;

const lowered = (name: string): string =>
  /^\p{Lu}\p{Ll}/u.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;

/** Assets that last: nothing gathers what they have lost. */
const LASTING = /^(land|long-term)/;

/** The contra type of its section that gathers what an asset has lost; null for one that is not used up. */
function contraOf({ scheme }: Book, asset: Account): AccountType | null {
  const type = typeOf(scheme, asset.type);
  if (!type || type.contra || LASTING.test(type.id)) return null;
  const gathering = typesOfSection(scheme, type.section).filter(
    (each) => each.contra && each.role === 'accumulated-depreciation',
  );
  const isIntangible = type.id === 'intangible';
  const fitting = gathering.find(({ id }) => (id === 'accumulated-amortisation') === isIntangible);
  return fitting ?? gathering[0] ?? null;
}

/**
 * The operation that gives an asset its accumulated depreciation (or amortisation), as an account under it
 * with the next number. Null where there is nothing to add: no such asset, or it has one already.
 */
export function companionOf(book: Book, id: string): Result<OperationOf<'add-account'>> | null {
  const asset = accountOf(book, id);
  const contra = asset && contraOf(book, asset);
  if (!asset || !contra) return null;
  const children = childrenOf(book, id);
  if (children.some((child) => typeOf(book.scheme, child.type)?.contra)) return null;
  const name = `${contra.name}, ${lowered(asset.name)}`.slice(0, LONGEST);
  const spot = { type: contra.id, parent: id, after: children.at(-1) ?? null, before: null };
  const number = numberAt(book, spot, null);
  if (!number.ok) return number;
  const made = account(freeIdFrom(book, name), name, {
    type: contra.id,
    parent: id,
    number: number.value,
  });
  return done({ kind: 'add-account', account: made });
}

/** A name that no account has: (copy), then (copy 2) and so on. */
function copyName(book: Book, name: string): string {
  const taken = new Set(book.accounts.map((each) => each.name));
  const base = name.replace(/ \(copy(?: \d+)?\)$/, '').slice(0, LONGEST - 11);
  let copy = `${base} (copy)`;
  for (let n = 2; taken.has(copy); n++) copy = `${base} (copy ${n})`;
  return copy;
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
  const name = copyName(book, original.name);
  const made = {
    ...original,
    id: freeIdFrom(book, name),
    name,
    number: number.value,
    retired: false,
  };
  return done({ kind: 'add-account', account: made });
}
