import { Link } from 'react-router';
import { stateOf, useExercises } from '../../exercise/exercise-list/use-exercises';
import { ListPage } from '../../platform/shell/ListPage';

/** The exercises that are handed out: where there is something to mark. */
export default function ResultsPage() {
  const exercises = useExercises();
  return (
    <ListPage
      title="Results"
      of={exercises}
      rows={exercises.data
        ?.filter((exercise) => exercise.state === 'handed-out')
        .map((exercise) => ({
          key: exercise.id,
          to: `/results/${exercise.id}`,
          name: exercise.title,
          stands: stateOf(exercise),
          putAway: exercise.putAway,
        }))}
      empty={
        <>
          Nothing is handed out. Hand an <Link to="/exercises">exercise</Link> out to a class group;
          what comes back is gathered here.
        </>
      }
    />
  );
}
