export { compareNumbers, LONGEST_NUMBER, numberKey, readNumber } from './account-number.js';
export {
  bandNameAt,
  bandOfSection,
  bandOfType,
  inBand,
  keptWithin,
  type Band,
  type NumberPlan,
} from './number-plan.js';
export { planNotices } from './plan-notices.js';
export { SHIPPED_PLANS, shippedPlan } from './shipped-plans.js';
export { freeChildNumber, freeNearby, freeNumber, type NumberGap } from './free-number.js';
export { freeNumberAt, positionInBand, ticksOf } from './ruler.js';
