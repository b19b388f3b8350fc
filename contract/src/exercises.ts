import {
  START_KINDS,
  TRADES,
  type AccountGoes,
  type Guide,
  type KeyRulesFile,
  type PartChange,
  type RulesOfTry,
  type StartKind,
} from '@gleddo/core';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, Max, Min } from 'class-validator';
import type { May } from './sharing.js';
import type { MoreTimeShown, TimesShown } from './times.js';
import { AreFaultCounts, AreOf, IsId, IsName, MayBeLeftOut } from './fields.js';

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

export class ChangeExerciseRequest {
  /** Out of the instructor's way, or back in the list. Students keep what they have. */
  @IsBoolean()
  putAway!: boolean;
}

const MOST_PARTS = 20_000;
const LONGEST_PLACE = 600;

const isPartChange = (value: object): boolean => {
  const { at, ...rest } = value as Partial<Record<string, unknown>>;
  return (
    typeof at === 'string' &&
    at.length <= LONGEST_PLACE &&
    Object.keys(rest).every((key) => key === 'was' || key === 'now')
  );
};

/** Parts of an exercise changed together: all of them, or none. */
export class PartsRequest {
  @IsArray()
  @ArrayMaxSize(MOST_PARTS, { message: `At most ${MOST_PARTS} parts can be changed at once.` })
  @AreOf(isPartChange, 'Each change names the place of its part, what it was and what it is to be.')
  changes!: PartChange[];
}

/** What somebody changed of an exercise, in one step. */
export interface ExerciseChange {
  readonly revision: number;
  readonly at: string;
  readonly by: string;
  /** What was changed, as people call it. */
  readonly what: readonly string[];
  /** The revision that it took back; null: none. */
  readonly undoes: number | null;
  /** Whether it can be taken back: it is not, and still stands as it was made. */
  readonly mayTakeBack: boolean;
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
  /** A group within a class stands behind its class. */
  readonly name: string;
  /** The class: itself, or that within which it is a group. */
  readonly classId: string;
  readonly at: string;
  /** How many of its students have begun. */
  readonly begun: number;
  /** From when to when it is open for the class. */
  readonly times: TimesShown;
}

export interface ExerciseSummary {
  readonly id: string;
  readonly title: string;
  readonly company: string;
  /** From which of the shelf it was taken; null: from none. */
  readonly ready: string | null;
  readonly state: 'draft' | 'handed-out';
  /** The class groups that it is handed out to. */
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  /** The title of the exercise that it continues; null: it continues none. */
  readonly after: string | null;
  readonly tries: number;
  readonly handedIn: number;
  readonly givenBack: number;
  readonly putAway: boolean;
  /** What one may do with it, and whose it is where it is a colleague’s. */
  readonly may: May;
  readonly by: string | null;
}

export interface ExerciseAnswer extends ExerciseSummary, RulesOfTry {
  readonly brief: string;
  readonly startBookId: string;
  readonly keyBookId: string;
  readonly handedOutTo: readonly HandedOutTo[];
  readonly keyRules: KeyRulesFile;
  readonly guide: Guide;
  /** Counts the changes of its parts. */
  readonly revision: number;
  /** The exercise of a series that it continues; null: none. */
  readonly continues: { readonly id: string; readonly title: string } | null;
  /** The exercises of a series that continue it. */
  readonly continuedBy: readonly { readonly id: string; readonly title: string }[];
  /** Who has more time than their class. */
  readonly moreTime: readonly MoreTimeShown[];
  /** How many have begun it, whatever the class. */
  readonly begun: number;
  /** Whether it is a copy of another exercise, or of a colleague’s. */
  readonly isCopy: boolean;
}
