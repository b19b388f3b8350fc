import type { Entry } from '../../model/book/book.js';
import type { Check } from '../check/check.js';
import { eachEntry, entryLabel, NO_ENTRIES, type EntryFacts } from './each-entry.js';
import { missingFaults } from '../account-checks/standing-in.js';

const accountsOf = ({ lines }: Entry): string[] => lines.map(({ account }) => account);

type Found = EntryFacts;

export const entryPresent: Check<'entry.present', Found> = {
  id: 'entry.present',
  title: 'Entry present',
  fault: 'Entry missing',
  compares: 'Each entry of the key is recorded, in one or split or joined with others.',
  looksAt: { there: ['entries'], line: ['account'] },
  answersFor: 'entry',
  undone: {},
  points: 2,
  run: (marking) =>
    eachEntry(marking, entryPresent, (entry, pair) =>
      pair
        ? { outcome: 'met' }
        : { outcome: 'not-met', from: missingFaults(marking, accountsOf(entry)) },
    ),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    return outcome === 'met'
      ? `Recorded: ${entryLabel(facts)}.`
      : `Not recorded: ${entryLabel(facts)}.`;
  },
};
