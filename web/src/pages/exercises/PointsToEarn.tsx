import type { ExerciseAnswer } from '@gleddo/contract';
import { keyOfRules, lostAtStart, type KeyRulesFile } from '@gleddo/core';
import { useDeferredValue, useMemo } from 'react';
import { useBookOf } from '../../book/open-book/book-of';
import { WhatWeighs } from './WhatWeighs';

interface PointsToEarnProps {
  readonly exercise: ExerciseAnswer;
  readonly rules: KeyRulesFile;
}

/** How many points there are to earn, by the points as they are typed, and what weighs how much of them. */
export function PointsToEarn({ exercise, rules }: PointsToEarnProps) {
  const start = useBookOf(exercise.startBookId);
  const book = useBookOf(exercise.keyBookId);
  const written = useDeferredValue(JSON.stringify(rules));
  const key = useMemo(
    () => (book ? keyOfRules(book, JSON.parse(written) as KeyRulesFile) : null),
    [book, written],
  );
  if (!start || !key?.ok) return null;
  return (
    <>
      <Points of={[...lostAtStart(key.value, start).values()].reduce((sum, n) => sum + n, 0)} />
      <WhatWeighs of={key.value} start={start} />
    </>
  );
}

/** What the untouched start lacks. */
function Points({ of }: { readonly of: number }) {
  if (of === 0)
    return (
      <p className="notice">
        The starting point lacks nothing that is checked. Take out of it what is to be done, or give
        points to what differs.
      </p>
    );
  return (
    <p>
      <strong>{of} points to earn.</strong>{' '}
      <span className="quiet">
        That is what the starting point lacks as it is given. What is left undone earns nothing;
        what is done wrong costs the points of its check, once.
      </span>
    </p>
  );
}
