export { bandOfType, inBand, type Band, type NumberPlan } from './number-plan.js';
export { planNotices } from './plan-notices.js';
export { SHIPPED_PLANS, shippedPlan } from './shipped-plans.js';
export { freeChildNumber, freeNearby, freeNumber } from './free-number.js';
export { freeNumberAt, ticksOf } from './ruler.js';
