export {
  DRILL_ASKS,
  DRILL_KINDS,
  drillQuestion,
  stockName,
  type DrillKind,
  type DrillQuestion,
} from './ask.js';
export { drillFeedback, type DrillFeedback } from './feedback.js';
export { drillNames } from './choose.js';
export { drillCurves, tallies, type CurvePoint, type DrillAnswer } from './history.js';
export { STOCK } from './stock.js';
