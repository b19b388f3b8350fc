import { createHash } from 'node:crypto';
import type { Drawing } from '@gleddo/core';

/** The seed of a student’s own figures in an exercise: always the same, also before they have begun. */
export const ownSeed = (exerciseId: string, personId: string): number =>
  createHash('sha256').update(`${exerciseId} ${personId}`).digest().readUInt32BE() >>> 1;

export interface Whose {
  readonly exerciseId: string;
  readonly personId: string;
  /** Null: the person’s own. */
  readonly seed?: number | null;
  readonly student: string;
}

/** Whose figures are drawn. */
export const drawingOf = ({ exerciseId, personId, seed, student }: Whose): Drawing => ({
  seed: seed ?? ownSeed(exerciseId, personId),
  student,
});
