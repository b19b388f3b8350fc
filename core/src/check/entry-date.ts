import { dayText } from '../book/calendar.js';
import { acceptedEntryFor } from '../key/answer-key.js';
import type { Check } from './check.js';
import { eachEntry, entryLabel, NO_ENTRIES } from './each-entry.js';

export const entryDate: Check = {
  id: 'entry.date',
  title: 'Entry date',
  fault: 'Entry on another day',
  compares: 'The entry is dated on the key’s day, or within the days that the key accepts.',
  points: 1,
  run: (marking) =>
    eachEntry(marking, ['entry.present'], (entry, pair) => {
      const accepted = acceptedEntryFor(marking.key, entry.id);
      const from = accepted?.from ?? entry.date;
      const to = accepted?.to ?? entry.date;
      const odd = pair?.works.find(({ entry: { date } }) => date < from || date > to);
      const others = pair?.keys.some((view) => view.entry.date === odd?.entry.date) ?? false;
      return {
        outcome: pair && (!odd || others) ? 'met' : 'not-met',
        facts: () => ({ found: odd?.entry.date ?? null, from, to }),
      };
    }),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    if (outcome === 'met') return `Dated as it should be: ${entryLabel(facts)}.`;
    const when =
      facts['from'] === facts['to']
        ? dayText(String(facts['from']))
        : `a day from ${dayText(String(facts['from']))} to ${dayText(String(facts['to']))}`;
    return facts['found'] === null
      ? `Not dated: ${entryLabel(facts)}.`
      : `Dated ${dayText(String(facts['found']))}; it belongs on ${when}: “${String(facts['text'])}”.`;
  },
};
