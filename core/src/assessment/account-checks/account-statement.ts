import { sectionOfAccount } from '../../model/book/place.js';
import { statementOfClass } from '../../model/scheme/scheme.js';
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

export const accountStatement: Check<'account.statement', Found> = {
  id: 'account.statement',
  title: 'Statement',
  fault: 'On the wrong statement',
  compares: 'Balance sheet or profit and loss: the account stands on the key’s statement.',
  looksAt: { account: ['type'] },
  answersFor: 'placement',
  undone: {
    isUndone: ({ type }) => type === null,
    described: { when: ({ section }) => section === null, fault: 'Not placed yet' },
  },
  needs: 'class',
  aims: AIMS,
  points: { ...atEach(4), types: 6 },
  run: (marking) =>
    eachAccount(marking, accountStatement, ({ key, works, accepted }) => {
      if (placedAlike(marking, key, works))
        return { outcome: 'met', facts: () => placeFacts(marking, key, works[0] ?? null) };
      const right = acceptedSections(marking, key, accepted.types);
      if (right.length === 0) return null;
      const statements = right.map((section) => statementOfClass(section.class));
      const { outcome, odd } = allPass(works, (account) => {
        const section = sectionOfAccount(marking.work, account);
        return section !== null && statements.includes(statementOfClass(section.class));
      });
      const facts = () => placeFacts(marking, key, odd);
      return { outcome, facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `On the ${facts.rightStatement}, as it should be.`;
    if (outcome === 'cannot-judge') return NOT_SAID.class;
    if (facts.section === null)
      return {
        there: `“${facts.name}” has no place yet.`,
        belongs: `It belongs in ${facts.rightSection}, on the ${facts.rightStatement}.`,
        why: whyThere(facts),
        now: putThere(facts),
      };
    const what = facts.amount === null ? `“${facts.name}”` : `“${facts.name}”, ${facts.amount},`;
    return {
      there: `${what} stands in ${facts.section}, on the ${facts.statement}.`,
      belongs: `It belongs in ${facts.rightSection}, on the ${facts.rightStatement}.`,
      why: whyThere(facts),
      now: putThere(facts),
    };
  },
};
