import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';

type Found = { readonly name: string; readonly retired: boolean };

export const accountRetired: Check<'account.retired', Found> = {
  id: 'account.retired',
  title: 'In use or retired',
  fault: 'In use or retired, the wrong way',
  compares: 'An account that the key has retired is retired (or gone); one in use is in use.',
  looksAt: { account: ['retired'] },
  needs: 'states',
  points: 1,
  run: (marking) =>
    eachAccount(marking, accountRetired, ({ key, works }) => {
      const { outcome, odd } = allPass(works, (account) => account.retired === key.retired);
      if (!key.retired && outcome === 'met') return null;
      return { outcome, facts: () => ({ name: odd?.name ?? key.name, retired: key.retired }) };
    }).filter(
      ({ outcome, subject }) => outcome !== 'follows' || marking.keyAccount(subject.id)?.retired,
    ),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NOT_SAID.states;
    if (outcome === 'met') return 'In use or retired, as it should be.';
    return facts.retired === true
      ? `“${facts.name}” is no longer needed: retire it, so that nothing new goes there.`
      : `“${facts.name}” is retired, and it is still needed: bring it back.`;
  },
};
