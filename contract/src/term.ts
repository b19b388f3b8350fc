import type { Counts } from '@gleddo/core';
import { IsBoolean, IsInt, Max, Min } from 'class-validator';
import { IsId, MayBeLeftOut } from './fields.js';

const MOST_WEIGHT = 100;
const MOST_DROPPED = 10;

/** What of a class’s term is changed: how much an exercise weighs, for whom it does not count, how many of the worst don’t. */
export class TermRequest {
  @MayBeLeftOut()
  @IsId()
  exerciseId?: string;

  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(MOST_WEIGHT, { message: `A weight is a whole number from 0 to ${MOST_WEIGHT}.` })
  weight?: number;

  @MayBeLeftOut()
  @IsId()
  personId?: string;

  @MayBeLeftOut()
  @IsBoolean()
  isExcused?: boolean;

  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(MOST_DROPPED, { message: `At most ${MOST_DROPPED} of the worst are left out.` })
  dropWorst?: number;
}

interface TermExerciseShown {
  readonly id: string;
  readonly title: string;
  readonly weight: number;
}

interface TermMarkShown {
  readonly exerciseId: string;
  readonly points: number | null;
  readonly of: number | null;
  readonly counts: Counts;
}

export interface TermRow {
  readonly personId: string;
  readonly student: string;
  readonly login: string;
  readonly number: string;
  readonly email: string;
  readonly marks: readonly TermMarkShown[];
  /** What the term comes to so far, in tenths of a percent; null: nothing counts yet. */
  readonly tenths: number | null;
}

/** The marks of a class over the term. */
export interface TermMarks {
  readonly group: string;
  readonly dropWorst: number;
  readonly exercises: readonly TermExerciseShown[];
  readonly rows: readonly TermRow[];
  /** Whether whoever looks may change weights: they teach the class. */
  readonly mayChange: boolean;
}

/** One’s own course in a class: what was given back, and what it comes to so far. */
export interface OwnTerm {
  readonly group: string;
  readonly exercises: readonly TermExerciseShown[];
  readonly marks: readonly TermMarkShown[];
  readonly tenths: number | null;
}
