import { sectionOfAccount } from '../../model/book/place.js';
import { accountStatement } from './account-statement.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';
import {
  acceptedSections,
  placeFacts,
  putThere,
  whyThere,
  placedAlike,
  type PlaceFacts,
} from './place-facts.js';
import { AIMS } from '../../model/exercise-shapes/key-rules.js';
import { atEach } from '../check/worth.js';

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
  aims: AIMS,
  points: { ...atEach(3), types: 4 },
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
    const there =
      facts.section === null
        ? `“${facts.name}” has no place yet.`
        : `“${facts.name}” stands in ${facts.section}.`;
    const belongs = `It belongs in ${facts.rightSection}.`;
    return { there, belongs, why: whyThere(facts), now: putThere(facts) };
  },
};
