import {
  givenToStudents,
  howFar,
  keyOf,
  proposedGuide,
  startingPoint,
  type Book,
  type Guide,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';

const KEY = keyOf(ternIsland());
const startWith = (what: 'accounts' | 'place-them') =>
  givenToStudents(startingPoint(KEY.book, what, { faults: {}, seed: 1 }), what, 3);

const reached = (start: Book, work: Book, guide: Guide = {}) =>
  howFar({ key: KEY, start, work, guide, answers: new Map() });

describe('how far a work is', () => {
  test('without steps of its own, an exercise is told by those that the key proposes', () => {
    const start = startWith('accounts');
    const before = reached(start, start);
    expect(before.length).toBeGreaterThan(1);
    expect(before.every(({ done, of, next }) => done === 0 && of > 0 && next !== null)).toBe(true);
    expect(reached(start, KEY.book).every(({ done, of }) => done === of)).toBe(true);
  });

  test('what comes next is named as the key has it', () => {
    const start = startWith('accounts');
    const [first] = reached(start, start);
    expect(first?.next).toMatch(/^the opening balance of /);
    const openings = { ...start, opening: KEY.book.opening, accounts: KEY.book.accounts };
    const [done, entries] = reached(start, openings);
    expect(done?.next).toBeNull();
    expect(entries?.next).toMatch(/^the entry of \d+ \w+ 2027: /);
  });

  test('accounts that wait for a place are counted as they get one', () => {
    const start = startWith('place-them');
    const waiting = start.accounts.filter(({ type }) => type === null);
    expect(reached(start, start)[0]).toMatchObject({ id: 'place', done: 0, of: waiting.length });
    const [first, second] = waiting;
    const accounts = start.accounts.map((each) =>
      each.id === first?.id ? { ...each, type: 'bank' } : each,
    );
    const [now] = reached(start, { ...start, accounts });
    expect(now).toMatchObject({ done: 1, next: second?.name });
  });

  test('steps of its own are told one by one, those that ask for nothing, too', () => {
    const start = startWith('accounts');
    const guide = proposedGuide(KEY, start);
    const steps = reached(start, start, guide);
    expect(steps.map(({ id }) => id)).toEqual((guide.steps ?? []).map(({ id }) => id));
    expect(steps[0]).toMatchObject({ id: 'look', of: 0, next: null });
  });
});
