import type { HistoryEntry } from '@gleddo/contract';
import { readOperations, type DoneStep } from '@gleddo/core';

/** One change of a book: what it was, what undoes it, who made it and when. */
export interface Step extends DoneStep {
  readonly revision: number;
  readonly at: string;
  readonly by: string;
}

/**
 * The changes of a book, latest first: as far back as this program can read them. Where a book was set back, what was
 * before is out of reach.
 */
export function readHistory(history: readonly HistoryEntry[]): Step[] {
  const steps: Step[] = [];
  for (const entry of history) {
    const read = readOperations([entry.operation, entry.inverse]);
    const [operation, inverse] = read.ok ? read.value : [];
    if (!operation || !inverse) break;
    steps.push({ ...entry, operation, inverse });
  }
  return steps;
}
