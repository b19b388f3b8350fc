import type { FoundSoFar } from '@gleddo/contract';
import { accountOf, kindOfFault, type Book } from '@gleddo/core';
import type { CheckedWork } from '../threads/checking.js';

/** Faults by their kind and the student’s own names: nothing that only the key says. */
export function foundSoFar({ results, pairs }: CheckedWork, work: Book): FoundSoFar {
  const named = new Map(
    pairs.flatMap(({ keys, works }) => keys.map((id) => [id, works[0] ?? null])),
  );
  return {
    met: results.filter((result) => result.outcome === 'met').length,
    notMet: results
      .filter((result) => result.outcome === 'not-met')
      .map(({ check, facts, subject }) => ({
        fault: kindOfFault({ check, facts }),
        about:
          subject.kind === 'question' || subject.kind === 'setting'
            ? String(facts[subject.kind] ?? '')
            : (accountOf(work, named.get(subject.id) ?? null)?.name ?? ''),
      })),
  };
}
