import { checkById } from '../all-checks/index.js';
import type { Told } from '../check/told.js';
import type { Outcome } from '../check/finding.js';

interface ShownFault {
  readonly check: string;
  readonly outcome: Outcome;
  readonly fault: string;
  /** What kind of fault it is, whatever was misunderstood. */
  readonly kind: string;
  readonly told: Told;
}

const NOT_OWN = 'Not the figures that you were given';

/**
 * Results of a work in which so many amounts are those that another student was given: what is wrong in an amount has one
 * reason, and so becomes one note. What has a name of its own (`fault` is not only its kind) keeps it.
 */
export function asNotOwnFigures<R extends ShownFault>(results: readonly R[], count: number): R[] {
  const why = `${count} amounts here are those of somebody else’s exercise. Each student has figures of their own, so nobody else’s can be right in this work.`;
  return results.map((result) => {
    const isFigure = checkById(result.check)?.isFigure === true;
    if (result.outcome !== 'not-met' || !isFigure || result.fault !== result.kind) return result;
    const told = { ...result.told, why, now: 'Take the figures from your own brief and papers.' };
    return { ...result, fault: NOT_OWN, told };
  });
}
