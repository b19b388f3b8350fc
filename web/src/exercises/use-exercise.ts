import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ChangeExerciseRequest, ExerciseAnswer } from '@gleddo/contract';
import { ask, get } from '../api/client';

export const useExercise = (id: string) =>
  useQuery({
    queryKey: ['exercise', id],
    queryFn: () => get<ExerciseAnswer>(`exercises/${id}`),
  });

/** Changes an exercise and takes over what the server answers. */
export function useChangeExercise(id: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: Partial<ChangeExerciseRequest>) =>
      ask<ExerciseAnswer>('PATCH', `exercises/${id}`, change),
    onSuccess: (exercise) => {
      queries.setQueryData(['exercise', id], exercise);
      void queries.invalidateQueries({ queryKey: ['exercises'] });
    },
  });
}
