import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';
import { atEach } from '../check/worth.js';

type Found = { readonly name: string; readonly retired: boolean };

export const accountRetired: Check<'account.retired', Found> = {
  id: 'account.retired',
  title: 'In use or retired',
  fault: 'In use or retired, the wrong way',
  compares: 'An account that the key has retired is retired (or gone); one in use is in use.',
  looksAt: { account: ['retired'] },
  needs: 'states',
  aims: ['setting-up'],
  points: atEach(1),
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
      ? {
          there: `“${facts.name}” is in use.`,
          belongs: 'It is no longer needed.',
          why: 'An account that is retired keeps its past, and takes nothing new.',
          now: 'Retire it.',
        }
      : {
          there: `“${facts.name}” is retired.`,
          belongs: 'It is still needed.',
          now: 'Bring it back.',
        };
  },
};
