import { activityOf } from '../../accounting/statement/cash-flow.js';
import { accountStatement } from './account-statement.js';
import { accountSection } from './account-section.js';
import { accountType } from './account-type.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';
import { atEach } from '../check/worth.js';

type Found = {
  readonly name: string;
  readonly right: string | null;
  readonly now: string | null;
};

/** Looked at where the key or the work gives an account an activity of its own; else its type says it. */
export const accountCashFlow: Check<'account.cash-flow', Found> = {
  id: 'account.cash-flow',
  title: 'Cash-flow activity',
  fault: 'In another part of the cash flow',
  compares: 'Where an account has a cash-flow activity of its own, it is the key’s.',
  looksAt: { account: ['cashFlow'] },
  follows: [accountStatement, accountSection, accountType],
  needs: 'cash-flow',
  aims: ['setting-up'],
  points: atEach(1),
  run: (marking) =>
    eachAccount(marking, accountCashFlow, (seen) => {
      const { key, works } = seen;
      const isAsked = key.cashFlow !== null;
      if (!isAsked && works.every((account) => account.cashFlow === null)) return null;
      const right = activityOf(marking.key.book, key);
      const { outcome, odd } = allPass(
        works,
        (account) => activityOf(marking.work, account) === right,
      );
      if (!isAsked && outcome === 'met') return null;
      const now = odd ? activityOf(marking.work, odd) : null;
      return { outcome, facts: () => ({ name: odd?.name ?? key.name, right, now }) };
    }).map((finding) => ({
      ...finding,
      bearsPoints: marking.keyAccount(finding.subject.id)?.cashFlow !== null,
    })),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NOT_SAID['cash-flow'];
    if (outcome === 'met') return `In the cash flow it is ${facts.right}, as it should be.`;
    return {
      there: `In the cash flow “${facts.name}” is ${facts.now ?? 'nowhere'}.`,
      belongs: `It belongs to ${facts.right}.`,
      why: 'Operating is the daily business; investing what is bought and sold to last; financing what comes from and goes back to owners and lenders.',
      now: `Set its cash-flow activity to ${facts.right}.`,
    };
  },
};
