export { type Level, LEVELS, type SectionFigures } from './section-figures.js';
export { trialBalance, trialMovement } from './trial-balance.js';
export { bookAfter, courseOf, type CourseStep } from './course.js';
export { looksWrong, type LooksWrong } from './looks-wrong.js';
export { budgetFigures, budgetPeriods, hasBudgets } from './budget-figures.js';
export { worksheet } from './worksheet.js';
export { balanceSheet } from './balance-sheet.js';
export { cashBasis } from './cash-basis.js';
export { movedSays } from './other-side.js';
export { countsIn, PROFIT_LINES, profitAndLoss } from './profit-and-loss.js';
export {
  activityOf,
  cashFlow,
  FLOW_PARTS,
  flowBeginning,
  type CashFlow,
  type FlowLine,
} from './cash-flow.js';
export {
  changesInEquity,
  EQUITY_COLUMN_NAMES,
  equityColumnsShown,
  IN_SUSPENSE,
  type EquityColumn,
} from './changes-in-equity.js';
export { profitOnSheet } from './profit-on-sheet.js';
export { comparedLines, sectionLike, type ComparedLine } from './compared.js';
export { linesOfStatement, type StatementLine } from './lines.js';
export { statementsToJson, usualPeriod } from './statements-json.js';
export { periodEnds, shownPeriod } from './shown-period.js';
export {
  budgetFigure,
  inChartOrder,
  profitLineName,
  profitRows,
  profitRowsBeside,
  withThoseOf,
  resultName,
  spreadFigures,
  subtotalsShown,
  type SpreadFigures,
} from './spread-figures.js';
export { whatMoves, type Moved } from './what-moves.js';
export { flowLineName } from './flow-words.js';
