import { classesCompared, type ComparedWork } from '../src/index.js';

const work = (
  share: number | null,
  groups: readonly string[],
  cells: Readonly<Record<string, string>>,
): ComparedWork => ({ share, groups, cells });

const works = [
  work(0.9, ['spring'], { bank: 'met', van: 'not-met', rent: 'cannot-judge' }),
  work(0.5, ['spring'], { bank: 'follows', van: 'not-met' }),
  work(0.7, ['autumn', 'evening'], { bank: 'not-met', van: 'met', rent: 'met' }),
  work(null, ['autumn'], { bank: 'not-met', van: 'not-met' }),
];

test('each class has its own marks; who is in two counts in both; what has no mark counts in none', () => {
  const { classes } = classesCompared(works, ['spring', 'autumn', 'evening', 'summer'], ['bank']);
  expect(classes).toEqual([
    { id: 'spring', marked: 2, spread: { middle: 0.7, low: 0.5, high: 0.9 } },
    { id: 'autumn', marked: 1, spread: { middle: 0.7, low: 0.7, high: 0.7 } },
    { id: 'evening', marked: 1, spread: { middle: 0.7, low: 0.7, high: 0.7 } },
    { id: 'summer', marked: 0, spread: null },
  ]);
});

test('what was missed stands the hardest first, by class; whose work can’t say is no share of it', () => {
  const { hard } = classesCompared(works, ['spring', 'autumn', 'summer'], ['rent', 'bank', 'van']);
  expect(hard).toEqual([
    { id: 'van', missed: 2 / 3, byClass: [1, 0, null] },
    { id: 'bank', missed: 1 / 3, byClass: [0, 1, null] },
  ]);
});

test('what was given and left as it was is not missed', () => {
  const given = [work(1, ['spring'], {}), work(0.5, ['spring'], { wages: 'not-met' })];
  expect(classesCompared(given, ['spring'], ['wages']).hard).toEqual([
    { id: 'wages', missed: 0.5, byClass: [0.5] },
  ]);
});
