import type { Check } from './check.js';
import { eachEntry, entryLabel, missingAccounts, NO_ENTRIES } from './each-entry.js';

export const entryPresent: Check = {
  id: 'entry.present',
  title: 'Entry present',
  fault: 'Entry missing',
  compares: 'Each entry of the key is recorded, in one or split or joined with others.',
  points: 2,
  run: (marking) =>
    eachEntry(marking, [], (entry, pair) =>
      pair ? { outcome: 'met' } : { outcome: 'not-met', from: missingAccounts(marking, entry) },
    ),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    return outcome === 'met'
      ? `Recorded: ${entryLabel(facts)}.`
      : `Not recorded: ${entryLabel(facts)}.`;
  },
};
