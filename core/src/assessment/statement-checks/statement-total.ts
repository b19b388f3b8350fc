import type { Check } from '../check/check.js';
import { compareLines, lineSays, type LineFacts } from './statement-figures.js';
import { atEach } from '../check/worth.js';

type Found = LineFacts;

export const statementTotal: Check<'statement.total', Found> = {
  id: 'statement.total',
  title: 'Total of a statement',
  fault: 'Total not right',
  compares: 'Each subtotal and total, at each date that the key names.',
  looksAt: { opening: ['balances'], line: ['account', 'amount'], account: ['type'] },
  points: atEach(1),
  run: (marking) => compareLines(marking, true),
  says: lineSays,
};
