import type { Book } from '../book/book.js';
import type { AnswerKey } from '../key/answer-key.js';
import type { EntersBy } from '../operation/operation.js';

/** What students may do in a try, and what helps them. */
export interface RulesOfTry {
  readonly entriesMayChange: boolean;
  readonly enters: EntersBy;
  readonly helpTypes: boolean;
  readonly helpTotals: boolean;
  readonly helpBands: boolean;
  readonly checkWhileWorking: boolean;
  /** How often a check may be asked for while working; null: as often as one likes. */
  readonly askLimit: number | null;
  /** Minutes between two such asks. */
  readonly askPause: number;
  /** Whether a file may be handed in instead. */
  readonly mayFile: boolean;
}

/** What students may do where nobody says otherwise. */
export const USUAL_RULES: RulesOfTry = {
  ...{ entriesMayChange: true, enters: 'both', helpTypes: true, helpTotals: true },
  ...{ helpBands: true, checkWhileWorking: false, askLimit: 5, askPause: 0, mayFile: false },
};

/** Everything that makes an exercise, so that instructors can hand it to each other. */
export interface Exercise {
  readonly title: string;
  /** Markdown. */
  readonly brief: string;
  readonly start: Book;
  readonly key: AnswerKey;
  readonly rules: RulesOfTry;
}
