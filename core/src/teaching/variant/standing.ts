import type { Book } from '../../model/book/book.js';
import { balancesOf, ledgerOf } from '../../accounting/ledger/balances.js';
import { typeOf } from '../../model/scheme/scheme.js';

/** The accounts of cash that stand below zero on some day; and all that come to zero at the end. */
export interface Standing {
  readonly below: ReadonlySet<string>;
  readonly cleared: ReadonlySet<string>;
}

const isCash = (book: Book, type: string | null): boolean =>
  typeOf(book.scheme, type)?.role === 'cash';

export function standing(book: Book): Standing {
  const ledger = ledgerOf(book);
  const below = book.accounts.filter(
    ({ id, type }) =>
      isCash(book, type) && endsOfDays(ledger.get(id) ?? []).some((each) => each < 0),
  );
  const balances = balancesOf(book);
  const cleared = [...ledger.keys()].filter((id) => (balances.get(id) ?? 0) === 0);
  return { below: new Set(below.map(({ id }) => id)), cleared: new Set(cleared) };
}

const endsOfDays = (lines: readonly { date: string; balance: number }[]): number[] =>
  lines.filter(({ date }, i) => lines[i + 1]?.date !== date).map(({ balance }) => balance);

/** Whether no account of cash is overdrawn that was not, and none is left open that came to zero. */
export function standsAlike(usual: Standing, now: Standing): boolean {
  return (
    [...now.below].every((id) => usual.below.has(id)) &&
    [...usual.cleared].every((id) => now.cleared.has(id))
  );
}
