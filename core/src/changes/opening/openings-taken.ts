import { accountOf, openingOf, type Account, type Book } from '../../model/book/book.js';
import { account, freeIdFrom } from '../../model/book/new-book.js';
import { plainName, similarity } from '../../model/naming/names.js';
import type { Amount } from '../../model/money/amount.js';
import { numberKey } from '../../model/shapes/account-number.js';
import { apply } from '../apply/apply.js';
import type { Operation } from '../../model/shapes/operation.js';
import { draftAt } from '../../model/placing/new-account.js';
import { sectionOfType } from '../../model/scheme/scheme.js';
import { NOT_PLACED } from '../../model/book/place.js';

/** A balance from elsewhere that is to become an opening balance. */
export interface BalanceFound {
  /** What names it among the others: its row. */
  readonly row: number;
  readonly number: string | null;
  readonly name: string;
  /** The type that it has there, or that its name suggests; null: not known. */
  readonly type: string | null;
  /** Minor units, debit positive. */
  readonly amount: Amount;
}

/** Where a balance goes: the id of an account; a new one; or nowhere. */
export type Goes = string | typeof NEW_ACCOUNT | typeof NOWHERE;
export const NEW_ACCOUNT = '+new';
export const NOWHERE = '';

/** From here on a name says the same. */
const SAME = 0.6;

type Fits = (found: BalanceFound, account: Account) => number;

const sameNumber = (found: BalanceFound, { number }: Account): boolean =>
  found.number !== null && number !== null && numberKey(found.number) === numberKey(number);

const likeness: Fits = (found, { name }) => similarity(plainName(found.name), plainName(name));

/** In the order of their certainty: number and name; the very name; the number; what the name says. */
const WAYS: readonly Fits[] = [
  (found, each) => (sameNumber(found, each) && likeness(found, each) >= SAME ? 1 : 0),
  (found, each) => (likeness(found, each) === 1 ? 1 : 0),
  (found, each) => (sameNumber(found, each) ? 1 : 0),
  (found, each) => {
    const like = likeness(found, each);
    return like >= SAME ? like : 0;
  },
];

/** The account that fits best among those that are free; null where none does. */
function bestOf(found: BalanceFound, free: ReadonlySet<Account>, fits: Fits): Account | null {
  let best: Account | null = null;
  let most = 0;
  for (const account of free) {
    const by = fits(found, account);
    if (by > most) [best, most] = [account, by];
  }
  return best;
}

/** Which account each balance goes to, as far as numbers and names tell: none twice. */
export function proposedGoing(
  book: Book,
  found: readonly BalanceFound[],
): ReadonlyMap<number, Goes> {
  const going = new Map<number, Goes>();
  const free = new Set(book.accounts.filter(({ retired, headsOnly }) => !retired && !headsOnly));
  for (const fits of WAYS)
    for (const each of found) {
      const best = going.has(each.row) ? null : bestOf(each, free, fits);
      if (!best) continue;
      free.delete(best);
      going.set(each.row, best.id);
    }
  return going;
}

/** What sets up an account for a balance, at the place that its type says. */
function newFor(book: Book, { name, number, type }: BalanceFound): Account {
  const section = sectionOfType(book.scheme, type)?.id ?? NOT_PLACED;
  const draft = draftAt(book, section, { name });
  return account(freeIdFrom(book, name), name.trim().slice(0, 120), {
    type,
    number: number ?? draft.number,
  });
}

/**
 * One operation that makes balances from elsewhere opening balances, and sets up the accounts that are wanted for them;
 * several that go to one account are added up. What it opens at already is replaced. `at`: their day; null: as it is.
 */
export function takingOpenings(
  book: Book,
  found: readonly BalanceFound[],
  {
    going,
    at = null,
  }: { readonly going: ReadonlyMap<number, Goes>; readonly at?: string | null | undefined },
): Operation {
  const operations: Operation[] = at === null ? [] : [{ kind: 'set-opening-date', date: at }];
  const sums = new Map<string, Amount>();
  let grown = book;
  for (const each of found) {
    const goes = going.get(each.row) ?? NOWHERE;
    if (goes === NOWHERE) continue;
    let id = goes;
    if (goes === NEW_ACCOUNT) {
      const add: Operation = { kind: 'add-account', account: newFor(grown, each) };
      const applied = apply(grown, add);
      if (applied.ok) grown = applied.value.book;
      operations.push(add);
      id = add.account.id;
    }
    sums.set(id, (sums.get(id) ?? 0) + each.amount);
  }
  for (const [id, amount] of sums)
    if (!accountOf(book, id) || openingOf(book, id) !== amount)
      operations.push({ kind: 'set-opening', id, amount });
  return { kind: 'several', operations };
}
