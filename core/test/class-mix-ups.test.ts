import {
  checkWork,
  classMixUps,
  keptPairs,
  keptResults,
  keyOf,
  overviewOf,
  shippedScheme,
  type Book,
  type DrillAnswer,
  type MixedStudent,
  type Scheme,
} from '../src/index.js';
import { change, shop } from './builder.js';

const scheme = shippedScheme('current-first') as Scheme;
const key = keyOf(shop());

const work = (id: string, of: Book): MixedStudent['works'][number] => {
  const checked = checkWork(key, of);
  const found = { results: keptResults(checked), pairs: keptPairs(checked) };
  const { mixUps } = overviewOf(key, of, found);
  if (!mixUps) throw new Error('no mix-ups are told');
  return { id, mixUps };
};

const answer = (at: string, missed = false): DrillAnswer => ({
  ...{ name: 'prepayment-1', isRight: !missed, at },
  missed: missed ? 'ahead-or-used' : null,
});

const CONFUSED = change(shop(), 'prepaid', { type: 'insurance', number: null });
const row = (students: readonly MixedStudent[], distinction = 'ahead-or-used') =>
  classMixUps(scheme, students).find((each) => each.distinction === distinction);

it('counts what the accounts of a work asked for, and with which of them it was missed', () => {
  const students: MixedStudent[] = [
    { id: 'a', works: [work('w1', CONFUSED)], drills: [] },
    { id: 'b', works: [work('w2', shop())], drills: [] },
  ];
  const found = row(students);
  expect(found).toMatchObject({ missed: 1, before: null });
  expect(found?.asked).toBeGreaterThan(2);
  expect(found?.who).toEqual([
    {
      id: 'a',
      asked: (found?.asked ?? 0) / 2,
      missed: 1,
      names: ['Prepaid insurance'],
      work: 'w1',
    },
  ]);
});

it('does not count an accepted place, nor what the start had given', () => {
  const accepting = keyOf(shop(), {
    accepts: [
      {
        ...{ account: 'prepaid', names: [], types: ['insurance'], number: 'any' },
        ...{ required: true, several: true },
      },
    ],
  });
  const checked = checkWork(accepting, CONFUSED);
  const found = { results: keptResults(checked), pairs: keptPairs(checked) };
  expect(overviewOf(accepting, CONFUSED, found).mixUps?.missed).toEqual([]);
  expect(overviewOf(key, CONFUSED, { ...found, start: shop() }).mixUps).toEqual({
    asked: {},
    missed: [],
  });
});

it('adds drills, and tells how it was before the last sitting', () => {
  const drills = [
    answer('2027-01-01T10:00:00Z', true),
    answer('2027-01-01T10:01:00Z', true),
    answer('2027-01-02T10:00:00Z'),
    answer('2027-01-02T10:01:00Z'),
  ];
  const found = row([{ id: 'a', works: [], drills }]);
  expect(found).toMatchObject({ asked: 4, missed: 2, before: 1 });
  expect(found?.who[0]).toMatchObject({ names: ['Rent paid ahead'], work: null });
  const once = row([{ id: 'a', works: [], drills: drills.slice(2) }]);
  expect(once).toMatchObject({ asked: 2, missed: 0, before: null, who: [] });
});

it('puts whoever missed it most often first, and leaves out what was never asked', () => {
  const often = [answer('2027-01-01T10:00:00Z', true), answer('2027-01-01T10:01:00Z', true)];
  const students = [
    { id: 'a', works: [], drills: often.slice(1) },
    { id: 'b', works: [], drills: often },
  ];
  expect(row(students)?.who.map(({ id }) => id)).toEqual(['b', 'a']);
  expect(row(students, 'tax-of-whom')).toBeUndefined();
  expect(classMixUps(scheme, [])).toEqual([]);
});
