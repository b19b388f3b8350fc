import type { Check } from './check.js';
import {
  eachEntry,
  entryLabel,
  missingAccounts,
  NO_ENTRIES,
  type EntryFacts,
} from './each-entry.js';

type Found = EntryFacts;

export const entryPresent: Check<'entry.present', Found> = {
  id: 'entry.present',
  title: 'Entry present',
  fault: 'Entry missing',
  compares: 'Each entry of the key is recorded, in one or split or joined with others.',
  answersFor: 'entry',
  undone: {},
  points: 2,
  run: (marking) =>
    eachEntry(marking, entryPresent, (entry, pair) =>
      pair ? { outcome: 'met' } : { outcome: 'not-met', from: missingAccounts(marking, entry) },
    ),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    return outcome === 'met'
      ? `Recorded: ${entryLabel(facts)}.`
      : `Not recorded: ${entryLabel(facts)}.`;
  },
};
