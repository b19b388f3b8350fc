import * as z from 'zod/mini';
import { bookFile } from '../shapes/book-file.js';
import { wholeKey } from './key-file.js';
import { HINT_PIECES } from './hint-pieces.js';
import { guideFile } from './guide.js';
import { refusal } from '../refusal/refusal.js';
import { textTooLong } from '../shape/explain.js';
import { exactly, flag, judgedText, text, whole } from '../shape/shape.js';
import { isVisible } from '../shape/visible.js';

export const EXERCISE_FORMAT = 'gleddo-exercise';
const LONGEST_TITLE = 120;
export const LONGEST_BRIEF = 20_000;

const optional = z.optional;

const ENTERS_BY = ['both', 'documents', 'entries'] as const;
/** Whether what happens is entered as documents, as entries of the journal, or either way. */
export type EntersBy = (typeof ENTERS_BY)[number];

const untitled = refusal(
  'exercise.untitled',
  () =>
    'The exercise has no title that can be read. Give it one of 1 to 120 characters, in one line.',
);

/** In one line, something that can be seen. */
export const titleText = judgedText(
  (title) => {
    if (title.length > LONGEST_TITLE) return textTooLong({ limit: LONGEST_TITLE });
    return isVisible(title) && !/[\u0000-\u001f\u007f\u2028\u2029]/.test(title)
      ? null
      : untitled({});
  },
  { maxLength: LONGEST_TITLE },
);

/** What students may do and are helped with; what is left out has its usual value. */
export const rulesOfTry = z.strictObject({
  entriesMayChange: optional(flag.value),
  enters: optional(z.enum(ENTERS_BY)),
  helpTypes: optional(flag.value),
  helpTotals: optional(flag.value),
  helpBands: optional(flag.value),
  helpHealth: optional(flag.value),
  checkWhileWorking: optional(flag.value),
  /** Null: as often as one likes. */
  askLimit: optional(z.nullable(whole(1, 99).value)),
  askPause: optional(whole(0, 1440).value),
  mayFile: optional(flag.value),
  mayPractise: optional(flag.value),
  /** Practising begins only once the try itself is given back. */
  practiseOnceBack: optional(flag.value),
  mayGoOn: optional(flag.value),
  /** Null: what one did not do oneself earns nothing. */
  goOnCost: optional(z.nullable(whole(0, 1000).value)),
  hintsUpTo: optional(z.nullable(z.enum(HINT_PIECES))),
  hintCost: optional(whole(0, 1000).value),
});

const fields = {
  format: exactly(EXERCISE_FORMAT).value,
  version: z.literal(1),
  title: titleText,
  brief: optional(text(LONGEST_BRIEF).value),
  rules: optional(rulesOfTry),
  guide: optional(guideFile),
};

/** The document of an exercise; its two books are judged by themselves. */
export const exerciseFile = z.strictObject({ ...fields, start: z.unknown(), key: z.unknown() });

/** The same with its books, for the JSON Schema. */
export const wholeExercise = (digits: number): z.ZodMiniType =>
  z.strictObject({ ...fields, start: bookFile(digits), key: wholeKey(digits) });
