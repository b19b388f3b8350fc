import { Big } from 'big.js';

/** An exercise of a term, as a class had it. */
export interface TermExercise {
  readonly id: string;
  readonly title: string;
  /** Against the others; 0: it does not count. */
  readonly weight: number;
  /** Whether works of the class were given back: from then on what is missing counts as nothing. */
  readonly isOver: boolean;
}

/** What one student has of an exercise. */
export interface TermWork {
  /** Only what was given back is a mark; null: there is none yet. */
  readonly mark: { readonly points: number; readonly of: number } | null;
  /** Whether it is handed in and waits for its mark. */
  readonly isIn: boolean;
  /** Whether they are at work on it, or could begin, and the closing time lies ahead. */
  readonly mayStill: boolean;
  /** Whether it does not count for this student: the ill. */
  readonly isExcused: boolean;
  /** Whether this student was given it at all: an exercise may go to some of a class alone. */
  readonly isGiven: boolean;
}

/** Why an exercise counts for a student, or does not. */
export type Counts =
  'counts' | 'not-given' | 'missing' | 'dropped' | 'excused' | 'waits' | 'not-yet' | 'no-weight';

export interface TermResult {
  /** The weighted mean of what counts, in tenths of a percent, rounded half up; null: nothing counts yet. */
  readonly tenths: number | null;
  readonly counts: ReadonlyMap<string, Counts>;
}

interface Counted {
  readonly id: string;
  readonly weight: number;
  readonly share: Big;
}

const NONE: TermWork = {
  mark: null,
  isIn: false,
  mayStill: false,
  isExcused: false,
  isGiven: true,
};

function countsAs({ weight, isOver }: TermExercise, work: TermWork): Counts {
  const { mark, isIn, mayStill, isExcused, isGiven } = work;
  if (!isGiven && !mark && !isIn) return 'not-given';
  if (isExcused) return 'excused';
  if (weight <= 0) return 'no-weight';
  if (mark) return 'counts';
  if (isIn) return 'waits';
  return isOver && !mayStill ? 'missing' : 'not-yet';
}

const shareOf = ({ mark }: TermWork): Big =>
  mark && mark.of > 0 ? new Big(mark.points).div(mark.of) : new Big(0);

/** All but the worst so many; one is always left. */
function withoutWorst(counted: readonly Counted[], worst: number): readonly Counted[] {
  const dropped = Math.max(0, Math.min(worst, counted.length - 1));
  return [...counted].sort((a, b) => a.share.cmp(b.share)).slice(dropped);
}

/**
 * What a student’s term comes to: the mean of the shares of its exercises, each by its weight, without the worst so many.
 * What is handed in and not given back yet does not count yet, nor does what may still come in time; what is missing once
 * the class has its works back counts as nothing; what is excused counts neither way.
 */
export function termResult(
  exercises: readonly TermExercise[],
  works: ReadonlyMap<string, TermWork>,
  dropWorst: number,
): TermResult {
  const workOf = (id: string) => works.get(id) ?? NONE;
  const counts = new Map(exercises.map((each) => [each.id, countsAs(each, workOf(each.id))]));
  const counted = exercises
    .filter(({ id }) => counts.get(id) === 'counts' || counts.get(id) === 'missing')
    .map(({ id, weight }) => ({ id, weight, share: shareOf(workOf(id)) }));
  const left = withoutWorst(counted, dropWorst);
  for (const { id } of counted) if (!left.some((each) => each.id === id)) counts.set(id, 'dropped');
  const weights = left.reduce((sum, { weight }) => sum + weight, 0);
  if (weights === 0) return { tenths: null, counts };
  const sum = left.reduce((all, { weight, share }) => all.plus(share.times(weight)), new Big(0));
  return { tenths: Number(sum.times(1000).div(weights).round(0, Big.roundHalfUp)), counts };
}
