import type { HistoryEntry } from '@gleddo/contract';
import { readOperations, type HistoryStep } from '@gleddo/core';

/** One change of a book: what it was, what undoes it, who made it and when. */
export interface Step extends HistoryStep {
  readonly revision: number;
  readonly at: string;
  readonly by: string;
}

/** The changes of a book, latest first: as far back as this program can read them. */
export function readHistory(history: readonly HistoryEntry[]): Step[] {
  const steps: Step[] = [];
  for (const { revision, at, by, ...rest } of history) {
    const read = readOperations([rest.operation, rest.inverse]);
    const [operation, inverse] = read.ok ? read.value : [];
    if (!operation || !inverse) break;
    steps.push({ revision, at, by, operation, inverse });
  }
  return steps;
}
