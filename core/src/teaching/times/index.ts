export {
  daysLate,
  GRACE,
  isClosed,
  LATE_RULES,
  lateBy,
  lateOffOf,
  standsAt,
  timesOf,
  type LateRule,
  type Times,
} from './times.js';
export { dayIn, daysLater, isZone, lastsSaid, momentSaid } from './told-time.js';
