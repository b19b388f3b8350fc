import { LATE_RULES, type LateRule } from '@gleddo/core';
import { IsIn, IsInt, IsOptional, Max, Min, ValidateIf } from 'class-validator';
import { IsId, IsMoment } from './fields.js';

const MayBeNull = () => ValidateIf((_, value) => value !== null);

/** From when to when a class has an exercise. */
export class TimesRequest {
  @IsId()
  groupId!: string;

  /** ISO 8601; null: at once. */
  @MayBeNull()
  @IsMoment()
  opensAt!: string | null;

  /** ISO 8601; null: never. */
  @MayBeNull()
  @IsMoment()
  closesAt!: string | null;

  @IsIn(LATE_RULES)
  late!: LateRule;

  /** Per cent of the points to earn, for each day begun that work comes late; left out: as it was. */
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(100)
  lateOff?: number;
}

/** Until when one student has an exercise, whatever their class has. */
export class MoreTimeRequest {
  @IsId()
  personId!: string;

  /** ISO 8601; null: as the class has it. */
  @MayBeNull()
  @IsMoment()
  until!: string | null;
}

/** Opening and closing times as they are told: ISO 8601, and the time zone in which they are said. */
export interface TimesShown {
  readonly opensAt: string | null;
  readonly closesAt: string | null;
  readonly late: LateRule;
  /** Per cent of the points to earn that each day begun takes off. */
  readonly lateOff: number;
  readonly zone: string;
}

/** How work came in. */
export interface CameIn {
  /** Whether it was handed in as it stood, since the exercise closed. */
  readonly byItself: boolean;
  /** In milliseconds; 0: in time. */
  readonly lateBy: number;
  /** When it was to be handed in, as their own clock had it, where there was no line then; null: it came at once. */
  readonly wishedAt: string | null;
}

/** A student with more time than their class. */
export interface MoreTimeShown {
  readonly personId: string;
  readonly student: string;
  readonly until: string;
}
