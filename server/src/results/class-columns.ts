import type { ClassColumn } from '@gleddo/contract';
import { accountOf, checkById, columnOf, linesOfStatement, type AnswerKey } from '@gleddo/core';
import type { checkResults } from '../database/schema/index.js';
import { knownSubjects } from './known-subjects.js';

type ResultRow = typeof checkResults.$inferSelect;

const ORDER = { account: 0, book: 1, entry: 2, line: 3 };
/** Of the statement lines, the totals tell enough in an overview. */
const SHOWN_LINES = new Set(['assets', 'liabilities', 'equity', 'profit']);

/** The columns of the class matrix: what the key asks, in the key's order. */
export function columnsFor(key: AnswerKey, rows: readonly ResultRow[]): ClassColumn[] {
  const known = knownSubjects(key);
  const found = new Map<string, ClassColumn>();
  for (const row of rows) {
    const subject = { kind: row.subjectKind, id: row.subjectId };
    const { id, kind } = columnOf({ ...row, of: row.outOf, subject }, known);
    if (kind === 'line' && !SHOWN_LINES.has(row.subjectId)) continue;
    if (!found.has(id)) found.set(id, { id, kind, name: nameOf(key, id, kind, row) });
  }
  const place = [...knownSubjects(key)];
  return [...found.values()].sort(
    (a, b) => ORDER[a.kind] - ORDER[b.kind] || place.indexOf(a.id) - place.indexOf(b.id),
  );
}

function nameOf(key: AnswerKey, id: string, kind: ClassColumn['kind'], row: ResultRow): string {
  if (kind === 'account') return accountOf(key.book, row.subjectId)?.name ?? id;
  if (kind === 'entry')
    return key.book.entries.find((each) => each.id === row.subjectId)?.text ?? id;
  if (kind === 'book') return checkById(row.check)?.title ?? row.check;
  const lines = (['balance-sheet', 'profit-and-loss'] as const).flatMap((statement) =>
    linesOfStatement(key.book.scheme, statement),
  );
  return lines.find((line) => line.id === row.subjectId)?.name ?? id;
}
