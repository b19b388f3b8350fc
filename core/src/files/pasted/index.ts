export { entriesInTable } from './entries-in-table.js';
