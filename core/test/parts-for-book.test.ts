import {
  besideParts,
  EXERCISE_PARTS,
  namedIn,
  partChanges,
  partSays,
  partsForBook,
  USUAL_RULES,
  type ExerciseParts,
} from '../src/index.js';
import { acct, book, entry } from './builder.js';

const here = book([
  acct('x1', 'bank', { name: 'Bank', number: '1010' }),
  acct('x2', 'staff', { name: 'Wages', number: '6010' }),
]);
const there = book(
  [
    acct('cash', 'bank', { name: 'Bank', number: '1000' }),
    acct('pay', 'staff', { name: 'Staff costs', number: '6010' }),
    acct('van', 'vehicles', { name: 'Van', number: '1510' }),
  ],
  {},
  [entry('e1', '2027-01-15', { lines: { pay: 500, cash: -500 } })],
);

const parts = (more: Partial<ExerciseParts>): ExerciseParts => ({
  ...{ title: 'One', brief: '', rules: USUAL_RULES, keyRules: {}, guide: {} },
  ...more,
});

describe('parts of one exercise, for the key of another', () => {
  it('name the same accounts, by name or by number, in lists, formulas, points and acceptances', () => {
    const { parts: found, lost } = partsForBook(
      parts({
        keyRules: {
          points: { 'account.type:cash': 4, 'account.type:van': 3, 'account.name': 2 },
          accepts: [
            { account: 'pay', names: ['Pay'] },
            { account: 'van', several: true },
          ],
          questions: [
            {
              id: 'q1',
              kind: 'figure',
              text: 'How much?',
              right: 'balance("cash") - opening("pay")',
            },
            { id: 'q2', kind: 'account', text: 'Where?', right: ['cash', 'van'] },
          ],
        },
        guide: {
          steps: [{ id: 's1', title: 'cash', accounts: ['cash', 'van'], entries: ['e1'] }],
          sheets: [{ id: 'p1', title: 'A table', kind: 'table', rows: [['cash', 'van']] }],
        },
      }),
      there,
      here,
    );
    expect(found.keyRules).toEqual({
      points: { 'account.type:x1': 4, 'account.name': 2 },
      accepts: [{ account: 'x2', names: ['Pay'] }],
      questions: [
        { id: 'q1', kind: 'figure', text: 'How much?', right: 'balance("x1") - opening("x2")' },
        { id: 'q2', kind: 'account', text: 'Where?', right: ['x1'] },
      ],
    });
    // What only looks like an id is a word, and stays one.
    expect(found.guide.steps).toEqual([{ id: 's1', title: 'cash', accounts: ['x1'], entries: [] }]);
    expect(found.guide.sheets?.[0]?.rows).toEqual([['cash', 'van']]);
    expect(lost).toEqual(['1510 Van', 'e1']);
  });

  it('are the same where the books are', () => {
    const own = parts({ guide: { steps: [{ id: 's1', title: 'First', accounts: ['van'] }] } });
    expect(partsForBook(own, there, there)).toEqual({ parts: own, lost: [] });
  });

  it('leave own figures out: they go by places of their own book', () => {
    const own = parts({ keyRules: { figures: { each: { from: '0.6', to: '1.4' } } } });
    expect(partsForBook(own, there, here).parts.keyRules).toEqual({});
  });
});

describe('parts that are put beside others', () => {
  it('have ids of their own, whatever names them', () => {
    const theirs = parts({
      keyRules: { questions: [{ id: 'q1', kind: 'side', text: 'Which?', right: '"debit"' }] },
      guide: {
        steps: [{ id: 's1', title: 'Theirs', sheets: ['p1'], questions: ['q1'] }],
        sheets: [{ id: 'p1', title: 'Their paper', kind: 'accounts', step: 's1' }],
      },
    });
    const { guide, keyRules } = besideParts(theirs, theirs);
    expect(guide).toEqual({
      steps: [{ id: 's1-2', title: 'Theirs', sheets: ['p1-2'], questions: ['q1-2'] }],
      sheets: [{ id: 'p1-2', title: 'Their paper', kind: 'accounts', step: 's1-2' }],
    });
    expect(keyRules.questions?.[0]?.id).toBe('q1-2');
    expect(besideParts(theirs, parts({}))).toEqual(theirs);
  });
});

it('each rule of the try has a name of its own', () => {
  const changes = partChanges(EXERCISE_PARTS, {}, { rules: USUAL_RULES });
  const said = changes.map(({ at, now }) =>
    partSays(EXERCISE_PARTS, { at, json: now, named: namedIn(here) }),
  );
  expect(said.length).toBeGreaterThan(10);
  expect(new Set(said).size).toBe(said.length);
});
