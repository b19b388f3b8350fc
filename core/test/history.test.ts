import {
  apply,
  backBefore,
  booksBefore,
  operationSays,
  writeBook,
  type Book,
  type HistoryStep,
  type Operation,
} from '../src/index.js';
import { acct, entry, shop } from './builder.js';

const OPERATIONS: readonly Operation[] = [
  { kind: 'add-account', account: acct('till', 'cash-in-hand', { number: '1020', name: 'Till' }) },
  { kind: 'rename-account', id: 'till', name: 'Till float' },
  { kind: 'move-account', id: 'loan', type: 'loan-within-year', parent: null, number: '2110' },
  { kind: 'move-account', id: 'till', type: 'cash-in-hand', parent: 'bank', number: '1020' },
  { kind: 'set-opening', id: 'till', amount: 12_050 },
  {
    kind: 'record-entry',
    entry: entry('x', '2027-03-02', { lines: { bank: 5, sales: -5 }, rest: { text: 'Sale' } }),
  },
  { kind: 'retire-account', id: 'till' },
  { kind: 'renumber-all', numbers: [{ id: 'till', number: null }], numberPlan: null },
];

function history(): { now: Book; states: Book[]; steps: HistoryStep[] } {
  const states: Book[] = [];
  const steps: HistoryStep[] = [];
  let now = shop();
  for (const operation of OPERATIONS) {
    const done = apply(now, operation);
    if (!done.ok) throw new Error(done.refusals[0]?.says);
    states.unshift(now);
    steps.unshift({ operation, inverse: done.value.inverse });
    now = done.value.book;
  }
  return { now, states, steps };
}

describe('the history of a book', () => {
  it('is told in sentences, by the names of the time', () => {
    const { states, steps } = history();
    const said = steps.map((step, i) => operationSays(step.operation, states[i] as Book)).reverse();
    expect(said).toEqual([
      '“1020 Till” added in Current assets.',
      '“1020 Till” renamed “Till float”.',
      '“2510 Harbour loan” moved to Current liabilities.',
      '“1020 Till float” put under “1010 Bank”.',
      'Opening balance of “1020 Till float”: 120.50 in debit.',
      'Entry “Sale” of 2 March 2027 recorded.',
      '“1020 Till float” retired.',
      'Numbers taken off.',
    ]);
  });

  it('can be looked at at each moment, and gone back to', () => {
    const { now, states, steps } = history();
    expect(booksBefore(now, steps).map(writeBook)).toEqual(states.map(writeBook));
    const back = apply(now, backBefore(steps, 5));
    expect(back.ok && writeBook(back.value.book)).toBe(writeBook(states[4] as Book));
  });
});
