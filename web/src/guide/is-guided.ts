import type { ExerciseAnswer } from '@gleddo/contract';
import type { Guide } from '@gleddo/core';
import type { KeyRules } from '../exercises/key-rules';

/** Whether anything leads through an exercise: steps, papers, or questions that are asked. */
export function isGuided({ guide, keyRules }: ExerciseAnswer): boolean {
  const { steps = [], sheets = [] } = guide as Guide;
  const { questions = [] } = keyRules as KeyRules;
  return steps.length + sheets.length + questions.length > 0;
}
