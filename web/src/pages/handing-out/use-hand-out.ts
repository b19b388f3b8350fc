import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ExerciseAnswer, MoreTimeRequest, TimesRequest } from '@gleddo/contract';
import { ask, post } from '../../platform/api/client';

/** What hangs on whom an exercise is handed out to, and when: asked anew. */
function useOnChanged({ id }: ExerciseAnswer) {
  const queries = useQueryClient();
  return (changed: ExerciseAnswer) => {
    queries.setQueryData(['exercise', id], changed);
    void queries.invalidateQueries({ queryKey: ['exercises'] });
    void queries.invalidateQueries({ queryKey: ['results', id] });
  };
}

/** Changes whom the exercise is handed out to. */
export function useHandOut(exercise: ExerciseAnswer) {
  return useMutation({
    mutationFn: ({ what, ...body }: { what: 'hand-out' | 'take-back'; groupId: string }) =>
      post(
        `exercises/${exercise.id}/${what}`,
        what === 'take-back' ? { ...body, sure: true } : body,
      ),
    onSuccess: useOnChanged(exercise),
  });
}

/** Changes from when to when a class has it. */
export function useTimes(exercise: ExerciseAnswer) {
  return useMutation({
    mutationFn: (times: TimesRequest) => ask('PUT', `exercises/${exercise.id}/times`, times),
    onSuccess: useOnChanged(exercise),
  });
}

/** Changes until when one student has it. */
export function useMoreTime(exercise: ExerciseAnswer) {
  return useMutation({
    mutationFn: (more: MoreTimeRequest) => ask('PUT', `exercises/${exercise.id}/more-time`, more),
    onSuccess: useOnChanged(exercise),
  });
}
