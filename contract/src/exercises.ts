import { START_KINDS, TRADES, type StartKind } from '@gleddo/core';
import {
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Max,
  MaxLength,
  Min,
} from 'class-validator';

export class NewExerciseRequest {
  @IsString()
  @MaxLength(60)
  companyId!: string;

  @IsString()
  @Length(1, 120, { message: 'Give the exercise a title of 1 to 120 characters.' })
  title!: string;

  /** What of the company the student begins with. */
  @IsIn(START_KINDS)
  start!: StartKind;

  /** For a chart to be mended: how many faults of each kind, and the seed that plants them. */
  @IsOptional()
  @IsObject()
  faults?: Record<string, number>;

  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(1_000_000_000)
  seed?: number;

  /** The trade of the starter chart that is built on, for that kind of start. */
  @IsOptional()
  @IsIn(TRADES.map(({ id }) => id))
  trade?: string;

  /** The revision of the company's book from which the exercise is made; absent: as it stands now. */
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(2_000_000_000)
  moment?: number;

  /** Whether the normal side of each account is asked, too. */
  @IsOptional()
  @IsBoolean()
  asksSides?: boolean;
}

export class ChangeExerciseRequest {
  @IsOptional()
  @IsString()
  @Length(1, 120, { message: 'Give the exercise a title of 1 to 120 characters.' })
  title?: string;

  @IsOptional()
  @IsString()
  @MaxLength(20_000, { message: 'The brief is longer than 20,000 characters. Shorten it.' })
  brief?: string;

  @IsOptional()
  @IsBoolean()
  entriesMayChange?: boolean;

  /** What helps a student while working: sentences on types, live totals, bands of numbers. */
  @IsOptional()
  @IsBoolean()
  helpTypes?: boolean;

  @IsOptional()
  @IsBoolean()
  helpTotals?: boolean;

  @IsOptional()
  @IsBoolean()
  helpBands?: boolean;

  /** Whether a student may have the work checked before handing it in. */
  @IsOptional()
  @IsBoolean()
  checkWhileWorking?: boolean;

  /** Out of the instructor's way, or back in the list. Students keep what they have. */
  @IsOptional()
  @IsBoolean()
  putAway?: boolean;

  /** Points by check; what the key accepts; the dates compared: as in a key file. */
  @IsOptional()
  @IsObject()
  keyRules?: object;
}

export class HandOutRequest {
  @IsString()
  @MaxLength(60)
  groupId!: string;
}

export interface ExerciseSummary {
  readonly id: string;
  readonly title: string;
  readonly company: string;
  readonly state: 'draft' | 'handed-out';
  readonly group: string | null;
  readonly tries: number;
  readonly handedIn: number;
  readonly givenBack: number;
  readonly putAway: boolean;
}

export interface ExerciseAnswer extends ExerciseSummary {
  readonly brief: string;
  readonly startBookId: string;
  readonly keyBookId: string;
  readonly groupId: string | null;
  readonly entriesMayChange: boolean;
  readonly helpTypes: boolean;
  readonly helpTotals: boolean;
  readonly helpBands: boolean;
  readonly checkWhileWorking: boolean;
  readonly keyRules: object;
}
