import { checkWork, type Exercise } from '../src/index.js';
import {
  fromShelf,
  SAMPLE_EXERCISES,
  SAMPLE_STUDENTS,
  sampleWork,
  type SampleFaults,
} from '../src/shelf/index.js';

const of = (id: string): Exercise => {
  const found = fromShelf(id);
  if (!found) throw new Error(id);
  return found;
};

function marked(exercise: Exercise, faults: SampleFaults) {
  const { work, answers } = sampleWork(exercise, faults);
  const { start } = exercise;
  const { points, of: all, results } = checkWork(exercise.key, work, { start, answers });
  return { points, all, missed: results.filter(({ outcome }) => outcome === 'not-met') };
}

describe.each(SAMPLE_EXERCISES)('the sample’s %s', (id) => {
  const exercise = of(id);

  it('gives full marks where nothing is wrong', () => {
    const { points, all } = marked(exercise, {});
    expect([points, all]).toEqual([100, 100]);
  });

  it('has a work for each student, each as its state says, marked for its own faults', () => {
    const at = SAMPLE_EXERCISES.indexOf(id);
    const points = SAMPLE_STUDENTS.flatMap(({ tries }) => {
      const own = tries[at];
      return own && own.state !== 'not-started'
        ? [[own, marked(exercise, own.faults)] as const]
        : [];
    });
    for (const [{ faults }, { points: earned, missed }] of points) {
      const isPerfect = Object.values(faults).every((each) => Array.isArray(each) && !each.length);
      expect(earned === 100).toBe(isPerfect);
      expect(missed.length > 0).toBe(!isPerfect);
      expect(earned).toBeGreaterThan(15);
    }
  });
});

it('tells each fault as what it is', () => {
  const types = of('bakery-types');
  const owed = of('bakery-owed');
  const told = (exercise: Exercise, faults: SampleFaults) => [
    ...new Set(marked(exercise, faults).missed.map(({ check }) => check)),
  ];
  expect(told(types, { misplaced: [2] }).some((check) => check.startsWith('account.'))).toBe(true);
  expect(told(owed, { leftOut: [4] })).toContain('entry.present');
  expect(told(owed, { turned: [0] }).some((check) => check.startsWith('entry.'))).toBe(true);
  expect(told(owed, { miswritten: [3] })).toContain('entry.amounts');
  expect(told(owed, { unknown: [1] })).toEqual(['question.answer']);
});
