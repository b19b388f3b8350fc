export * from './survey.js';
export { marksToTable, type MarkRow } from './marks-table.js';
export { columnsOfClass, overviewOf, type NamedColumn, type Overview } from './overview.js';
