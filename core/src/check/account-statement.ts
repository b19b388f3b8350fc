import { sectionOfAccount } from '../book/place.js';
import { statementOfClass } from '../scheme/scheme.js';
import type { Check } from './check.js';
import { allPass, eachAccount } from './each-account.js';
import { acceptedSections, placeFacts, placedAlike } from './place-facts.js';

export const accountStatement: Check = {
  id: 'account.statement',
  title: 'Statement',
  fault: 'On the wrong statement',
  undone: { fact: 'section', fault: 'Not placed yet' },
  compares: 'Balance sheet or profit and loss: the account stands on the key’s statement.',
  points: 2,
  run: (marking) =>
    eachAccount(marking, [], ({ key, works, accepted }) => {
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
      return { outcome: marking.hasPlaces || works.length === 0 ? outcome : 'cannot-judge', facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `On the ${String(facts['rightStatement'])}, as it should be.`;
    if (outcome === 'cannot-judge')
      return 'The work does not say on which statements its accounts stand.';
    if (facts['section'] === null)
      return `“${String(facts['name'])}” has no place yet. It belongs in ${String(facts['rightSection'])}, on the ${String(facts['rightStatement'])}.`;
    const what =
      facts['amount'] === null
        ? `“${String(facts['name'])}”`
        : `“${String(facts['name'])}”, ${String(facts['amount'])},`;
    return `${what} stands in ${String(facts['section'])}; it belongs in ${String(facts['rightSection'])}, on the ${String(facts['rightStatement'])}. ${String(facts['rightType'])}: ${String(facts['says'])}`;
  },
};
