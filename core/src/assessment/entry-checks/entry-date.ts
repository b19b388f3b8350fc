import { dayText } from '../../model/day/calendar.js';
import { acceptedEntryFor } from '../key/answer-key.js';
import { entryPresent } from './entry-present.js';
import type { Check } from '../check/check.js';
import { eachEntry, entryLabel, NO_ENTRIES, type EntryFacts } from './each-entry.js';
import { AIMS } from '../../model/exercise-shapes/key-rules.js';
import { atEach } from '../check/worth.js';

type Found = EntryFacts & {
  readonly found?: string | null;
  readonly from?: string;
  readonly to?: string;
};

export const entryDate: Check<'entry.date', Found> = {
  id: 'entry.date',
  title: 'Entry date',
  fault: 'Entry on another day',
  compares: 'The entry is dated on the key’s day, or within the days that the key accepts.',
  looksAt: { entry: ['date'] },
  follows: [entryPresent],
  answersFor: 'entry',
  aims: AIMS,
  points: { ...atEach(3), books: 2, numbers: 4 },
  run: (marking) =>
    eachEntry(marking, entryDate, (entry, pair) => {
      const accepted = acceptedEntryFor(marking.key, entry.id);
      const from = accepted?.from ?? entry.date;
      const to = accepted?.to ?? entry.date;
      const odd = pair?.works.find(({ entry: { date } }) => date < from || date > to);
      const others = pair?.keys.some((view) => view.entry.date === odd?.entry.date) ?? false;
      const isRight = pair !== null && (!odd || others || pair.isEquivalent === true);
      return {
        outcome: isRight ? 'met' : 'not-met',
        facts: () => ({ found: odd?.entry.date ?? null, from, to }),
      };
    }),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    if (outcome === 'met') return `Dated as it should be: ${entryLabel(facts)}.`;
    const { text, date, from = date, to = date, found = null } = facts;
    const said = (day: string) => dayText(day, facts.days);
    const when = from === to ? said(from) : `a day from ${said(from)} to ${said(to)}`;
    return found === null
      ? `Not dated: ${entryLabel(facts)}.`
      : {
          there: `Dated ${said(found)}.`,
          belongs: `It belongs on ${when}: “${text}”.`,
          why: 'The day decides in which period it counts.',
          now: 'Change the day of the entry.',
        };
  },
};
