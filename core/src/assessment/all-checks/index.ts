export {
  answeringFor,
  CHECKS,
  checkById,
  faultOf,
  kindOfFault,
  runChecks,
  noteOf,
  sentenceOf,
  type CheckId,
} from './check-list.js';
export { settingName } from './company-settings.js';
export {
  refOf,
  type CauseShare,
  type CheckResult,
  type Outcome,
  type Subject,
} from '../check/finding.js';
export type { Judged } from '../check/judged.js';
export { Marking } from '../check/marking.js';
export type { Saying, WhatIsSaid } from '../check/what-is-said.js';
export { inOneText, TOLD_PARTS, toldUpTo, type Told, type ToldPart } from '../check/told.js';
