import { dayText } from '../../model/day/calendar.js';
import type { Check } from '../check/check.js';
import type { Marking } from '../check/marking.js';
import { aboutEntry, BOOK, type Finding } from '../check/finding.js';
import { entryFacts, entryLabel, type EntryFacts } from './each-entry.js';
import { leftoverFaults } from '../account-checks/standing-in.js';
import { atEach } from '../check/worth.js';

const NONE = () => ({});

/** Of the book as a whole nothing is told. `twice`: the day on which it stands already. */
type Found = (EntryFacts & { readonly twice?: string }) | Readonly<Record<string, never>>;

/** The days of entries that stand for one of the key’s, by what they say. */
function recordedOnce({ compared }: Marking): ReadonlyMap<string, string> {
  const paired = compared.entryPairs.filter(({ keys }) => keys.length > 0);
  return new Map(
    paired.flatMap(({ works }) => works.map((view) => [view.signature, view.entry.date] as const)),
  );
}

export const entryExtra: Check<'entry.extra', Found> = {
  id: 'entry.extra',
  title: 'No entry too many',
  fault: 'An entry too many',
  calls: ({ twice }) => (twice === undefined ? null : 'An entry recorded twice'),
  compares:
    'No entry stands for none of the key’s, unless two undo each other. Several are one fault.',
  looksAt: { there: ['entries'], line: ['account'] },
  answersFor: 'entry',
  points: atEach(1),
  run(marking) {
    if (marking.entriesNotJudged.length > 0)
      return [{ subject: BOOK, outcome: 'cannot-judge', facts: NONE }];
    const extra = marking.compared.entryPairs.filter(
      (pair) => pair.keys.length === 0 && !pair.agrees,
    );
    if (extra.length === 0) return [{ subject: BOOK, outcome: 'met', facts: NONE }];
    let borne = false;
    const once = recordedOnce(marking);
    return extra.flatMap((pair) =>
      pair.works.map(({ entry, signature }): Finding<Found> => {
        const twice = once.get(signature);
        const facts = () => ({
          ...entryFacts(marking, entry),
          ...(twice === undefined ? {} : { twice }),
        });
        const about = { subject: aboutEntry(entry.id), facts };
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
    if (outcome === 'met') return 'No entry is too many.';
    const label = entryLabel(facts as EntryFacts);
    return facts.twice === undefined
      ? {
          there: `No such entry was asked for: ${label}.`,
          now: 'Reverse or remove it.',
        }
      : {
          there: `Recorded twice: ${label}. It stands there already, on ${dayText(facts.twice, facts.days)}.`,
          why: 'What happened once is recorded once.',
          now: 'Reverse or remove one of the two.',
        };
  },
};
