import type { ExerciseAnswer } from '@gleddo/contract';
import { rulesOfTry, type AnswerKey, type Book, type Exercise } from '@gleddo/core';
import { useEffect, useState } from 'react';
import type { LookedAt } from './look-through';

/** What has more entries is looked at by the command. */
const MOST_ENTRIES = 1_000;

interface Made {
  readonly made: AnswerKey | null;
  readonly start: Book | null;
}

/** Looks in a thread of its own, since a page is not to wait for it; what is answered ends it. */
function lookAside(exercise: Exercise, tell: (looked: LookedAt) => void): () => void {
  const worker = new Worker(new URL('./solvable-thread.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<LookedAt>) => {
    tell(data);
    if (data.isOver) worker.terminate();
  };
  worker.postMessage(exercise);
  return () => worker.terminate();
}

/** Whether students can know all of a key; null while nothing has been looked at, or where it is too large for a page. */
export function useSolvable(exercise: ExerciseAnswer, { made: key, start }: Made): LookedAt | null {
  const [last, setLast] = useState<{ readonly key: AnswerKey; readonly looked: LookedAt }>();
  useEffect(() => {
    if (!key || !start || key.book.entries.length > MOST_ENTRIES) return undefined;
    const { title, brief, guide } = exercise;
    const whole = { title, brief, guide, key, start, rules: rulesOfTry(exercise) };
    return lookAside(whole, (looked) => setLast({ key, looked }));
  }, [exercise, key, start]);
  return last && last.key === key ? last.looked : null;
}
