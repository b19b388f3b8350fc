export {
  DRILL_ASKS,
  DRILL_KINDS,
  drillQuestion,
  drillFeedback,
  stockName,
  type DrillKind,
  type DrillQuestion,
  type DrillFeedback,
} from './ask.js';
export { drillNames } from './choose.js';
export { drillCurves, tallies, type CurvePoint, type DrillAnswer } from './history.js';
export { STOCK } from './stock.js';
