export {
  percentOfTenths,
  termResult,
  type Counts,
  type TermExercise,
  type TermResult,
  type TermWork,
} from './term-marks.js';
