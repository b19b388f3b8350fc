import { sectionOfAccount } from '../../model/book/place.js';
import { accountStatement } from './account-statement.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';
import {
  acceptedSections,
  placeFacts,
  saysRight,
  placedAlike,
  type PlaceFacts,
} from './place-facts.js';

type Found = PlaceFacts;

export const accountSection: Check<'account.section', Found> = {
  id: 'account.section',
  title: 'Section',
  fault: 'In the wrong section',
  compares: 'The account stands in the key’s section of the statement.',
  looksAt: { account: ['type'] },
  follows: [accountStatement],
  answersFor: 'placement',
  undone: { isUndone: ({ type }) => type === null },
  needs: 'section',
  points: 1,
  run: (marking) =>
    eachAccount(marking, accountSection, ({ key, works, accepted }) => {
      if (placedAlike(marking, key, works))
        return { outcome: 'met', facts: () => placeFacts(marking, key, works[0] ?? null) };
      const right = acceptedSections(marking, key, accepted.types).map((section) => section.id);
      if (right.length === 0) return null;
      const { outcome, odd } = allPass(works, (account) =>
        right.includes(sectionOfAccount(marking.work, account)?.id ?? ''),
      );
      const facts = () => placeFacts(marking, key, odd);
      return { outcome, facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `In ${facts.rightSection}, as it should be.`;
    if (outcome === 'cannot-judge') return NOT_SAID.section;
    if (facts.section === null) return `“${facts.name}” has no place yet.`;
    return `“${facts.name}” stands in ${facts.section}; it belongs in ${facts.rightSection}. ${saysRight(facts)}`;
  },
};
