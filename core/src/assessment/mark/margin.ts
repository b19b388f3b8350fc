import {
  answeringFor,
  refOf,
  type CauseShare,
  type Outcome,
  type Subject,
} from '../all-checks/index.js';

/** What the margin needs to know of a result. */
export interface MarginResult {
  readonly check: string;
  readonly ref: string;
  readonly subject: Subject;
  readonly outcome: Outcome;
  readonly from: readonly string[];
  readonly points: number;
  readonly of: number;
}

/** The margin of a marked work: faults in the order of the checks, numbered from 1; the rest gathered. */
export interface Margin<R extends MarginResult> {
  readonly faults: readonly R[];
  readonly follows: readonly R[];
  readonly met: readonly R[];
  readonly notJudged: readonly R[];
  /** The number of the fault with this reference; null when there is none. */
  numberOf(ref: string): number | null;
  /** The number of the fault that a cause of a difference was marked down in; null when in none. */
  numberOfCause(cause: Pick<CauseShare, 'kind' | 'id' | 'roots'>): number | null;
}

/** Gathers results for the margin. What lost no points and bears none stays out of the faults' numbers. */
export function marginOf<R extends MarginResult>(results: readonly R[]): Margin<R> {
  const of = (outcome: Outcome) => results.filter((result) => result.outcome === outcome);
  const faults = of('not-met');
  const numbers = new Map(faults.map((fault, i) => [fault.ref, i + 1]));
  const numberOf = (ref: string) => numbers.get(ref) ?? null;
  const byRef = new Map(results.map((result) => [result.ref, result]));
  const numberOfCause = ({ kind, id, roots = [] }: Pick<CauseShare, 'kind' | 'id' | 'roots'>) => {
    for (const root of roots) {
      const number = numberOf(root);
      if (number !== null) return number;
    }
    for (const check of answeringFor(kind)) {
      const result = byRef.get(refOf(check.id, { id })) ?? byRef.get(check.id);
      if (result?.outcome === 'not-met') return numberOf(result.ref);
      if (result?.outcome === 'follows') return numberOf(result.from[0] ?? '');
    }
    return null;
  };
  return {
    faults,
    follows: of('follows'),
    met: of('met'),
    notJudged: of('cannot-judge'),
    numberOf,
    numberOfCause,
  };
}
