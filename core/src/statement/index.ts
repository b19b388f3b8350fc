export * from './section-figures.js';
export * from './trial-balance.js';
export * from './balance-sheet.js';
export * from './profit-and-loss.js';
export * from './cash-flow.js';
export * from './changes-in-equity.js';
export { comparedLines, sectionLike, type ComparedLine } from './compared.js';
export { linesOfStatement, type StatementLine } from './lines.js';
export { statementsToJson, usualPeriod } from './statements-json.js';
export { periodEnds, shownPeriod } from './shown-period.js';
export {
  budgetFigure,
  inChartOrder,
  profitLineName,
  resultName,
  spreadFigures,
  subtotalsShown,
  type SpreadFigures,
} from './spread-figures.js';
