import type { PairShown } from '@gleddo/contract';
import type { Checked, CheckResult } from '@gleddo/core';

/** A result as it is kept: codes and facts; its sentence is made when it is shown. */
export const resultRow = (runId: string, result: CheckResult, position: number) => ({
  runId,
  position,
  check: result.check,
  subjectKind: result.subject.kind,
  subjectId: result.subject.id,
  outcome: result.outcome,
  points: result.points,
  outOf: result.of,
  content: JSON.stringify({
    ref: result.ref,
    facts: result.facts,
    from: result.from,
    difference: result.difference ?? null,
    causes: result.causes ?? [],
    date: result.date ?? null,
  }),
});

/** Who is who, by ids. */
export const pairsOf = ({ recognition }: Checked): PairShown[] =>
  recognition.pairs.map(({ keys, works, confidence, reasons }) => ({
    keys: keys.map(({ id }) => id),
    works: works.map(({ id }) => id),
    confidence,
    reasons,
  }));
