import type { Book } from '../../model/book/book.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import type { Guide } from '../../model/exercise-shapes/guide.js';
import type { HintPiece } from '../../model/exercise-shapes/hint-pieces.js';
import type { EntersBy } from '../../model/exercise-shapes/exercise-file.js';

/** What students may do in a try, and what helps them. */
export interface RulesOfTry {
  readonly entriesMayChange: boolean;
  readonly enters: EntersBy;
  readonly helpTypes: boolean;
  readonly helpTotals: boolean;
  readonly helpBands: boolean;
  /** Whether what looks odd in their book is told without the key. */
  readonly helpHealth: boolean;
  readonly checkWhileWorking: boolean;
  /** How often a check may be asked for while working; null: as often as one likes. */
  readonly askLimit: number | null;
  /** Minutes between two such asks. */
  readonly askPause: number;
  /** Whether a file may be handed in instead. */
  readonly mayFile: boolean;
  /** Whether it may be practised: new figures each time, checked at once, no marks. */
  readonly mayPractise: boolean;
  /** Whether that begins only once the try itself is given back. */
  readonly practiseOnceBack: boolean;
  /** Whether one may go on from a checkpoint, and the points that each step so skipped costs; null: all that it gives. */
  readonly mayGoOn: boolean;
  readonly goOnCost: number | null;
  /** How far help goes that is asked for at a step, piece by piece; null: none is given. What an answer gives earns nothing. */
  readonly hintsUpTo: HintPiece | null;
  /** The points that each other piece costs. */
  readonly hintCost: number;
}

/** What students may do where nobody says otherwise. */
export const USUAL_RULES: RulesOfTry = {
  ...{ entriesMayChange: true, enters: 'both', helpTypes: true, helpTotals: true },
  ...{ helpBands: true, helpHealth: false, checkWhileWorking: false, askLimit: 5, askPause: 0 },
  ...{ mayFile: false, mayPractise: false, mayGoOn: false, goOnCost: null },
  ...{ practiseOnceBack: false, hintsUpTo: null, hintCost: 0 },
};

/** Two sets of rules, chosen by name and then free to change: with all help; or with nothing given before it is given back. */
export const RULE_SETS = {
  learn: {
    ...{ helpTypes: true, helpTotals: true, helpBands: true, helpHealth: true },
    ...{ checkWhileWorking: true, askLimit: null, askPause: 0 },
    ...{ mayPractise: true, mayGoOn: true, goOnCost: null, hintsUpTo: 'answer', hintCost: 0 },
    practiseOnceBack: false,
  },
  test: {
    ...{ helpTypes: false, helpTotals: true, helpBands: true, helpHealth: false },
    ...{ checkWhileWorking: false, mayGoOn: false, mayFile: false },
    ...{ mayPractise: true, practiseOnceBack: true, hintsUpTo: null },
  },
} as const satisfies Readonly<Record<string, Partial<RulesOfTry>>>;

export type RuleSet = keyof typeof RULE_SETS;

/** Which of the sets rules are; null: neither, they are an instructor's own. */
export const ruleSetOf = (rules: RulesOfTry): RuleSet | null =>
  (Object.keys(RULE_SETS) as RuleSet[]).find((name) =>
    Object.entries(RULE_SETS[name]).every(
      ([rule, value]) => rules[rule as keyof RulesOfTry] === value,
    ),
  ) ?? null;

/** The rules of the try out of whatever has them among other things. */
export const rulesOfTry = (of: RulesOfTry): RulesOfTry =>
  Object.fromEntries(
    Object.keys(USUAL_RULES).map((name) => [name, of[name as keyof RulesOfTry]]),
  ) as unknown as RulesOfTry;

/** Everything that makes an exercise, so that instructors can hand it to each other. */
export interface Exercise {
  readonly title: string;
  /** Markdown. */
  readonly brief: string;
  readonly start: Book;
  readonly key: AnswerKey;
  readonly rules: RulesOfTry;
  /** What leads through it. */
  readonly guide: Guide;
}
