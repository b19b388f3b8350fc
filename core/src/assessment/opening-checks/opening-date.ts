import { dayText, type DayOrder } from '../../model/day/calendar.js';
import type { Check } from '../check/check.js';
import { BOOK } from '../check/finding.js';
import { keyOpens } from './opening-facts.js';
import { atEach } from '../check/worth.js';
import { orderIn } from '../../model/place/writing.js';

type Found = { readonly found: string; readonly wanted: string; readonly days?: DayOrder };

export const openingDate: Check<'opening.date', Found> = {
  id: 'opening.date',
  title: 'Opening date',
  fault: 'Opening balances of another day',
  compares: 'Opening balances entered in the table are of the key’s date.',
  looksAt: { opening: ['date'] },
  answersFor: 'opening',
  aims: ['setting-up', 'books'],
  points: atEach(1),
  run(marking) {
    if (!keyOpens(marking)) return [];
    const wanted = marking.key.book.opening.date;
    const { date, balances } = marking.work.opening;
    const right = date === wanted || Object.keys(balances).length === 0;
    const facts = () => ({ found: date, wanted, ...orderIn(marking.key.book.company) });
    return [{ subject: BOOK, outcome: right ? 'met' : 'not-met', facts }];
  },
  says: (facts, outcome) =>
    outcome === 'met'
      ? `Opening balances as at ${dayText(facts.wanted, facts.days)}.`
      : {
          there: `The opening balances are dated ${dayText(facts.found, facts.days)}.`,
          belongs: `They are those of ${dayText(facts.wanted, facts.days)}.`,
          why: 'The books begin with what the last balance sheet ended with.',
          now: `Set their date to ${dayText(facts.wanted, facts.days)}.`,
        },
};
