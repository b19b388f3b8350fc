import { accountOf, type Account, type Book } from '../book/book.js';
import { childrenOf, sectionIdOf } from '../book/place.js';
import { compareNumbers } from '../shapes/account-number.js';
import { numberAt, siblingsIn } from './places.js';

/** Whether a number stands behind its parent’s, near it or behind another child, and before the next account beside the parent. */
function standsBehind(book: Book, parent: Account, { id, number }: Account): boolean {
  if (number === null || parent.number === null) return false;
  if (compareNumbers(number, parent.number) <= 0) return false;
  const beside = siblingsIn(book, sectionIdOf(book, parent), parent.parent);
  const own = parent.number;
  const next = beside.find(({ number: each }) => each !== null && compareNumbers(each, own) > 0);
  if (next?.number && compareNumbers(number, next.number) >= 0) return false;
  const isNear = Number(number) - Number(own) < (book.numberPlan?.step ?? 0);
  return isNear || childrenOf(book, parent.id).some((each) => each.id !== id && each.number);
}

/** The number that fits an account behind its parent, where it has another one or none; null where it stands well, or none is free. */
export function numberUnderParent(book: Book, id: string): string | null {
  const account = accountOf(book, id);
  const parent = accountOf(book, account?.parent ?? null);
  if (!account || !parent || parent.number === null) return null;
  if (standsBehind(book, parent, account)) return null;
  const after = childrenOf(book, parent.id)
    .filter((each) => each.id !== id && each.number)
    .at(-1);
  const spot = { type: account.type, parent: parent.id, after: after ?? null, before: null };
  const free = numberAt(book, spot, id);
  return free.ok && free.value !== account.number ? free.value : null;
}
