export { blankParty, partiesInTable } from './parties-in-table.js';
export { blankItem, itemsInTable } from './items-in-table.js';
export type { Listed } from './listed.js';
export { studentsInTable, type StudentsInTable } from './students-in-table.js';
