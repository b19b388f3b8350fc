import type { ExerciseAnswer } from '@gleddo/contract';
import { bookToJson, keyFromJson, lostAtStart, type Book, type KeyRulesFile } from '@gleddo/core';
import { useDeferredValue, useMemo } from 'react';
import { useBookOf } from '../../book/open-book/book-of';

interface PointsToEarnProps {
  readonly exercise: ExerciseAnswer;
  readonly rules: KeyRulesFile;
}

/** How many points there are to earn: what the untouched start lacks, by the points as they are typed. */
export function PointsToEarn({ exercise, rules }: PointsToEarnProps) {
  const start = useBookOf(exercise.startBookId);
  const key = useBookOf(exercise.keyBookId);
  const written = useDeferredValue(JSON.stringify(rules));
  const points = useMemo(
    () => (start && key ? toEarn(start, key, JSON.parse(written) as KeyRulesFile) : null),
    [start, key, written],
  );
  if (points === null) return null;
  if (points === 0)
    return (
      <p className="notice">
        The starting point lacks nothing that is checked. Take out of it what is to be done, or give
        points to what differs.
      </p>
    );
  return (
    <p>
      <strong>{points} points to earn.</strong>{' '}
      <span className="quiet">
        That is what the starting point lacks as it is given. What is left undone earns nothing;
        what is done wrong costs the points of its check, once.
      </span>
    </p>
  );
}

/** The points that the start loses against the key; null while the rules can't be read. */
function toEarn(start: Book, book: Book, rules: KeyRulesFile): number | null {
  const key = keyFromJson({ ...rules, format: 'gleddo-key', version: 1, book: bookToJson(book) });
  if (!key.ok) return null;
  return [...lostAtStart(key.value, start).values()].reduce((sum, points) => sum + points, 0);
}
