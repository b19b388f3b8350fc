export {
  answeringFor,
  CHECKS,
  checkById,
  faultOf,
  runChecks,
  sentenceOf,
  type CheckId,
} from './check-list.js';
export { settingName } from './company-settings.js';
export { refOf, type CauseShare, type CheckResult, type Outcome, type Subject } from './finding.js';
export type { Judged } from './judged.js';
export { Marking } from './marking.js';
export type { Saying, WhatIsSaid } from './what-is-said.js';
