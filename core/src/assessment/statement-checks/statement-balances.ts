import { openingDifference } from '../../accounting/ledger/balances.js';
import type { Check } from '../check/check.js';
import { openingBalanced } from '../opening-checks/opening-balanced.js';
import { BOOK } from '../check/finding.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { atEach } from '../check/worth.js';

type Found = { readonly difference?: string };

export const statementBalances: Check<'statement.balances', Found> = {
  id: 'statement.balances',
  title: 'Assets = liabilities + equity',
  fault: 'Out of balance',
  compares: 'The balance sheet is in balance without leaning on suspense.',
  looksAt: { opening: ['balances'] },
  points: atEach(1),
  run(marking) {
    const sheet = marking.key.statementDates.some((date) => date.statement === 'balance-sheet');
    if (!sheet) return [];
    const subject = BOOK;
    if (!marking.says('statements'))
      return [{ subject, outcome: 'cannot-judge', facts: () => ({}) }];
    const difference = openingDifference(marking.work);
    const facts = () => ({ difference: marking.money(Math.abs(difference)) });
    if (difference === openingDifference(marking.key.book))
      return [{ subject, outcome: 'met', facts }];
    const from = marking.rootsOf(openingBalanced.id);
    return [{ subject, outcome: from.length > 0 ? 'follows' : 'not-met', facts, from }];
  },
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NOT_SAID.statements;
    return outcome === 'met'
      ? 'Assets equal liabilities and equity.'
      : {
          there: `The balance sheet is in balance only with ${facts.difference} in suspense, an account that only keeps what is not explained yet.`,
          belongs: 'Assets equal liabilities and equity by themselves.',
          now: 'Find what the difference is, and enter it where it belongs.',
        };
  },
};
