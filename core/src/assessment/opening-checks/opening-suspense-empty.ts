import { balancesOf, suspenseOf } from '../../accounting/ledger/balances.js';
import type { Book } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { accountLeftover } from '../account-checks/account-leftover.js';
import type { Check } from '../check/check.js';
import { BOOK } from '../check/finding.js';
import { isSuspense } from '../check/leftovers.js';
import { openingBalanced, openingRoots } from './opening-balanced.js';
import { atEach } from '../check/worth.js';

function inSuspense(book: Book): Amount {
  const balances = balancesOf(book);
  const own = book.accounts.filter((each) => isSuspense(book.scheme, each));
  const ids = new Set([...own.map((account) => account.id), suspenseOf(book).id]);
  let total = 0;
  for (const id of ids) total += balances.get(id) ?? 0;
  return total;
}

const remembered = new WeakMap<Book, Amount>();

/** The key is the same for every work that is checked with it. */
function inSuspenseOfKey(book: Book): Amount {
  const known = remembered.get(book);
  if (known !== undefined) return known;
  const found = inSuspense(book);
  remembered.set(book, found);
  return found;
}

type Found = { readonly found: string };

export const openingSuspenseEmpty: Check<'opening.suspense-empty', Found> = {
  id: 'opening.suspense-empty',
  title: 'Suspense empty',
  fault: 'Something waits in suspense',
  compares: 'Nothing waits in suspense that does not wait there in the key.',
  looksAt: { opening: ['balances'] },
  aims: ['setting-up', 'books'],
  points: atEach(1),
  run(marking) {
    const wanted = inSuspenseOfKey(marking.key.book);
    const found = inSuspense(marking.work);
    const subject = BOOK;
    const facts = () => ({ found: marking.money(Math.abs(found)) });
    if (found === wanted) return [{ subject, outcome: 'met', facts }];
    const from = [...openingRoots(marking), ...marking.rootsOf(openingBalanced.id)];
    const left = marking.results
      .filter((result) => result.check === accountLeftover.id && result.outcome === 'not-met')
      .map((result) => result.ref);
    const roots = [...new Set([...from, ...left])];
    return [{ subject, outcome: roots.length > 0 ? 'follows' : 'not-met', facts, from: roots }];
  },
  says: (facts, outcome) =>
    outcome === 'met'
      ? 'Nothing waits in suspense.'
      : {
          there: `${facts.found} waits in suspense, an account that only keeps what is not explained yet.`,
          belongs: 'Nothing waits there.',
          now: 'Find out what it is, and place it.',
        },
};
