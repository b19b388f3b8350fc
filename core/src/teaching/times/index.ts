export {
  ALWAYS,
  COUNTS_RULES,
  daysLate,
  GRACE,
  isClosed,
  LATE_RULES,
  lateBy,
  lateOffOf,
  standsAt,
  timesOf,
  timesOfTry,
  type CountsRule,
  type LateRule,
  type Times,
} from './times.js';
export { countedMark, type CountedMark } from './counted-mark.js';
export { dayIn, daysLater, isZone, lastsSaid, momentSaid } from './told-time.js';
