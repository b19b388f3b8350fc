import {
  accountAt,
  apply,
  checkpoint,
  keyOf,
  proposedGuide,
  startingPoint,
  givenToStudents,
  guessesIn,
  guessesSettled,
  moveTo,
  placeAt,
  SHIPPED_SCHEMES,
  stillOpen,
  type Book,
  type Operation,
  type Result,
} from '../src/index.js';
import { typeGuess } from '../src/model/naming/guess-type.js';
import { acct, book } from './builder.js';
import { SMALL_BUSINESS_NAMES } from './small-business-names.js';

const [scheme] = SHIPPED_SCHEMES;

interface Named {
  readonly section: string;
  readonly name: string;
  readonly right: readonly string[];
}

const names = (text: string): Named[] => {
  let section = '';
  return text
    .trim()
    .split('\n')
    .flatMap((row) => {
      const [name = '', right] = row.split(' = ');
      if (right === undefined) section = row;
      return right === undefined ? [] : [{ section, name, right: right.split(' | ') }];
    });
};

const guessed = names(SMALL_BUSINESS_NAMES).map((each) => {
  if (!scheme) throw new Error('no scheme');
  const guess = typeGuess(scheme, each.name, each.section);
  return {
    ...each,
    guess: guess?.type.id ?? null,
    isSure: guess?.isSure ?? false,
    isRight: each.right.includes(guess?.type.id ?? ''),
  };
});

const described = (wrong: typeof guessed) => wrong.map(({ name, guess }) => `${name}: ${guess}`);

test('what a small business has is guessed right, eight times of ten', () => {
  const wrong = guessed.filter(({ isRight }) => !isRight);
  if (wrong.length > guessed.length / 5) expect(described(wrong)).toEqual([]);
});

test('none is wrong without being shown as a guess', () => {
  expect(described(guessed.filter(({ isRight, isSure }) => isSure && !isRight))).toEqual([]);
});

test('what nobody knows is never land', () => {
  const guess = scheme && typeGuess(scheme, 'Zorbing spheres', 'non-current-assets');
  expect(guess).toMatchObject({ isSure: false, type: { id: 'plant-equipment' } });
});

test('what is called as its type is called is no guess', () => {
  for (const type of scheme?.types ?? [])
    if (scheme && type.role !== 'suspense')
      expect([type.name, typeGuess(scheme, type.name, type.section)]).toEqual([
        type.name,
        { type, isSure: true },
      ]);
});

const after = (of: Book, made: Operation | Result<Operation>): Book => {
  const operation = 'ok' in made ? (made.ok ? made.value : null) : made;
  const applied = operation && apply(of, operation);
  if (!applied?.ok) throw new Error('it was refused');
  return applied.value.book;
};

const move = (id: string, type: string) => ({
  ...{ kind: 'move-account' as const, id, type, parent: null as string | null, number: null },
});

describe('a guess', () => {
  const of = book([acct('bank', 'bank'), acct('kiln', 'plant-equipment')]);

  test('is marked where the name alone says the type, not where it is called so', () => {
    expect(
      accountAt(of, 'non-current-assets', { name: 'Zorbing spheres', number: null }),
    ).toMatchObject({ type: 'plant-equipment', guessed: true });
    expect(accountAt(of, 'non-current-assets', { name: 'Vehicles', number: null })).toMatchObject({
      type: 'vehicles',
      guessed: false,
    });
  });

  test('is one when an account is moved into another section, and none when its type is chosen', () => {
    const moved = after(
      of,
      moveTo(of, 'kiln', { section: 'current-assets', parent: null, after: null }),
    );
    expect(guessesIn(moved).map(({ id, type }) => [id, type])).toEqual([['kiln', 'inventory']]);
    expect(guessesIn(after(moved, placeAt(moved, 'kiln', 'supplies')))).toEqual([]);
    expect(guessesIn(after(moved, placeAt(moved, 'kiln', 'inventory')))).toEqual([]);
    const nudged = after(moved, { ...move('kiln', 'inventory'), parent: 'bank' });
    expect(guessesIn(nudged)).toHaveLength(1);
  });

  test('is settled for all in one step, which is taken back in one', () => {
    const moved = after(
      of,
      moveTo(of, 'kiln', { section: 'current-assets', parent: null, after: null }),
    );
    const applied = apply(moved, guessesSettled(moved, ['kiln']));
    if (!applied.ok) throw new Error(applied.refusals[0]?.says);
    expect(guessesIn(applied.value.book)).toEqual([]);
    expect(after(applied.value.book, applied.value.inverse)).toEqual(moved);
  });

  test('is asked for before a work is handed in, and never of what was given', () => {
    const moved = after(
      of,
      moveTo(of, 'kiln', { section: 'current-assets', parent: null, after: null }),
    );
    const asked = { asksSides: false, asksTypes: true };
    expect(stillOpen(moved, asked).map(({ says }) => says)).toContain(
      'The type of “1010 kiln” is a guess from the name. Say in the chart what it is.',
    );
    expect(guessesIn(givenToStudents(moved, 'accounts', 1))).toEqual([]);
  });

  test('is none in what one goes on from', () => {
    const guessed = of.accounts.map((each) => ({ ...each, guessed: true }));
    const key = keyOf({ ...of, accounts: guessed });
    const start = startingPoint(key.book, 'company-only', { faults: {}, seed: 1 });
    const guide = proposedGuide(key, start);
    const whole = checkpoint(key, start, { guide, upTo: 99 });
    expect(whole.accounts.length).toBeGreaterThan(0);
    expect(guessesIn(whole)).toEqual([]);
  });
});
