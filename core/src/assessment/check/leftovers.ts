import type { Account } from '../../model/book/book.js';
import { childrenOf } from '../../model/book/place.js';
import { isNamed, plainName } from '../../model/naming/names.js';
import { typeOf, type Scheme } from '../../model/scheme/scheme.js';
import type { Marking } from './marking.js';

/** An account of the work that stands for none of the key's, and the one that it repeats, if it does. */
export interface Leftover {
  readonly account: Account;
  readonly repeats: Account | null;
  /** The account that the key says is not to be set up, where it is that. */
  readonly forbidden: Account | null;
}

/** Whether differences wait on an account: by its type, or because it is called so. */
export const isSuspense = (scheme: Scheme, { type, name }: Account): boolean =>
  typeOf(scheme, type)?.role === 'suspense' || plainName(name).words.includes('suspense');

const lists = new WeakMap<Marking, readonly Leftover[]>();

/**
 * The accounts that are too many: told once for all checks of a work. What is retired and at zero is out of the way;
 * where differences wait is looked at by itself; a result that only passes through at the year's end, and an account
 * without figures that only heads others, are nothing too many.
 */
export function leftoversOf(marking: Marking): readonly Leftover[] {
  const known = lists.get(marking);
  if (known) return known;
  const { byWork, forbidden } = marking.compared.recognition;
  const list = marking.work.accounts
    .filter(({ id }) => !byWork.has(id))
    .filter((account) => forbidden.has(account.id) || !isOutOfTheWay(marking, account))
    .map((account) => ({
      account,
      repeats: repeatedBy(marking, account),
      forbidden: forbidden.get(account.id) ?? null,
    }));
  lists.set(marking, list);
  return list;
}

function isOutOfTheWay(marking: Marking, account: Account): boolean {
  const { scheme } = marking.work;
  if (isSuspense(scheme, account)) return true;
  const { opening = 0, closing = 0, turnover = 0 } = marking.workTraits.get(account.id) ?? {};
  if (closing !== 0) return false;
  if (account.retired || typeOf(scheme, account.type)?.role === 'income-summary') return true;
  const heads = account.headsOnly || childrenOf(marking.work, account.id).length > 0;
  return heads && opening === 0 && turnover === 0;
}

/** The account that one repeats: recognised, and called exactly so. */
function repeatedBy(marking: Marking, account: Account): Account | null {
  const name = plainName(account.name);
  const same = marking.work.accounts.find(
    (each) =>
      each.id !== account.id &&
      marking.compared.recognition.byWork.has(each.id) &&
      isNamed(plainName(each.name), name),
  );
  return same ?? null;
}
