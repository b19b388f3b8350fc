export type { Check } from './check.js';
export {
  answeringFor,
  CHECKS,
  checkById,
  faultOf,
  runChecks,
  sentenceOf,
  type CheckId,
} from './check-list.js';
export {
  refOf,
  type CauseShare,
  type CheckResult,
  type Finding,
  type Outcome,
  type Subject,
} from './finding.js';
export type { Judged } from './judged.js';
export { Marking, postingOf, type MarkingOptions } from './marking.js';
