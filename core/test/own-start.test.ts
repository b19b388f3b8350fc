import fc from 'fast-check';
import {
  acceptedFor,
  checkWork,
  givenToStudents,
  keyOf,
  START_KINDS,
  startingPoint,
  usualPoints,
  type StartKind,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { faultsOfBook } from '../src/model/book/book-faults.js';
import { withOwnIds } from '../src/teaching/start/own-ids.js';
import { CATALOGUE } from '../src/model/scheme/catalogue.js';
import { anyBook } from './arbitrary-book.js';

const PLANTED = { faults: { 'wrong-statement': 2, 'number-outside-band': 1 }, seed: 3 };

const startOf = (kind: StartKind, seed: number) =>
  givenToStudents(startingPoint(ternIsland(), kind, PLANTED), kind, seed);

describe('a start that students are given', () => {
  it('is the same book but for its ids, which are the same for the same seed and tell nothing', () => {
    fc.assert(
      fc.property(anyBook, fc.integer({ min: 0, max: 2 ** 31 }), (book, seed) => {
        const own = withOwnIds(book, seed);
        expect(faultsOfBook(own)).toEqual(faultsOfBook(book));
        expect(withOwnIds(book, seed)).toEqual(own);
        const before = new Set(book.accounts.map(({ id }) => id));
        for (const { id } of own.accounts) expect(before.has(id)).toBe(false);
        expect(own.accounts.map(({ name }) => name)).toEqual(book.accounts.map(({ name }) => name));
        expect(checkWork(keyOf(book), own)).toMatchObject({
          points: checkWork(keyOf(book), book).points,
        });
      }),
      { numRuns: 60 },
    );
  });

  it.each(['place-them', 'number-them', 'mend-it'] as const)(
    '%s has the order of its seed',
    (kind) => {
      const order = (seed: number) => startOf(kind, seed).accounts.map(({ name }) => name);
      expect(order(1)).not.toEqual(order(2));
      expect([...order(1)].sort()).toEqual([...order(2)].sort());
    },
  );

  it.each(START_KINDS.filter((kind) => kind !== 'everything'))(
    '%s: untouched earns nothing, finished earns everything',
    (kind) => {
      const key = keyOf(ternIsland(), { points: usualPoints(kind) });
      const start = startOf(kind, 5);
      expect(checkWork(key, start, { start }).points).toBe(0);
      const { points, of } = checkWork(key, ternIsland(), { start });
      expect(of).toBeGreaterThan(0);
      expect(points).toBe(of);
    },
  );
});

test('what there is to earn never depends on what is accepted', () => {
  const book = ternIsland();
  const types = CATALOGUE.map(({ id }) => id);
  const accepted = fc.record({
    account: fc.constantFrom(...book.accounts.map(({ id }) => id)),
    name: fc.constantFrom('Hire fleet', 'Bank', 'Something else'),
    type: fc.constantFrom(...types),
  });
  fc.assert(
    fc.property(
      fc.constantFrom(...START_KINDS),
      fc.array(accepted, { maxLength: 4 }),
      (kind, all) => {
        const start = startOf(kind, 9);
        const key = keyOf(book, { points: usualPoints(kind) });
        const accepts = [...new Map(all.map((each) => [each.account, each])).values()].map(
          ({ account, name, type }) => ({
            ...acceptedFor(key, account),
            names: [name],
            types: [type],
          }),
        );
        const more = { ...key, accepts };
        expect(checkWork(more, start, { start }).of).toBe(checkWork(key, start, { start }).of);
      },
    ),
    { numRuns: 60 },
  );
});
