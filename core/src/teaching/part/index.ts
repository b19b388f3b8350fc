export { EXERCISE_PARTS, exerciseOfParts, type ExerciseParts } from './exercise-parts.js';
export {
  type Overtaken,
  type PartChange,
  partChanges,
  partsBefore,
  reverseOf,
  withPartChanges,
} from './part-changes.js';
export { partSays, type Named } from './part-tree.js';
export { namedIn } from './named-in.js';
export { besideParts, partsForBook } from './parts-for-book.js';
