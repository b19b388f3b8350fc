import type { Entry } from '../../model/book/book.js';
import type { Check } from '../check/check.js';
import {
  eachEntry,
  entryLabel,
  NO_ENTRIES,
  rightFacts,
  rightSaid,
  type RightFacts,
} from './each-entry.js';
import { missingFaults } from '../account-checks/standing-in.js';
import { AIMS } from '../../model/exercise-shapes/key-rules.js';
import { atEach } from '../check/worth.js';

const accountsOf = ({ lines }: Entry): string[] => lines.map(({ account }) => account);

type Found = RightFacts;

export const entryPresent: Check<'entry.present', Found> = {
  id: 'entry.present',
  title: 'Entry present',
  fault: 'Entry missing',
  compares: 'Each entry of the key is recorded, in one or split or joined with others.',
  looksAt: { there: ['entries'], line: ['account'] },
  answersFor: 'entry',
  undone: {},
  aims: AIMS,
  points: { ...atEach(5), books: 4, numbers: 6 },
  run: (marking) =>
    eachEntry<Found>(marking, entryPresent, (entry, pair) =>
      pair
        ? { outcome: 'met' }
        : {
            outcome: 'not-met',
            from: missingFaults(marking, accountsOf(entry)),
            facts: () => rightFacts(marking, entry),
          },
    ),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    if (outcome === 'met') return `Recorded: ${entryLabel(facts)}.`;
    return {
      belongs: `Not recorded: ${entryLabel(facts)}. ${rightSaid(facts)}`.trim(),
      why: facts.why ?? '',
      now: 'Record it.',
    };
  },
};
