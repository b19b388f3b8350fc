import { IsInt, Max, Min } from 'class-validator';
import { AreFaultCounts, MayBeLeftOut } from './fields.js';
import type { PairShown, ShownResult } from './tries.js';

/** An instructor's own go at an exercise, to see it as a student does. */
export interface TrialRun {
  readonly exerciseId: string;
  /** Null until it is begun. */
  readonly bookId: string | null;
  readonly begunAt: string | null;
  /** Whether it is a copy of the key in which faults were planted. */
  readonly spoilt: boolean;
  /** Whose figures, where they are drawn; null: one’s own. */
  readonly seed: number | null;
}

export class TrialRunRequest {
  /** Whose figures to try, where they are drawn. */
  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(2_000_000_000)
  seed?: number;
}

/** What the checks say of the trial run as it stands; kept nowhere. */
export interface TrialRunMarks {
  readonly points: number;
  readonly of: number;
  /** The points that the notes’ costs are parts of, where the whole counts otherwise. */
  readonly scaledFrom: number | null;
  readonly results: readonly ShownResult[];
  readonly pairs: readonly PairShown[];
}

/** Plants faults in a copy of the key, to see what becomes of its marks. */
export class SpoilRequest {
  /** How many faults of each kind. */
  @AreFaultCounts()
  faults!: Record<string, number>;

  @IsInt()
  @Min(0)
  @Max(1_000_000_000)
  seed!: number;
}
