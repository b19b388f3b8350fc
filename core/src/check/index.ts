export * from './check.js';
export { CHECKS, checkById, sentenceOf } from './check-list.js';
export { Marking, postingOf, type MarkingOptions } from './marking.js';
