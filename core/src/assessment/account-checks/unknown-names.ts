import { accountOf, type Account, type Book } from '../../model/book/book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { balancesOf } from '../../accounting/ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { acceptedFor, type AnswerKey } from '../key/answer-key.js';
import type { PairedIds } from '../key/paired-entries.js';
import { nameSays } from './other-name.js';

/** A name in a work of which the program does not know whether it says what the key's does: it costs nothing, and is asked. */
export interface UnknownName {
  /** The key's account, by id. */
  readonly account: string;
  readonly name: string;
  /** What the account of the work stands at after all its entries: minor units, debit positive. */
  readonly balance: Amount;
}

const classIn = (book: Book, account: Account) => sectionOfAccount(book, account)?.class;

/** The names of accounts that were recognised one by one, and that say neither the same nor something else. */
export function unknownNames(
  key: AnswerKey,
  work: Book,
  pairs: readonly PairedIds[],
): UnknownName[] {
  const balances = balancesOf(work);
  return pairs.flatMap(({ keys, works }) => {
    if (keys.length !== 1 || works.length !== 1) return [];
    const right = accountOf(key.book, keys[0] ?? null);
    const found = accountOf(work, works[0] ?? null);
    if (!right || !found || right.name === found.name) return [];
    // Where it stands in another class its place is told, and its name goes with it.
    if (classIn(key.book, right) !== classIn(work, found)) return [];
    const accepted = acceptedFor(key, right.id);
    const says = nameSays({ book: key.book, key: right, work: found, accepted });
    const balance = balances.get(found.id) ?? 0;
    return says === 'unknown' ? [{ account: right.id, name: found.name, balance }] : [];
  });
}
