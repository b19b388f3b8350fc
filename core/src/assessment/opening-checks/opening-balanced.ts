import { openingDifference } from '../../accounting/ledger/balances.js';
import { accountLeftover } from '../account-checks/account-leftover.js';
import type { Check } from '../check/check.js';
import { openingAmount } from './opening-amount.js';
import { BOOK } from '../check/finding.js';
import { keyOpens } from './opening-facts.js';
import type { Marking } from '../check/marking.js';
import { atEach } from '../check/worth.js';

/** The faults already marked that put the opening balances out of balance. */
export function openingRoots(marking: Marking): string[] {
  const refs = marking.results
    .filter(
      ({ check, outcome, subject }) =>
        (check === openingAmount.id && outcome !== 'met') ||
        (check === accountLeftover.id &&
          outcome === 'not-met' &&
          (marking.workTraits.get(subject.id)?.opening ?? 0) !== 0),
    )
    .map((result) => result.ref);
  return marking.rootsOf(...refs);
}

type Found = { readonly difference: string; readonly more: string };

export const openingBalanced: Check<'opening.balanced', Found> = {
  id: 'opening.balanced',
  title: 'Opening in balance',
  fault: 'Opening out of balance',
  compares: 'The opening balances’ debits equal their credits.',
  looksAt: { opening: ['balances'] },
  answersFor: 'opening',
  aims: ['setting-up', 'books'],
  points: atEach(1),
  run(marking) {
    if (!keyOpens(marking)) return [];
    const difference = openingDifference(marking.work);
    const facts = () => ({
      difference: marking.money(Math.abs(difference)),
      more: difference > 0 ? 'debit' : 'credit',
    });
    const subject = BOOK;
    if (difference === openingDifference(marking.key.book))
      return [{ subject, outcome: 'met', facts }];
    const from = openingRoots(marking);
    return [{ subject, outcome: from.length > 0 ? 'follows' : 'not-met', facts, from }];
  },
  says: (facts, outcome) =>
    outcome === 'met'
      ? 'The opening balances are in balance.'
      : {
          there: `The opening balances have ${facts.difference} more in ${facts.more}; the difference waits in suspense, an account that only keeps what is not explained yet.`,
          belongs: 'Debits and credits are equal.',
          why: 'All that a business has belongs to somebody: to those it owes, or to its owners.',
          now: `Look for an amount of ${facts.difference} that is missing, or for half of it on the wrong side.`,
        },
};
