import type { ExerciseAnswer } from '@gleddo/contract';
import { keyOf, solvable, RULE_SETS, USUAL_RULES, type Solvable } from '@gleddo/core';
import { ternIsland } from '@gleddo/core/demo';
import { WHAT_STANDS, type KnownOfIt } from '../src/pages/errands/what-stands';

const book = ternIsland();
const key = { made: keyOf(book), start: { ...book, entries: [] } };
const exercise = {
  ...{ id: 'e', title: 'Quarter', brief: 'Keep the books.', guide: {}, keyRules: {} },
  ...{ handedOutTo: [], handedIn: 0, begun: 0, ...USUAL_RULES },
} as unknown as ExerciseAnswer;
const known: KnownOfIt = { exercise, key, looked: null, trialRun: null };
const found: Solvable = solvable({
  ...{ title: '', brief: 'Keep the books.', guide: {}, rules: USUAL_RULES },
  ...{ key: key.made, start: key.start },
});

const says = (errand: keyof typeof WHAT_STANDS, of: Partial<KnownOfIt> = {}) =>
  WHAT_STANDS[errand]({ ...known, ...of }).map(({ is, says: text }) => [text, is ?? '']);

test('what is asked says its steps, and whether a student can know all of it', () => {
  expect(says('asked')).toEqual([['a brief, without steps', '']]);
  const empty = { ...exercise, brief: ' ' };
  expect(says('asked', { exercise: empty })).toEqual([['nothing is said yet', 'open']]);
  const looked = { found, seed: null, sets: 0, isOver: true };
  const untold = found.untold.length;
  expect(untold).toBeGreaterThan(1);
  expect(says('asked', { looked })[1]).toEqual([`${untold} things nobody can know`, 'open']);
  const whole = { ...looked, found: { ...found, untold: [] } };
  expect(says('asked', { looked: whole })[1]).toEqual(['a student can know all of it', 'done']);
});

test('what is right counts what the key has, and what is accepted besides', () => {
  const accounts = book.accounts.filter(({ retired }) => !retired).length;
  const size = `${accounts} accounts, ${book.entries.length} entries`;
  expect(says('right')).toEqual([
    [size, ''],
    ['nothing accepted besides', ''],
  ]);
  const keyRules = {
    accepts: [{ account: 'bank', names: ['Current account'], types: ['cash'] }],
    acceptsEntries: [{ entry: 'e1', from: '2027-01-01', to: '2027-01-03' }],
  };
  const more = { ...exercise, keyRules };
  expect(says('right', { exercise: more })[1]?.[0]).toBe(
    '1 judgement call, 1 other name, 1 other day',
  );
});

test('how it is done names its set of rules and the figures', () => {
  const test = { ...exercise, ...RULE_SETS.test };
  expect(says('done', { exercise: test })[0]?.[0]).toMatch(/^a test, from \d+ accounts$/);
  expect(says('done')[1]).toEqual(['the same figures for all', '']);
  const drawn = { ...key, made: { ...key.made, figures: { each: { from: '0.6', to: '1.4' } } } };
  expect(says('done', { key: drawn })[1]?.[0]).toBe('own figures: over a million sets');
  const nothing = { ...key, start: { ...key.start, accounts: [] } };
  expect(says('done', { key: nothing })[0]?.[0]).toMatch(/from nothing$/);
});

test('trying and handing out say what is still open', () => {
  const none = { exerciseId: 'e', bookId: null, begunAt: null, spoilt: false, seed: null };
  expect(says('tried', { trialRun: none })).toEqual([['not tried yet', 'open']]);
  expect(says('out')).toEqual([['not handed out yet', 'open']]);
  const times = {
    ...{ opensAt: null, closesAt: null, late: 'told' as const, lateOff: 0, zone: 'UTC' },
    ...{ minutes: null, shutsAt: null, tries: 1, counts: 'best' as const },
  };
  const group = {
    id: 'g',
    classId: 'g',
    name: 'Evening class',
    at: '2027-04-01T08:00:00Z',
    begun: 8,
    times,
  };
  const isOut = { ...exercise, handedOutTo: [group, group], begun: 8, handedIn: 4 };
  expect(says('out', { exercise: isOut })).toEqual([
    ['Evening class and 1 other', ''],
    ['8 begun, 4 to mark', ''],
    ['always open', ''],
  ]);
});
