import { ownExercise, solvable, type Exercise, type Solvable } from '@gleddo/core';

/** Of an exercise that draws figures so many sets are looked at, too. */
export const SETS = 100;

export interface LookedAt {
  readonly found: Solvable;
  /** The seed whose figures show what is odd; null: as it was made. */
  readonly seed: number | null;
  /** How many sets were looked at so far. */
  readonly sets: number;
  readonly isOver: boolean;
}

const isWhole = ({ untold, givesAway }: Solvable): boolean =>
  untold.length === 0 && givesAway.length === 0;

/** Looks at an exercise as it was made, then at one set of figures after the other, until something is odd. */
export function look(exercise: Exercise, tell: (looked: LookedAt) => void): void {
  const found = solvable(exercise);
  const all = exercise.key.figures && isWhole(found) ? SETS : 0;
  tell({ found, seed: null, sets: 0, isOver: all === 0 });
  for (let seed = 1; seed <= all; seed++) {
    const own = solvable(ownExercise(exercise, { seed }));
    const isOdd = !isWhole(own);
    const looked = { ...(isOdd ? { found: own, seed } : { found, seed: null }), sets: seed };
    tell({ ...looked, isOver: isOdd || seed === all });
    if (isOdd) return;
  }
}
