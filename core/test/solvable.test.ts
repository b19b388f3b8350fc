import {
  emptyStart,
  keyOf,
  ownExercise,
  solvable,
  USUAL_RULES,
  type Book,
  type Exercise,
} from '../src/index.js';
import { acct, book, entry } from './builder.js';

const studio = (): Book =>
  book(
    [
      acct('bank', 'bank', { name: 'Bank' }),
      acct('ahead', 'prepayment', { name: 'Insurance paid ahead' }),
      acct('stock', 'inventory', { name: 'Boards' }),
      acct('loan', 'long-term-loan', { name: 'Loan' }),
      acct('capital', 'owner-capital', { name: 'Capital' }),
      acct('kept', 'retained-earnings', { name: 'Retained earnings' }),
      acct('cover', 'insurance', { name: 'Insurance' }),
      acct('interest', 'interest-paid', { name: 'Interest' }),
    ],
    { bank: 900_000, ahead: 120_000, capital: -1_020_000 },
    [
      entry('used', '2027-01-31', {
        lines: { cover: 10_000, ahead: -10_000 },
        rest: { text: 'Insurance used up' },
      }),
      entry('boards', '2027-01-12', {
        lines: { stock: 84_000, bank: -84_000 },
        rest: { text: 'Boards bought' },
      }),
      entry('loan', '2027-01-20', {
        lines: { loan: 40_000, interest: 2_500, bank: -42_500 },
        rest: { text: 'Instalment' },
      }),
    ],
  );

const BRIEF = `Set up Bank, Insurance paid ahead, Boards, Loan, Capital, Insurance, Interest and Retained earnings.
At 31 December 2026: Bank 9,000; Insurance paid ahead 1,200, for twelve months; Capital 10,200.
12 January: 12 boards are bought at 70 each. 20 January: an instalment of 425 is paid, with interest of 25.
End of January: a month of the insurance is used up.`;

const exercise = (brief: string, rest: Partial<Exercise> = {}): Exercise => ({
  ...{ title: 'A month', brief, rules: USUAL_RULES, guide: {} },
  key: keyOf(studio()),
  start: emptyStart(studio()),
  ...rest,
});

const untold = (of: Exercise) => solvable(of).untold.map(({ what, id }) => `${what} ${id}`);

it('is solvable where all is told, or reckoned by a share, a product, a sum or what is left', () => {
  const found = solvable(exercise(BRIEF));
  expect(found.untold).toEqual([]);
  expect(found.reckoned.map(({ id }) => id)).toEqual(
    expect.arrayContaining(['used', 'boards', 'loan']),
  );
});

it.each([
  [
    'an instalment without its split',
    BRIEF.replace(', with interest of 25', ''),
    ['entry loan', 'entry loan'],
  ],
  ['an account never named', BRIEF.replace('Loan, ', ''), ['account loan']],
  ['a day that nothing says', BRIEF.replace('12 January: 12', 'Then 12'), ['day boards']],
  ['an opening that stands nowhere', BRIEF.replace('Capital 10,200', 'and the capital'), []],
  [
    'a price without pieces',
    BRIEF.replace('12 boards are bought at 70 each', 'boards are bought'),
    ['entry boards', 'entry boards'],
  ],
])('%s is untold', (_, brief, wanted) => {
  expect(untold(exercise(brief))).toEqual(wanted);
});

it('no three amounts that stand somewhere make a fourth, unless something is counted', () => {
  const brief = BRIEF.replace(', with interest of 25', '').replace(
    'an instalment of 425 is paid',
    'an instalment of 425 is paid on the loan; other loans cost 390, 775 and 765',
  );
  expect(untold(exercise(brief))).toEqual(['entry loan', 'entry loan']);
});

it('a check figure that is the answer of a question is told as giving it away', () => {
  const key = keyOf(studio(), {
    questions: [
      { id: 'q', kind: 'figure', text: 'What stands at the bank?', right: 'balance("bank")' },
    ],
  });
  const guide = {
    steps: [
      {
        id: 's',
        title: 'Look',
        figures: [{ name: 'Bank', says: 'balance("bank")' }],
        questions: ['q'],
      },
    ],
  };
  expect(solvable(exercise(BRIEF, { key, guide })).givesAway).toHaveLength(1);
  expect(solvable(exercise(BRIEF, { key })).givesAway).toEqual([]);
});

it('a brief with fixed amounts beside own figures is untold for a seed', () => {
  const key = keyOf(studio(), { figures: { each: { from: '0.6', to: '1.4' } } });
  const drawn = ownExercise(exercise(BRIEF, { key }), { seed: 3 });
  expect(untold(drawn).length).toBeGreaterThan(3);
});
