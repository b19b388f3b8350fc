import type { Outcome } from '../../assessment/all-checks/index.js';

/** One student's outcome in one column of the class matrix. */
export type Cell = Outcome | 'none';

/** A result as the class's overview needs it. */
export interface SurveyResult {
  readonly check: string;
  readonly subject: { readonly kind: string; readonly id: string };
  readonly outcome: Outcome;
  readonly points: number;
  readonly of: number;
}

/** What a column of the matrix gathers: all results about one account or entry, or one check. */
export interface SurveyColumn {
  readonly id: string;
  readonly kind: 'account' | 'entry' | 'line' | 'book' | 'question';
}

const GROUPED = new Set(['account', 'entry', 'question']);

/** The column that a result belongs to. Faults about what only the work has fall to their check. */
export function columnOf(result: SurveyResult, known: ReadonlySet<string>): SurveyColumn {
  const { kind, id } = result.subject;
  if (GROUPED.has(kind) && known.has(`${kind}:${id}`))
    return { id: `${kind}:${id}`, kind: kind as SurveyColumn['kind'] };
  if (kind === 'line') return { id: `line:${id}`, kind: 'line' };
  return { id: `book:${result.check}`, kind: 'book' };
}

/** Not met outweighs follows, follows outweighs met; what can't be judged shows only alone. */
export function worst(outcomes: readonly Outcome[]): Cell {
  for (const outcome of ['not-met', 'follows', 'met', 'cannot-judge'] as const)
    if (outcomes.includes(outcome)) return outcome;
  return 'none';
}

export interface Spread {
  readonly middle: number;
  readonly low: number;
  readonly high: number;
}

/** The middle of some values, and their range; null without values. */
export function spreadOf(values: readonly number[]): Spread | null {
  if (values.length === 0) return null;
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  const middle = ((sorted[Math.ceil(half) - 1] ?? 0) + (sorted[Math.floor(half)] ?? 0)) / 2;
  return { middle, low: sorted[0] ?? 0, high: sorted.at(-1) ?? 0 };
}
