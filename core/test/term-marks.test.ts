import fc from 'fast-check';
import { percentOfTenths, termResult, type TermExercise, type TermWork } from '../src/index.js';

const exercise = (id: string, rest: Partial<TermExercise> = {}): TermExercise => ({
  ...{ id, title: id, weight: 1, isOver: true },
  ...rest,
});
const mark = (points: number, of = 100): TermWork => ({
  ...{ mark: { points, of }, isIn: true, mayStill: false, isExcused: false, isGiven: true },
});
const of = (exercises: readonly TermExercise[], works: Record<string, TermWork>, worst = 0) =>
  termResult(exercises, new Map(Object.entries(works)), worst);

it('is the mean of what was given back, each by its weight', () => {
  const found = of([exercise('a'), exercise('b', { weight: 3 })], { a: mark(50), b: mark(18, 20) });
  expect(found.tenths).toBe(800);
  expect(percentOfTenths(found.tenths)).toBe('80.0 %');
  expect(percentOfTenths(of([exercise('a')], { a: mark(2, 3) }).tenths)).toBe('66.7 %');
});

it('counts what is missing as nothing once the class has its works back, and not before', () => {
  const over = of([exercise('a'), exercise('b')], { a: mark(80) });
  expect([over.tenths, over.counts.get('b')]).toEqual([400, 'missing']);
  const ahead = { mark: null, isIn: false, mayStill: true, isExcused: false, isGiven: true };
  const still = of([exercise('a'), exercise('b')], { a: mark(80), b: ahead });
  expect([still.tenths, still.counts.get('b')]).toEqual([800, 'not-yet']);
  const open = of([exercise('a'), exercise('b', { isOver: false })], { a: mark(80) });
  expect([open.tenths, open.counts.get('b')]).toEqual([800, 'not-yet']);
});

it('leaves out who was ill, what waits for its mark, what has no weight, and the worst', () => {
  const all = [
    exercise('a'),
    exercise('b'),
    exercise('c'),
    exercise('d', { weight: 0 }),
    exercise('e'),
  ];
  const works = {
    a: mark(90),
    b: { ...mark(10), isExcused: true },
    c: { mark: null, isIn: true, mayStill: false, isExcused: false, isGiven: true },
    d: mark(1),
    e: mark(30),
  };
  const found = of(all, works, 1);
  expect(found.tenths).toBe(900);
  expect([...found.counts.values()]).toEqual([
    'counts',
    'excused',
    'waits',
    'no-weight',
    'dropped',
  ]);
});

it('counts neither way what a student was not given, once the others have theirs back', () => {
  const not = { mark: null, isIn: false, mayStill: false, isExcused: false, isGiven: false };
  const found = of([exercise('a'), exercise('b')], { a: mark(80), b: not });
  expect([found.tenths, found.counts.get('b')]).toEqual([800, 'not-given']);
  const done = of([exercise('a'), exercise('b')], {
    a: mark(80),
    b: { ...mark(40), isGiven: false },
  });
  expect([done.tenths, done.counts.get('b')]).toEqual([600, 'counts']);
});

it('says nothing where nothing counts yet, and never drops the last', () => {
  expect(of([exercise('a', { isOver: false })], {}).tenths).toBeNull();
  expect(percentOfTenths(null)).toBe('');
  expect(of([exercise('a')], { a: mark(40) }, 3).tenths).toBe(400);
});

it('lies between the worst and the best, and dropping the worst never lowers it', () => {
  const work = fc.record({
    points: fc.integer({ min: 0, max: 100 }),
    weight: fc.integer({ min: 1, max: 9 }),
  });
  fc.assert(
    fc.property(fc.array(work, { minLength: 1, maxLength: 8 }), fc.nat(3), (works, worst) => {
      const exercises = works.map(({ weight }, i) => exercise(`e${i}`, { weight }));
      const marks = Object.fromEntries(works.map(({ points }, i) => [`e${i}`, mark(points)]));
      const all = of(exercises, marks).tenths ?? -1;
      const shares = works.map(({ points }) => points * 10);
      expect(all).toBeGreaterThanOrEqual(Math.min(...shares));
      expect(all).toBeLessThanOrEqual(Math.max(...shares));
      expect(of(exercises, marks, worst).tenths).toBeGreaterThanOrEqual(all);
    }),
  );
});
