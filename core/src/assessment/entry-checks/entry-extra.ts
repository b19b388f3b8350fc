import type { Check } from '../check/check.js';
import { aboutEntry, BOOK, type Finding } from '../check/finding.js';
import { entryFacts, entryLabel, type EntryFacts } from './each-entry.js';
import { leftoverFaults } from '../account-checks/standing-in.js';

const NONE = () => ({});

/** Of the book as a whole nothing is told. */
type Found = EntryFacts | Readonly<Record<string, never>>;

export const entryExtra: Check<'entry.extra', Found> = {
  id: 'entry.extra',
  title: 'No entry too many',
  fault: 'An entry too many',
  compares:
    'No entry stands for none of the key’s, unless two undo each other. Several are one fault.',
  looksAt: { there: ['entries'], line: ['account'] },
  answersFor: 'entry',
  points: 1,
  run(marking) {
    if (marking.entriesNotJudged.length > 0)
      return [{ subject: BOOK, outcome: 'cannot-judge', facts: NONE }];
    const extra = marking.compared.entryPairs.filter(
      (pair) => pair.keys.length === 0 && !pair.agrees,
    );
    if (extra.length === 0) return [{ subject: BOOK, outcome: 'met', facts: NONE }];
    let borne = false;
    return extra.flatMap((pair) =>
      pair.works.map(({ entry }): Finding<Found> => {
        const about = { subject: aboutEntry(entry.id), facts: () => entryFacts(marking, entry) };
        const from = leftoverFaults(
          marking,
          entry.lines.map(({ account }) => account),
        );
        const bearsPoints = !borne;
        borne = true;
        return from.length > 0
          ? { ...about, outcome: 'follows', from, bearsPoints }
          : { ...about, outcome: 'not-met', bearsPoints };
      }),
    );
  },
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return 'The work is a list of balances; it holds no entries.';
    return outcome === 'met'
      ? 'No entry is too many.'
      : `No such entry was asked for: ${entryLabel(facts as EntryFacts)}. Reverse or remove it.`;
  },
};
