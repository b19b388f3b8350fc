import { Link } from 'react-router';
import { Asking } from '../shell/Asking';
import { stateOf, useExercises } from '../exercises/ExercisesPage';

/** The exercises that are handed out: where there is something to mark. */
export default function ResultsPage() {
  const exercises = useExercises();
  if (!exercises.data) return <Asking of={exercises} what="The list of results" />;
  const out = exercises.data.filter((exercise) => exercise.state === 'handed-out');
  return (
    <>
      <div className="sheet-head">
        <h1>Results</h1>
      </div>
      <main className="desk">
        <div className="paper">
          {out.length === 0 ? (
            <p className="state-line">
              Nothing is handed out. Hand an <Link to="/exercises">exercise</Link> out to a class
              group; what comes back is gathered here.
            </p>
          ) : (
            <ul className="plain-list">
              {out.map((exercise) => (
                <li key={exercise.id}>
                  <Link className="row-link" to={`/results/${exercise.id}`}>
                    <strong>{exercise.title}</strong>
                    <span className="end">{stateOf(exercise)}</span>
                  </Link>
                </li>
              ))}
            </ul>
          )}
        </div>
      </main>
    </>
  );
}
