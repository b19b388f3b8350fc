import type { ExerciseAnswer } from '@gleddo/contract';

/** Whether anything leads through an exercise: steps, papers, or questions that are asked. */
export function isGuided({ guide, keyRules }: ExerciseAnswer): boolean {
  const { steps = [], sheets = [] } = guide;
  return steps.length + sheets.length + (keyRules.questions ?? []).length > 0;
}
