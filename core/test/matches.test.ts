import { checkWork, keyOf, sentenceOf, type Book, type Checked } from '../src/index.js';
import { corrected, wordLikeness } from '../src/model/naming/spelling.js';
import { acct, drop, entry, shop } from './builder.js';

const faults = ({ results }: Checked): string[] =>
  results.filter(({ outcome }) => outcome === 'not-met').map(({ ref }) => ref);
const outcomes = ({ results }: Checked, check: string, id: string) =>
  results.filter((each) => each.check === check && each.subject.id === id);

describe('two words', () => {
  test('are a slip apart where two letters changed places, the first two among them', () => {
    expect(wordLikeness('abnk', 'bank')).toBe(0.75);
    expect(wordLikeness('bnak', 'bank')).toBe(0.75);
    expect(wordLikeness('bakn', 'bank')).toBe(0.75);
    expect(corrected('aslaries', new Set(['salaries']))).toBe('salaries');
  });

  test('are none where letters further apart changed places', () => {
    expect(wordLikeness('kanb', 'bank')).toBe(0);
    expect(corrected('selarias', new Set(['salaries']))).toBe('selarias');
  });
});

describe('a name', () => {
  const withOffice = (of: Book, rest: object = {}): Book => ({
    ...of,
    accounts: [
      ...of.accounts,
      acct('desk', 'office', { number: '6500', name: 'Desk things', ...rest }),
    ],
  });
  const key = keyOf(withOffice(shop()));

  test('of an account without figures is any sensible one where type and number agree', () => {
    expect(faults(checkWork(key, withOffice(shop(), { name: 'Pens and paper' })))).toEqual([]);
  });

  test('that the program does not know costs nothing where nothing but the type agrees', () => {
    const other = withOffice(shop(), { name: 'Pens and paper', number: '6990' });
    expect(faults(checkWork(key, other))).toEqual([]);
  });

  test('of another thing costs its mark there, too', () => {
    const other = withOffice(shop(), { name: 'Wages', number: '6990' });
    expect(faults(checkWork(key, other))).toEqual(['account.name:desk']);
  });
});

describe('an opening balance that stands on another account', () => {
  test('follows from the account that is missing', () => {
    const without = drop(shop(), 'prepaid');
    const { prepaid = 0, debtors = 0, ...balances } = without.opening.balances;
    const work: Book = {
      ...without,
      opening: {
        ...without.opening,
        balances: { ...balances, debtors: debtors + (prepaid || 60_000) },
      },
      entries: without.entries.filter(({ id }) => id !== 'cover'),
    };
    const [found] = outcomes(checkWork(keyOf(shop()), work), 'opening.amount', 'debtors');
    expect(found).toMatchObject({ outcome: 'follows', from: ['account.present:prepaid'] });
  });

  test('is a fault of its own where none is missing', () => {
    const balances = { ...shop().opening.balances, debtors: 180_000, prepaid: 0 };
    const work = { ...shop(), opening: { ...shop().opening, balances } };
    const [found] = outcomes(checkWork(keyOf(shop()), work), 'opening.amount', 'debtors');
    expect(found?.outcome).toBe('not-met');
  });
});

describe('entries that differ one by one', () => {
  const day = '2027-02-10';
  const two = (a: Record<string, number>, b: Record<string, number>): Book => ({
    ...shop(),
    entries: [...shop().entries, entry('one', day, { lines: a }), entry('two', day, { lines: b })],
  });
  const made = two(
    { insurance: 6_000, wear: 4_000, bank: -10_000 },
    { insurance: 1_000, bank: -1_000 },
  );

  test('cost nothing where a part of one went with another of the same day', () => {
    const work = two(
      { insurance: 6_000, wear: 1_000, bank: -7_000 },
      { insurance: 1_000, wear: 3_000, bank: -4_000 },
    );
    expect(faults(checkWork(keyOf(made), work))).toEqual([]);
  });

  test('are two faults where the amounts of both are wrong and cancel each other', () => {
    const work = two(
      { insurance: 6_500, wear: 4_000, bank: -10_500 },
      { insurance: 500, bank: -500 },
    );
    expect(faults(checkWork(keyOf(made), work))).toEqual([
      'entry.amounts:one',
      'entry.amounts:two',
    ]);
  });

  test('are faults where together they do not', () => {
    const work = two(
      { insurance: 6_500, wear: 4_000, bank: -10_500 },
      { insurance: 600, bank: -600 },
    );
    const found = checkWork(keyOf(made), work);
    expect(faults(found).some((ref) => ref.startsWith('entry.amounts'))).toBe(true);
    for (const result of found.results) expect(sentenceOf(result)).toMatch(/\.$/);
  });
});
