import type { Check } from './check.js';
import { allPass, eachAccount } from './each-account.js';
import { placeFacts, placedAlike } from './place-facts.js';

export const accountType: Check = {
  id: 'account.type',
  title: 'Account type',
  fault: 'Of another type',
  compares: 'The account is of the key’s type, or of one that the key accepts.',
  points: 1,
  run: (marking) =>
    eachAccount(
      marking,
      ['account.statement', 'account.section', 'account.contra'],
      ({ key, works, accepted }) => {
        if (key.type === null) return null;
        if (placedAlike(marking, key, works))
          return { outcome: 'met', facts: () => placeFacts(marking, key, works[0] ?? null) };
        const right = [key.type, ...accepted.types];
        const { outcome, odd } = allPass(works, (account) => right.includes(account.type ?? ''));
        const facts = () => placeFacts(marking, key, odd);
        return {
          outcome: marking.hasPlaces || works.length === 0 ? outcome : 'cannot-judge',
          facts,
        };
      },
    ),
  says(facts, outcome) {
    if (outcome === 'met') return `Of the type ${String(facts['rightType'])}, as it should be.`;
    if (outcome === 'cannot-judge') return 'The work does not say of which type its accounts are.';
    return `“${String(facts['name'])}” is set up as ${String(facts['type'] ?? 'no type')}; it is ${String(facts['rightType'])}: ${String(facts['says'])}`;
  },
};
