import { MOST_OF_A_PICTURE, type GuideShown, type HintPiece } from '@gleddo/core';
import { ArrayMaxSize, IsArray, IsBoolean, IsInt, Max, Min } from 'class-validator';
import type { CopiedFigures } from '@gleddo/core';
import type { TrialRunMarks } from './trial-runs.js';
import type { FoundSoFar } from './tries.js';
import { AreShortTexts, IsId, IsProse, IsShortText } from './fields.js';

/** What is answered beside a book; empty: the answer is taken back. */
export class AnswerRequest {
  @IsShortText(60, 'There is no such question here.')
  question!: string;

  @IsProse(300, 'An answer has at most 300 characters.')
  answer!: string;
}

const MOST_TICKS = 2_000;

/** Where somebody is in a guide. */
export class PlaceRequest {
  @IsShortText(60, 'There is no such step here.')
  step!: string;

  /** Steps and rows of papers that are ticked by hand, by names of the page’s own. */
  @IsArray()
  @ArrayMaxSize(MOST_TICKS, { message: 'No more than 2,000 ticks are kept.' })
  @AreShortTexts(130, 'A tick has a name of at most 130 characters.')
  ticks!: string[];
}

export interface GuidePlace {
  readonly step: string | null;
  readonly ticks: readonly string[];
}

/** Goes on from the beginning of a step. */
export class GoOnRequest {
  @IsShortText(60, 'There is no such step here.')
  step!: string;
}

/** One more piece of help at a step. */
export class HintRequest extends GoOnRequest {
  /** How many pieces whoever asks has seen: sent twice, nothing more is told, and nothing more is charged. */
  @IsInt()
  @Min(0)
  @Max(100_000)
  told!: number;

  /** Whether just the answer is asked for. */
  @IsBoolean()
  answer!: boolean;
}

/** What leads through a go at an exercise, and how far it is. */
export interface GuideAnswer {
  readonly guide: GuideShown;
  readonly place: GuidePlace;
  readonly mayAnswer: boolean;
  /** Whether one may go on from the beginning of a step. */
  readonly mayGoOn: boolean;
  /** The points that each step so skipped costs; null: what it gives earns nothing. */
  readonly goOnCost: number | null;
  readonly hints: HintsShown;
}

/** Help that comes piece by piece. */
export interface HintsShown {
  /** How far it goes; null: none is given here. */
  readonly upTo: HintPiece | null;
  /** The points that a piece costs. */
  readonly cost: number;
  readonly told: readonly HintShown[];
}

export interface HintShown {
  readonly step: string;
  /** What it is about: the same number for the same thing. */
  readonly thing: number;
  readonly piece: HintPiece;
  readonly says: string;
}

/** Lets students go on from the beginning of a step; none named: all who work on it. */
export class LetGoOnRequest extends GoOnRequest {
  @IsArray()
  @ArrayMaxSize(1_000)
  @AreShortTexts(60, 'This is no id that was given out here.')
  tries!: string[];
}

export interface LetGoOn {
  /** How many now go on from there. */
  readonly count: number;
}

/** A go at an exercise for oneself. */
export interface Practice {
  readonly id: string;
  readonly exerciseId: string;
  readonly title: string;
  readonly bookId: string;
  readonly begunAt: string;
  readonly checked: number;
}

/** What a check of a practice says: all of it, or, until the exercise itself is handed in, nothing that its key says. */
export type PracticeCheck =
  | { readonly described: 'all'; readonly marks: TrialRunMarks }
  | {
      readonly described: 'so-far';
      readonly points: number;
      readonly of: number;
      readonly found: FoundSoFar;
    };

export class PracticeRequest {
  @IsId()
  exerciseId!: string;
}

/** With which seed a student’s own figures are drawn. */
export interface SeedShown {
  readonly student: string;
  readonly seed: number;
}

/** How often students practised an exercise, and what came of it: nothing more. */
export interface PractisedShown {
  readonly student: string;
  readonly goes: number;
  /** The last share of what could be had, in hundredths; null: never checked. */
  readonly share: number | null;
}

/** Somebody else’s figures in a work: a fact, no verdict. */
export interface CopiedShown {
  readonly tryId: string;
  readonly student: string;
  readonly whose: string;
  readonly count: number;
  readonly how: CopiedFigures<string>['how'];
}

/** Two works that have so much in common that is odd that it is hardly chance: a fact, no verdict. */
export interface AlikeShown {
  /** Null: a work of another class, which is not theirs to see. */
  readonly works: readonly { readonly tryId: string | null; readonly student: string }[];
  /** What both have, the rarest first, in words; at most so many as anybody reads. */
  readonly same: readonly string[];
  /** How much there is of it. */
  readonly count: number;
  /** In one of how many classes like this any two would be so much alike by chance; at most 100,000. */
  readonly onceIn: number;
}

/** A picture to lie beside the work, as a data URL. */
export class PictureRequest {
  @IsShortText(MOST_OF_A_PICTURE, 'A picture has at most 900 KB. Save it smaller.')
  picture!: string;
}

export interface PictureKept {
  /** Under which a guide names it. */
  readonly id: string;
}
