import { useQuery } from '@tanstack/react-query';
import type { ExerciseSummary } from '@gleddo/contract';
import { Link } from 'react-router';
import { get } from '../api/client';
import { Asking } from '../shell/Asking';

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
    <>
      <div className="sheet-head">
        <h1>Exercises</h1>
      </div>
      {!exercises.data ? (
        <Asking of={exercises} what="The list of exercises" />
      ) : (
        <main className="desk">
          <div className="paper">
            {exercises.data.length === 0 ? (
              <p className="state-line">
                No exercise yet. Open one of your <Link to="/companies">companies</Link> and choose
                “Make an exercise”: its book becomes the key.
              </p>
            ) : (
              <ul className="plain-list">
                {exercises.data.map((exercise) => (
                  <li key={exercise.id}>
                    <Link className="row-link" to={`/exercises/${exercise.id}/brief`}>
                      <strong>{exercise.title}</strong>
                      <span className="quiet">{exercise.company}</span>
                      <span className="end">{stateOf(exercise)}</span>
                    </Link>
                  </li>
                ))}
              </ul>
            )}
          </div>
        </main>
      )}
    </>
  );
}
