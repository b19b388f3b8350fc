import { mayAtLeast, type ExerciseAnswer } from '@gleddo/contract';
import { useMadeKey } from '../handing-out/use-made-key';
import { useSolvable } from '../handing-out/use-solvable';
import { useTrialRunOf } from '../trying/use-trial-run';
import type { KnownOfIt } from './what-stands';

const NOT_YET = { made: null, start: null };

/** All that the errands of an exercise tell of it, as far as it is here. */
export function useKnownOfIt(exercise: ExerciseAnswer): KnownOfIt {
  const key = useMadeKey(exercise);
  const looked = useSolvable(exercise, key ?? NOT_YET);
  const trialRun = useTrialRunOf(exercise.id, mayAtLeast(exercise.may, 'change')).data ?? null;
  return { exercise, key, looked, trialRun };
}
