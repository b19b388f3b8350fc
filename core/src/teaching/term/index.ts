export { percentOfTenths } from './percent-of-tenths.js';
export { termResult, type Counts, type TermExercise, type TermWork } from './term-marks.js';
