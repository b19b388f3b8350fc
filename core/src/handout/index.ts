export { handoutOf, handoutToTable } from './handout.js';
export * from './sheet.js';
