export * from './survey.js';
export { marksToTable, type MarkRow } from './marks-table.js';
