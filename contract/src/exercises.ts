import {
  ENTERS_BY,
  START_KINDS,
  TRADES,
  type AccountGoes,
  type EntersBy,
  type RulesOfTry,
  type StartKind,
} from '@gleddo/core';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  Max,
  Min,
  ValidateIf,
} from 'class-validator';
import { AreFaultCounts, AreOf, IsId, IsName, IsProse, MayBeLeftOut } from './fields.js';

export class NewExerciseRequest {
  @IsId()
  companyId!: string;

  @IsName(120, 'Give the exercise a title of 1 to 120 characters.')
  title!: string;

  /** What of the company the student begins with. */
  @IsIn(START_KINDS)
  start!: StartKind;

  /** For a chart to be mended: how many faults of each kind, and the seed that plants them. */
  @MayBeLeftOut()
  @AreFaultCounts()
  faults?: Record<string, number>;

  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(1_000_000_000)
  seed?: number;

  /** The trade of the starter chart that is built on, for that kind of start. */
  @MayBeLeftOut()
  @IsIn(TRADES.map(({ id }) => id))
  trade?: string;

  /** The revision of the company's book from which the exercise is made; absent: as it stands now. */
  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  @Max(2_000_000_000)
  moment?: number;

  /** Whether the normal side of each account is asked, too. */
  @MayBeLeftOut()
  @IsBoolean()
  asksSides?: boolean;
}

const COST = 'What a skipped step costs is a whole number of points from 0 to 100.';

export class ChangeExerciseRequest {
  @MayBeLeftOut()
  @IsName(120, 'Give the exercise a title of 1 to 120 characters.')
  title?: string;

  @MayBeLeftOut()
  @IsProse(
    20_000,
    'The brief is a text of at most 20,000 characters, all of which can be printed. Shorten it, or paste it as plain text.',
  )
  brief?: string;

  @MayBeLeftOut()
  @IsBoolean()
  entriesMayChange?: boolean;

  /** How students enter what happens. */
  @MayBeLeftOut()
  @IsIn(ENTERS_BY)
  enters?: EntersBy;

  /** What helps a student while working: sentences on types, live totals, bands of numbers. */
  @MayBeLeftOut()
  @IsBoolean()
  helpTypes?: boolean;

  @MayBeLeftOut()
  @IsBoolean()
  helpTotals?: boolean;

  @MayBeLeftOut()
  @IsBoolean()
  helpBands?: boolean;

  /** Whether students are told what looks odd in their book, without the key. */
  @MayBeLeftOut()
  @IsBoolean()
  helpHealth?: boolean;

  /** Whether a student may have the work checked before handing it in. */
  @MayBeLeftOut()
  @IsBoolean()
  checkWhileWorking?: boolean;

  /** How often they may ask for it; null: as often as they like. */
  @ValidateIf((_, value) => value !== undefined && value !== null)
  @IsInt({ message: 'How often a check may be asked for is a whole number from 1 to 99.' })
  @Min(1, { message: 'How often a check may be asked for is a whole number from 1 to 99.' })
  @Max(99, { message: 'How often a check may be asked for is a whole number from 1 to 99.' })
  askLimit?: number | null;

  /** Minutes between two such asks. */
  @MayBeLeftOut()
  @IsInt({ message: 'The minutes between two checks are a whole number from 0 to 1,440.' })
  @Min(0, { message: 'The minutes between two checks are a whole number from 0 to 1,440.' })
  @Max(1440, { message: 'The minutes between two checks are a whole number from 0 to 1,440.' })
  askPause?: number;

  /** Whether a student may hand in a file instead of working here. */
  @MayBeLeftOut()
  @IsBoolean()
  mayFile?: boolean;

  /** Whether it may be practised: new figures each time, no marks. */
  @MayBeLeftOut()
  @IsBoolean()
  mayPractise?: boolean;

  /** Whether one may go on from a checkpoint. */
  @MayBeLeftOut()
  @IsBoolean()
  mayGoOn?: boolean;

  /** The points that each step so skipped costs. */
  @MayBeLeftOut()
  @IsInt({ message: COST })
  @Min(0, { message: COST })
  @Max(100, { message: COST })
  goOnCost?: number;

  /** Steps, papers beside the work, words explained: as in an exercise’s file. */
  @MayBeLeftOut()
  @IsObject()
  guide?: object;

  /** Out of the instructor's way, or back in the list. Students keep what they have. */
  @MayBeLeftOut()
  @IsBoolean()
  putAway?: boolean;

  /** Points by check; what the key accepts; the dates compared: as in a key file. */
  @MayBeLeftOut()
  @IsObject()
  keyRules?: object;
}

/** The next exercise of a series, made from the key of the one before. */
export class ContinueRequest {
  @IsName(120, 'Give the exercise a title of 1 to 120 characters.')
  title!: string;

  /** Whether students begin it with their own work of the one before. */
  @MayBeLeftOut()
  @IsBoolean()
  ownWork?: boolean;

  /** The trade into which the company changes; absent: it stays what it is. */
  @MayBeLeftOut()
  @IsIn(TRADES.map(({ id }) => id))
  trade?: string;

  @MayBeLeftOut()
  @IsName(120, 'Give the company a name of 1 to 120 characters.')
  companyName?: string;

  /** Where each account goes; what is not named stays. */
  @MayBeLeftOut()
  @IsArray()
  @ArrayMaxSize(5_000)
  @AreOf(isGoing, 'Each account stays, becomes another, or stays behind.')
  goes?: AccountGoes[];
}

const GOES = ['stays', 'becomes', 'leaves'];

function isGoing(value: object): boolean {
  const { account, goes, name, type } = value as Partial<Record<string, unknown>>;
  const isText = (of: unknown, longest: number) =>
    of === undefined || (typeof of === 'string' && of.length > 0 && of.length <= longest);
  return (
    typeof account === 'string' &&
    GOES.includes(goes as string) &&
    isText(name, 120) &&
    isText(type, 60) &&
    Object.keys(value).every((key) => ['account', 'goes', 'name', 'type'].includes(key))
  );
}

export class HandOutRequest {
  @IsId()
  groupId!: string;
}

export class TakeBackRequest {
  @IsId()
  groupId!: string;

  /** Said once one knows that some of the class have begun. */
  @MayBeLeftOut()
  @IsBoolean()
  sure?: boolean;
}

/** A class group that an exercise is handed out to. */
export interface HandedOutTo {
  readonly id: string;
  readonly name: string;
  readonly at: string;
  /** How many of its students have begun. */
  readonly begun: number;
}

export interface ExerciseSummary {
  readonly id: string;
  readonly title: string;
  readonly company: string;
  readonly state: 'draft' | 'handed-out';
  /** The class groups that it is handed out to. */
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  /** The title of the exercise that it continues; null: it continues none. */
  readonly after: string | null;
  readonly tries: number;
  readonly handedIn: number;
  readonly givenBack: number;
  readonly putAway: boolean;
}

export interface ExerciseAnswer extends ExerciseSummary, RulesOfTry {
  readonly brief: string;
  readonly startBookId: string;
  readonly keyBookId: string;
  readonly handedOutTo: readonly HandedOutTo[];
  readonly keyRules: object;
  readonly guide: object;
  /** The exercise of a series that it continues; null: none. */
  readonly continues: { readonly id: string; readonly title: string } | null;
  /** The exercises of a series that continue it. */
  readonly continuedBy: readonly { readonly id: string; readonly title: string }[];
  /** How many have begun it, whatever the class. */
  readonly begun: number;
}
