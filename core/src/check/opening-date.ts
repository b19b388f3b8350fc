import { dayText } from '../book/calendar.js';
import type { Check } from './check.js';
import { keyOpens } from './opening-facts.js';

export const openingDate: Check = {
  id: 'opening.date',
  title: 'Opening date',
  fault: 'Opening balances of another day',
  compares: 'Opening balances entered in the table are of the key’s date.',
  points: 1,
  run(marking) {
    if (!keyOpens(marking)) return [];
    const wanted = marking.key.book.opening.date;
    const { date, balances } = marking.work.opening;
    const right = date === wanted || Object.keys(balances).length === 0;
    const facts = () => ({ found: date, wanted });
    return [{ subject: { kind: 'book', id: '' }, outcome: right ? 'met' : 'not-met', facts }];
  },
  says: (facts, outcome) =>
    outcome === 'met'
      ? `Opening balances as at ${dayText(String(facts['wanted']))}.`
      : `The opening balances are dated ${dayText(String(facts['found']))}; they are those of ${dayText(String(facts['wanted']))}.`,
};
