import { useQuery } from '@tanstack/react-query';
import type { ExerciseSummary } from '@gleddo/contract';
import { Link } from 'react-router';
import { get } from '../api/client';
import { ListPage } from '../shell/ListPage';

export const useExercises = () =>
  useQuery({
    queryKey: ['exercises'],
    queryFn: () => get<ExerciseSummary[]>('exercises'),
    staleTime: 0,
  });

export function stateOf(exercise: ExerciseSummary): string {
  if (exercise.state === 'draft') return 'not handed out yet';
  const back = exercise.givenBack > 0 ? ` · ${exercise.givenBack} given back` : '';
  return `${exercise.group ?? ''} · ${exercise.tries} begun · ${exercise.handedIn} to mark${back}`;
}

/** The instructor's exercises, the newest first. */
export default function ExercisesPage() {
  const exercises = useExercises();
  return (
    <ListPage
      title="Exercises"
      of={exercises}
      rows={exercises.data?.map((exercise) => ({
        key: exercise.id,
        to: `/exercises/${exercise.id}/brief`,
        name: exercise.title,
        about: exercise.company,
        stands: stateOf(exercise),
      }))}
      empty={
        <>
          No exercise yet. Open one of your <Link to="/companies">companies</Link> and choose “Make
          an exercise”: its book becomes the key.
        </>
      }
    />
  );
}
