import { COUNTS_RULES, LATE_RULES, type CountsRule, type LateRule } from '@gleddo/core';
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

  /** How long a try lasts from when it is begun; null: as long as it is open; left out: as it was. */
  @IsOptional()
  @IsInt({ message: 'A try lasts whole minutes, from 5 to 1,440; or as long as it is open.' })
  @Min(5, { message: 'A try lasts at least 5 minutes.' })
  @Max(1440, { message: 'A try lasts at most 1,440 minutes, which is a day.' })
  minutes?: number | null;

  /** How often a student may try; left out: as it was. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(20, { message: 'At most 20 tries. For more, let it be practised.' })
  tries?: number;

  /** Which of several tries counts; left out: as it was. */
  @IsOptional()
  @IsIn(COUNTS_RULES)
  counts?: CountsRule;
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
  /** How long a try lasts from when it is begun; null: as long as it is open. */
  readonly minutes: number | null;
  /** How often a student may try, and which of the tries counts. */
  readonly tries: number;
  readonly counts: CountsRule;
  /** When the time of a try that is begun is over. */
  readonly shutsAt: string | null;
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
