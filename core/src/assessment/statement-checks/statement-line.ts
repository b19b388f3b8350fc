import type { Check } from '../check/check.js';
import { compareLines, lineSays, type LineFacts } from './statement-figures.js';
import { atEach } from '../check/worth.js';

type Found = LineFacts;

export const statementLine: Check<'statement.line', Found> = {
  id: 'statement.line',
  title: 'Section of a statement',
  fault: 'Section total not right',
  compares: 'Each section’s figure, at each date that the key names.',
  looksAt: { opening: ['balances'], line: ['account', 'amount'], account: ['type'] },
  points: atEach(1),
  run: (marking) => compareLines(marking, false),
  says: lineSays,
};
