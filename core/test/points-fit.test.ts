import {
  AIMS,
  CHECKS,
  checkWork,
  keyOf,
  startingPoint,
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
    const said = new Map(weightsOf({ aim }).map(({ fault, points }) => [fault, points]));
    const account = said.get('An account left out') ?? NaN;
    expect(account).toBeGreaterThan(worth(aim, 'account.statement'));
    expect(account).toBeLessThanOrEqual(said.get('An entry left out') ?? NaN);
  });

  test.each([
    ['Tern Island', ternIsland()],
    ['Pollard Row', pollardRow()],
  ])('so it is in the books of %s, for accounts that hold nothing', (_, key) => {
    const ofEntries = key.entries.map(({ id }) =>
      lossOf(key, aim, { ...key, entries: key.entries.filter((each) => each.id !== id) }),
    );
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
