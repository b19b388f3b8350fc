import type { Check } from './check.js';
import { compareLines, lineSays } from './statement-figures.js';

export const statementTotal: Check = {
  id: 'statement.total',
  title: 'Total of a statement',
  fault: 'Total not right',
  compares: 'Each subtotal and total, at each date that the key names.',
  points: 1,
  run: (marking) => compareLines(marking, true),
  says: lineSays,
};
