import { useQuery } from '@tanstack/react-query';
import type { ExerciseSummary } from '@gleddo/contract';
import { get } from '../../platform/api/client';

export const useExercises = () =>
  useQuery({
    queryKey: ['exercises'],
    queryFn: () => get('exercises'),
    staleTime: 0,
  });

export function stateOf(exercise: ExerciseSummary): string {
  if (exercise.state === 'draft') return 'not handed out yet';
  const back = exercise.givenBack > 0 ? ` · ${exercise.givenBack} given back` : '';
  const to = exercise.groups.map(({ name }) => name).join(', ');
  return `${to} · ${exercise.tries} begun · ${exercise.handedIn} to mark${back}`;
}
