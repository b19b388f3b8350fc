import { ancestorsOf } from '../../model/book/place.js';
import { accountStatement } from './account-statement.js';
import { accountSection } from './account-section.js';
import { accountPresent } from './account-present.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { refsTo } from '../check/finding.js';
import { allPass, eachAccount } from './each-account.js';
import { atEach } from '../check/worth.js';

type Found = { readonly name: string; readonly parent: string };

export const accountParent: Check<'account.parent', Found> = {
  id: 'account.parent',
  title: 'Under the right account',
  fault: 'Not under its account',
  compares: 'An account that the key puts under another stands under the one that stands for it.',
  looksAt: { account: ['parent'] },
  follows: [accountStatement, accountSection],
  needs: 'parents',
  aims: ['setting-up', 'numbers'],
  points: { ...atEach(1), numbers: 2 },
  run: (marking) =>
    eachAccount(marking, accountParent, ({ key, works }) => {
      const { parent } = key;
      if (parent === null) return null;
      const parents = marking.pairOf(parent)?.works.map((work) => work.id) ?? [];
      const { outcome, odd } = allPass(works, (account) =>
        ancestorsOf(marking.work, account).some((each) => parents.includes(each.id)),
      );
      const facts = () => ({
        name: odd?.name ?? key.name,
        parent: marking.keyAccount(parent)?.name ?? parent,
      });
      const lost = marking.rootsOf(
        ...refsTo([accountPresent, accountStatement, accountSection], parent),
      );
      if (outcome === 'not-met' && works.length > 0 && lost.length > 0)
        return { outcome: 'follows', facts, from: lost };
      return { outcome, facts };
    }),
  says: (facts, outcome) =>
    outcome === 'cannot-judge'
      ? NOT_SAID.parents
      : outcome === 'met'
        ? `Under “${facts.parent}”, as it should be.`
        : {
            there: `“${facts.name}” does not stand under the account that it belongs to.`,
            belongs: `It belongs under “${facts.parent}”.`,
            why: 'Both are then seen together, and add up.',
            now: `Put it under “${facts.parent}”.`,
          },
};
