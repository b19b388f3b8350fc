import type { Exercise } from '../teaching/exercise/index.js';
import { ADJUSTING } from './exercises/adjusting.js';
import { BEGINNING } from './exercises/beginning.js';
import { ENDS } from './exercises/ends.js';
import { GOODS } from './exercises/goods.js';
import { NUMBERS } from './exercises/numbers.js';
import { OWNERS } from './exercises/owners.js';
import { THINGS } from './exercises/things.js';
import { TYPES } from './exercises/types.js';
import { WHOLE } from './exercises/whole.js';
import { readyExercise } from './ready/ready-exercise.js';
import type { ReadySheet } from './ready/ready-sheet.js';

export { readyFacts, type ReadyFacts } from './ready/ready-facts.js';
export { SUBJECTS } from './ready/ready-sheet.js';
export {
  SAMPLE_EXERCISES,
  SAMPLE_GROUP,
  SAMPLE_STUDENTS,
  type SampleStudent,
} from './sample/sample-class.js';
export { sampleWork, type SampleFaults } from './sample/sample-work.js';

/** The ready exercises that ship with the program, in the order of a course. */
export const SHELF: readonly ReadySheet[] = [
  ...[...TYPES, ...NUMBERS, ...BEGINNING, ...ADJUSTING],
  ...[...THINGS, ...GOODS, ...OWNERS, ...ENDS, ...WHOLE],
];

const made = new Map<string, Exercise>();

/** One of the shelf, whole; null: there is none of this name. */
export function fromShelf(id: string): Exercise | null {
  const sheet = SHELF.find((each) => each.id === id);
  if (!sheet) return null;
  const exercise = made.get(id) ?? readyExercise(sheet);
  made.set(id, exercise);
  return exercise;
}
