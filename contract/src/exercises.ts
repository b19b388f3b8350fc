import {
  IsBoolean,
  IsIn,
  IsObject,
  IsOptional,
  IsString,
  Length,
  MaxLength,
} from 'class-validator';

export type StartKind = 'company-only' | 'accounts' | 'everything';

export class NewExerciseRequest {
  @IsString()
  @MaxLength(60)
  companyId!: string;

  @IsString()
  @Length(1, 120, { message: 'Give the exercise a title of 1 to 120 characters.' })
  title!: string;

  /** What of the company the student begins with. */
  @IsIn(['company-only', 'accounts', 'everything'])
  start!: StartKind;
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
}

export interface ExerciseAnswer extends ExerciseSummary {
  readonly brief: string;
  readonly startBookId: string;
  readonly keyBookId: string;
  readonly groupId: string | null;
  readonly entriesMayChange: boolean;
  readonly keyRules: object;
}
