import * as z from 'zod/mini';
import { checkById } from '../../assessment/all-checks/index.js';
import type { RulesOfTry } from '../exercise/index.js';
import type { Result } from '../../model/refusal/refusal.js';
import { rulesOfTry, LONGEST_BRIEF, titleText } from '../../model/exercise-shapes/exercise-file.js';
import { guideFile, type Guide } from '../../model/exercise-shapes/guide.js';
import { keyRulesFile, type KeyRulesFile } from '../../model/exercise-shapes/key-rules.js';
import type { OwnFigures } from '../../model/exercise-shapes/own-figures.js';
import { fitting, text } from '../../model/shape/shape.js';
import {
  fromParts,
  group,
  listBy,
  partsOf,
  record,
  setBy,
  value,
  type Named,
  type PartTree,
} from './part-tree.js';

/** What of an exercise is changed part by part; its two books have changes of their own. */
export interface ExerciseParts {
  readonly title: string;
  /** Markdown. */
  readonly brief: string;
  readonly rules: RulesOfTry;
  readonly keyRules: KeyRulesFile;
  readonly guide: Guide;
}

/** How people speak of the rules of the try. */
const RULES: Readonly<Record<keyof RulesOfTry, string>> = {
  entriesMayChange: 'whether entries that were given may be changed',
  enters: 'how is entered what happens',
  helpTypes: 'whether account types are explained',
  helpTotals: 'whether totals are shown while working',
  helpBands: 'whether bands of numbers are shown',
  helpHealth: 'whether the health of the book is told',
  checkWhileWorking: 'whether a check may be asked for',
  askLimit: 'how often a check may be asked for',
  askPause: 'how many minutes pass between two checks',
  mayFile: 'whether a file may be handed in',
  mayPractise: 'whether it may be practised',
  practiseOnceBack: 'whether practising waits until it is given back',
  mayGoOn: 'whether one may go on from a later step',
  goOnCost: 'what going on from a later step costs',
  hintsUpTo: 'how far hints go',
  hintCost: 'what a hint costs',
};

const ruleSays = (name: string): string =>
  Object.hasOwn(RULES, name) ? RULES[name as keyof RulesOfTry] : 'a rule of the try';

type PartsOf<T> = Readonly<Record<keyof T, PartTree>>;

/** A text of an element as people would quote it: not longer than a line. */
const quoted = (json: unknown, field: string, otherwise = ''): string => {
  const text = (json as Readonly<Record<string, unknown>> | undefined)?.[field];
  const said = typeof text === 'string' && text !== '' ? text : otherwise;
  return `“${said.length > LONGEST_QUOTE ? `${said.slice(0, LONGEST_QUOTE)}…` : said}”`;
};
const LONGEST_QUOTE = 60;

const figures = {
  quantities: listBy('name', ({ name }) => `the quantity “${name}”`, 'the order of the quantities'),
  formulas: setBy('at', () => 'the formula of an amount or a day'),
  each: value('how every amount is drawn'),
  everywhere: value('the formula of every amount'),
  roundTo: value('what amounts are rounded to'),
  rest: value('the account that keeps the opening in balance'),
  names: listBy('name', ({ name }) => `the names instead of “${name}”`, 'the order of the names'),
} satisfies PartsOf<OwnFigures>;

/** Points by check (`account.type`), or by check and what it is about (`account.type:bank`). */
function pointsOf(ref: string, named: Named): string {
  const at = ref.indexOf(':');
  const check = checkById(at < 0 ? ref : ref.slice(0, at))?.title ?? ref;
  return `the points for “${check}”${at < 0 ? '' : ` of “${named(ref.slice(at + 1))}”`}`;
}

const keyRules = {
  accepts: setBy('account', ({ name, named }) => `what else is right for “${named(name)}”`),
  acceptsEntries: setBy('entry', ({ name, named }) => `what else is right for “${named(name)}”`),
  statementDates: value('the days at which statements are compared'),
  aim: value('what the exercise is about'),
  points: record(({ name, named }) => pointsOf(name, named)),
  total: value('what the whole counts'),
  questions: listBy(
    'id',
    ({ json, name }) => `the question ${quoted(json, 'text', name)}`,
    'the order of the questions',
  ),
  figures: group(figures),
  settings: value('what students set up of the company'),
} satisfies PartsOf<KeyRulesFile>;

const titled =
  (what: string) =>
  ({ json, name }: { readonly json: unknown; readonly name: string }) =>
    `the ${what} ${quoted(json, 'title', name)}`;

const guide = {
  steps: listBy('id', titled('step'), 'the order of the steps'),
  sheets: listBy('id', titled('paper'), 'the order of the papers'),
  assumes: value('what is assumed throughout'),
  words: listBy('word', ({ name }) => `the word “${name}”`, 'the order of the words'),
} satisfies PartsOf<Guide>;

/** How an exercise falls into parts. */
export const EXERCISE_PARTS = group({
  title: value('the title'),
  brief: value('the brief'),
  rules: record(({ name }) => ruleSays(name)),
  keyRules: group(keyRules),
  guide: group(guide),
} satisfies PartsOf<ExerciseParts>);

const shape = z.strictObject({
  title: titleText,
  brief: text(LONGEST_BRIEF).value,
  rules: rulesOfTry,
  keyRules: keyRulesFile,
  guide: guideFile,
});

/** What its parts make, in one form whatever they were read from: what says nothing is left out. */
export function exerciseOfParts(document: unknown): Result<ExerciseParts> {
  const made = fromParts(EXERCISE_PARTS, partsOf(EXERCISE_PARTS, document)) ?? {};
  const whole = { title: '', brief: '', rules: {}, keyRules: {}, guide: {}, ...made };
  return fitting(shape, whole) as Result<ExerciseParts>;
}
