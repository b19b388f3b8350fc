export { documentsInTable } from './documents-in-table.js';
export { entriesInTable } from './entries-in-table.js';
