import type { MyTry } from '@gleddo/contract';
import { isClosed, standsAt, type Times } from '@gleddo/core';
import type { exercises, tries } from '../database/schema/index.js';
import { shownOf } from '../kept/giving.js';
import { countedOf, earlierShown, type EarlierRow } from '../points/earlier-tries.js';
import { cameIn } from '../times/came-in.js';

type Exercise = typeof exercises.$inferSelect;
type Try = typeof tries.$inferSelect;

interface Known {
  readonly times: Times;
  readonly earlier: readonly EarlierRow[];
}

/** An exercise as its student has it in their list. */
export function myTry(
  exercise: Exercise,
  work: Try | null,
  { times, earlier }: Known,
): Omit<MyTry, 'unseen' | 'times' | 'mayTryAgain'> {
  const hasMarks = work?.state === 'given-back' && shownOf(work).marks;
  return {
    exerciseId: exercise.id,
    title: exercise.title,
    company: exercise.company,
    tryId: work?.id ?? null,
    bookId: work?.bookId ?? null,
    state: work?.state ?? 'not-started',
    handedInAt: work?.handedInAt?.toISOString() ?? null,
    points: hasMarks ? work.points : null,
    of: hasMarks ? work.outOf : null,
    mayPractise: mayPractiseNow(exercise, work),
    cameIn: cameIn(work, times),
    earlier: earlier.map((each) => earlierShown(each, 'shown')),
    counted:
      work === null || earlier.length === 0
        ? null
        : countedOf(work, earlier, { times, told: 'shown' }),
  };
}

/** Of a test only once it is given back. */
export const mayPractiseNow = (
  { mayPractise, practiseOnceBack }: Pick<Exercise, 'mayPractise' | 'practiseOnceBack'>,
  work: Pick<Try, 'state'> | null,
): boolean => mayPractise && (!practiseOnceBack || work?.state === 'given-back');

/** Whether another try can be begun now, by the times of one that is not begun. */
export const mayTryAgain = (
  { state }: Pick<Try, 'state'>,
  earlier: readonly EarlierRow[],
  times: Times,
): boolean =>
  state === 'given-back' &&
  earlier.length + 1 < times.tries &&
  !isClosed(times, Date.now()) &&
  standsAt(times, Date.now()) !== 'before';
