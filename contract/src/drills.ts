import { DRILL_KINDS, type CurvePoint, type Distinction, type DrillKind } from '@gleddo/core';
import { ArrayMaxSize, IsArray, IsIn } from 'class-validator';
import { AreShortTexts, IsShortText, IsToken } from './fields.js';

/** An answer to one name of a drill. */
export class DrillAnswerRequest {
  /** A name that the browser gives each answer, so that one sent twice counts once. */
  @IsToken()
  token!: string;

  @IsShortText(60, 'There is no such name in the stock.')
  name!: string;

  @IsIn(DRILL_KINDS)
  kind!: DrillKind;

  @IsShortText(60, 'Choose one of the answers.')
  answer!: string;
}

export interface DrillCurve {
  readonly distinction: Distinction;
  readonly asked: number;
  readonly missed: number;
  readonly points: readonly CurvePoint[];
}

/** What was asked and answered so far: what a round is drawn from. */
export interface DrillStanding {
  readonly history: readonly {
    readonly name: string;
    readonly isRight: boolean;
    readonly missed: Distinction | null;
    readonly at: string;
  }[];
  readonly curves: readonly DrillCurve[];
  readonly asked: readonly DrillAsked[];
}

/** What an instructor asks a student to do. */
export interface DrillAsked {
  readonly id: string;
  /** What is to be told apart; null: an exercise is to be practised. */
  readonly distinction: Distinction | null;
  readonly exerciseId: string | null;
  readonly title: string | null;
  readonly by: string;
}

/** So many answers to names of its kind finish a drill that was asked for. */
export const ASKED_NAMES = 10;

const KINDS = ['drill', 'practice'] as const;

export class AskDrillRequest {
  @IsIn(KINDS)
  kind!: (typeof KINDS)[number];

  /** What is to be told apart, or the exercise that is to be practised. */
  @IsShortText(60, 'Choose what is to be practised.')
  what!: string;

  @IsArray()
  @ArrayMaxSize(1_000)
  @AreShortTexts(60, 'This is no id that was given out here.')
  people!: string[];
}

/** What a class does not tell apart. */
export interface ClassMixUps {
  readonly group: string;
  /** Whether whoever looks may ask something of its students: they teach the class. */
  readonly mayAsk: boolean;
  /** Everybody in the class, by name. */
  readonly people: readonly { readonly id: string; readonly name: string }[];
  /** Of how many it is told: of all, or of the one that was asked about. */
  readonly students: number;
  readonly exercises: readonly { readonly id: string; readonly title: string }[];
  readonly practised: number;
  readonly rows: readonly MixUpRow[];
}

export interface MixUpRow {
  readonly distinction: Distinction;
  readonly asked: number;
  readonly missed: number;
  /** The share missed before the last drill, from 0 to 1; null: there was none. */
  readonly before: number | null;
  readonly who: readonly MixedUp[];
}

/** Who missed it, how often, and with which accounts. */
export interface MixedUp {
  readonly personId: string;
  readonly student: string;
  readonly asked: number;
  readonly missed: number;
  readonly names: readonly string[];
  /** A work in which it can be seen; null: it was in a drill alone. */
  readonly tryId: string | null;
  /** Whether a drill was asked of them that they have not done yet. */
  readonly isAsked: boolean;
}
