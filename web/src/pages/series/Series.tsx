import type { ExerciseAnswer } from '@gleddo/contract';
import { Link } from 'react-router';
import { ContinueExercise } from './ContinueExercise';

/** The exercises that this one continues and is continued by. */
export function Series({ exercise }: { exercise: ExerciseAnswer }) {
  const { continues, continuedBy } = exercise;
  return (
    <section className="paper" aria-label="Series">
      <h2>Series</h2>
      {continues && (
        <p>
          It continues <Link to={`/exercises/${continues.id}/brief`}>{continues.title}</Link>.
        </p>
      )}
      {continuedBy.map(({ id, title }) => (
        <p key={id}>
          It is continued by <Link to={`/exercises/${id}/brief`}>{title}</Link>.
        </p>
      ))}
      {!continues && continuedBy.length === 0 && (
        <p className="quiet">
          Where this exercise ends, another can begin: the next year, or another trade.
        </p>
      )}
      <ContinueExercise exercise={exercise} />
    </section>
  );
}
