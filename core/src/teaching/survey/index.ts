export { classesCompared, type ClassesCompared, type ComparedWork } from './classes-compared.js';
export { spreadOf, worst } from './survey.js';
export { marksToTable, type MarkRow } from './marks-table.js';
export { columnsOfClass, overviewOf, type Overview } from './overview.js';
export { classMixUps, type ClassMixUp, type MixedStudent } from './class-mix-ups.js';
