import {
  AIMS,
  CHECKS,
  checkWork,
  keyOf,
  startingPoint,
  pointsFollowing,
  weightsOf,
  type Aim,
} from '../src/index.js';
import type { Book } from '../src/index.js';
import { pollardRow, ternIsland } from '../src/demo/index.js';

const worth = (aim: Aim, id: string): number =>
  CHECKS.find((check) => check.id === id)?.points[aim] ?? NaN;

const NOTHING = { faults: {}, seed: 1 };

const without = (book: Book, account: string): Book => ({
  ...book,
  accounts: book.accounts.filter(({ id }) => id !== account),
});

const changed = (book: Book, account: string, type: string): Book => ({
  ...book,
  accounts: book.accounts.map((each) => (each.id === account ? { ...each, type } : each)),
});

/** What a work loses that is made from nothing, by what the exercise is about. */
const lossOf = (key: Book, aim: Aim, work: Book): number => {
  const start = startingPoint(key, 'company-only', NOTHING);
  const { points, of } = checkWork(keyOf(key, { aim }), work, { start });
  return of - points;
};

/** Accounts that hold nothing and head no others. */
function empty({ accounts, entries, opening }: Book): string[] {
  const used = new Set([
    ...entries.flatMap(({ lines }) => lines.map(({ account }) => account)),
    ...accounts.map(({ parent }) => parent),
    ...Object.keys(opening.balances),
    'retained-earnings',
  ]);
  return accounts.map(({ id }) => id).filter((id) => !used.has(id));
}

/** The book with an account that nothing is recorded on. */
const withSpare = (book: Book): Book => ({
  ...book,
  accounts: [
    ...book.accounts,
    ...book.accounts
      .filter(({ type }) => type === 'prepayment')
      .slice(0, 1)
      .map((each) => ({ ...each, id: 'spare', number: null, name: 'Rent paid in advance' })),
  ],
});

describe.each(AIMS)('points of an exercise about %s', (aim) => {
  test('a statement weighs more than a section, that more than a type, that more than a name', () => {
    const weights = ['statement', 'section', 'type', 'name'].map((each) =>
      worth(aim, `account.${each}`),
    );
    expect(weights).toEqual([...new Set(weights)].sort((a, b) => b - a));
    if (aim !== 'numbers')
      expect(worth(aim, 'account.number')).toBeLessThan(worth(aim, 'account.type'));
  });

  test('an account left out costs no more than an entry left out, whatever the book', () => {
    for (const key of [ternIsland(), pollardRow()]) {
      const start = startingPoint(key, 'company-only', NOTHING);
      const weights = weightsOf(keyOf(key, { aim }), start);
      const said = new Map(weights.map(({ fault, points }) => [fault, points]));
      const account = said.get('An account left out') ?? NaN;
      expect(account).toBeGreaterThan(worth(aim, 'account.statement'));
      expect(account).toBeLessThanOrEqual(said.get('An entry left out') ?? NaN);
      expect(weights.map(({ points }) => points)).toEqual(
        weights.map(({ points }) => points).sort((a, b) => b - a),
      );
    }
  });

  test.each([
    ['Tern Island', withSpare(ternIsland())],
    ['Pollard Row', withSpare(pollardRow())],
  ])('so it is in the books of %s, for accounts that hold nothing', (_, key) => {
    const ofEntries = key.entries.map(({ id }) =>
      lossOf(key, aim, { ...key, entries: key.entries.filter((each) => each.id !== id) }),
    );
    expect(empty(key)).not.toEqual([]);
    for (const id of empty(key))
      expect(lossOf(key, aim, without(key, id))).toBeLessThanOrEqual(Math.max(...ofEntries));
  });

  test('setting an account up wrongly costs less than leaving it out', () => {
    const key = ternIsland();
    const out = lossOf(key, aim, without(key, 'insurance-prepaid'));
    const wrong = lossOf(key, aim, changed(key, 'insurance-prepaid', 'service-fees'));
    expect(wrong).toBeLessThan(out);
    expect(wrong).toBe(worth(aim, 'account.statement'));
  });

  test('an entry turned round costs as much as one with a wrong amount', () => {
    const key = ternIsland();
    const at = key.entries.findIndex(({ lines }) => lines.length === 2);
    const like = (factor: number): Book => ({
      ...key,
      entries: key.entries.map((each, i) =>
        i === at
          ? { ...each, lines: each.lines.map((l) => ({ ...l, amount: l.amount * factor })) }
          : each,
      ),
    });
    expect(lossOf(key, aim, like(-1))).toBe(worth(aim, 'entry.amounts'));
    expect(lossOf(key, aim, like(2))).toBe(worth(aim, 'entry.amounts'));
  });
});

test('what an exercise is about weighs most', () => {
  const heaviest = (aim: Aim, group: string) =>
    CHECKS.filter(({ id }) => id.startsWith(group)).reduce((a, b) =>
      b.points[aim] > a.points[aim] ? b : a,
    ).id;
  expect(heaviest('numbers', 'account.')).toMatch(/number|statement/);
  expect(worth('numbers', 'account.number')).toBeGreaterThan(worth('types', 'account.number'));
  expect(worth('types', 'account.statement')).toBeGreaterThan(worth('books', 'account.statement'));
  expect(worth('books', 'entry.amounts')).toBeGreaterThan(worth('books', 'account.statement'));
});

test('a list of balances is marked by the same points as the books that it shows', () => {
  const key = ternIsland();
  const loss = (options: object, work: Book) => {
    const { results } = checkWork(keyOf(key), work, options);
    return results.filter(({ outcome }) => outcome === 'not-met').map(({ ref, of }) => [ref, of]);
  };
  const wrong = changed(key, 'insurance-prepaid', 'service-fees');
  const asList = { ...wrong, entries: [], opening: { date: '2027-12-31', balances: {} } };
  const ofList = loss({ balancesAt: '2027-12-31' }, asList);
  expect(ofList).toContainEqual(
    loss({}, wrong).find(([ref]) => String(ref).startsWith('account.statement')),
  );
});

test('the picture of what weighs how much shows what is asked for, as it is lost', () => {
  const key = ternIsland();
  const start = startingPoint(key, 'company-only', NOTHING);
  const faults = (of: Book, points = {}) =>
    new Map(weightsOf(keyOf(of, { points }), start).map(({ fault, points: n }) => [fault, n]));
  expect(faults({ ...key, entries: [] }).has('An entry left out')).toBe(false);
  expect(faults(key).has('A question answered wrongly')).toBe(false);
  const bare = { ...key, entries: [], opening: { ...key.opening, balances: {} } };
  const ofAccounts = empty(bare).map((id) => lossOf(bare, 'setting-up', without(bare, id)));
  expect(ofAccounts).toContain(faults(bare).get('An account left out'));
  expect(faults(key, { 'account.name': 0 }).has('A name that says something else')).toBe(false);
});

test('points follow another aim, but for what is left out and what single accounts count', () => {
  const points = {
    'account.present': 2,
    'account.name': 0,
    'account.type:bank': 5,
    'entry.date': 1,
  };
  expect(pointsFollowing(points)).toEqual({ 'account.name': 0, 'account.type:bank': 5 });
});
