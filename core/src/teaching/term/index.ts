export {
  percentOfTenths,
  termResult,
  type Counts,
  type TermExercise,
  type TermWork,
} from './term-marks.js';
