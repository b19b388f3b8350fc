export * from './check.js';
export { CHECKS, checkById, faultOf, runChecks, sentenceOf } from './check-list.js';
export { Marking, postingOf, type MarkingOptions } from './marking.js';
export type { Judged } from './judged.js';
