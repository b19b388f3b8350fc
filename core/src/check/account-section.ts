import { sectionOfAccount } from '../book/place.js';
import type { Check } from './check.js';
import { allPass, eachAccount } from './each-account.js';
import { acceptedSections, placeFacts, placedAlike } from './place-facts.js';

export const accountSection: Check = {
  id: 'account.section',
  title: 'Section',
  fault: 'In the wrong section',
  compares: 'The account stands in the key’s section of the statement.',
  points: 1,
  run: (marking) =>
    eachAccount(marking, ['account.statement'], ({ key, works, accepted }) => {
      if (placedAlike(marking, key, works))
        return { outcome: 'met', facts: () => placeFacts(marking, key, works[0] ?? null) };
      const right = acceptedSections(marking, key, accepted.types).map((section) => section.id);
      if (right.length === 0) return null;
      const { outcome, odd } = allPass(works, (account) =>
        right.includes(sectionOfAccount(marking.work, account)?.id ?? ''),
      );
      const facts = () => placeFacts(marking, key, odd);
      return { outcome: marking.hasPlaces || works.length === 0 ? outcome : 'cannot-judge', facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `In ${String(facts['rightSection'])}, as it should be.`;
    if (outcome === 'cannot-judge')
      return 'The work does not say in which sections its accounts stand.';
    if (facts['section'] === null) return `“${String(facts['name'])}” has no place yet.`;
    return `“${String(facts['name'])}” stands in ${String(facts['section'])}; it belongs in ${String(facts['rightSection'])}. ${String(facts['rightType'])}: ${String(facts['says'])}`;
  },
};
