import { bookFromJson, faultsOfFormat, parseJson } from '../../changes/book-file/read-book.js';
import { bookToJson } from '../../changes/book-file/write-book.js';
import { keyFromJson, keyToJson } from '../../assessment/key/read-key.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { join } from '../../model/shape/explain.js';
import { EXERCISE_FORMAT, exerciseFile } from '../../model/exercise-shapes/exercise-file.js';
import { fitting } from '../../model/shape/shape.js';
import { rulesOfTry, USUAL_RULES, type Exercise } from './exercise.js';

const otherCurrency = refusal(
  'exercise.currency',
  (f: { start: string; key: string }) =>
    `The start is in ${f.start}, the key in ${f.key}. Make both of one company.`,
);

const under = (name: string, refusals: readonly Refusal[]): Refusal[] =>
  refusals.map((each) => ({ ...each, at: join(name, each.at) }));

/** Reads an exercise from the text of a `*.exercise.json` file, or answers every fault with its path. */
export function readExercise(text: string): Result<Exercise> {
  const json = parseJson(text);
  return json.ok ? exerciseFromJson(json.value) : json;
}

export function exerciseFromJson(value: unknown): Result<Exercise> {
  const odd = faultsOfFormat(value, EXERCISE_FORMAT);
  if (odd.length > 0) return refused(...odd);
  const shaped = fitting(exerciseFile, value);
  const { start: startJson, key: keyJson } = (value ?? {}) as { start?: unknown; key?: unknown };
  const start = bookFromJson(startJson ?? null, 'start');
  const key = keyFromJson(keyJson ?? null);
  if (!shaped.ok || !start.ok || !key.ok)
    return refused(
      ...(shaped.ok ? [] : shaped.refusals),
      ...(start.ok ? [] : start.refusals),
      ...(key.ok ? [] : under('key', key.refusals)),
    );
  const { title, brief = '', rules, guide = {} } = shaped.value;
  const [one, other] = [start.value, key.value.book].map(({ company }) => company.currency);
  if (one !== other) return refused(otherCurrency({ start: one ?? '', key: other ?? '' }, 'start'));
  const said = Object.fromEntries(
    Object.entries(rules ?? {}).filter(([, each]) => each !== undefined),
  );
  return done({
    ...{ title, brief, guide, start: start.value, key: key.value },
    rules: { ...USUAL_RULES, ...said },
  });
}

/** An exercise as its document, canonical: every rule of the try written out. */
export const exerciseToJson = ({ title, brief, start, key, rules, guide }: Exercise): object => ({
  format: EXERCISE_FORMAT,
  version: 1,
  title,
  ...(brief === '' ? {} : { brief }),
  rules: rulesOfTry(rules),
  ...(Object.keys(guide).length === 0 ? {} : { guide }),
  start: bookToJson(start),
  key: keyToJson(key),
});

/** The text of a `*.exercise.json` file; read back and written again it is the same byte for byte. */
export const writeExercise = (exercise: Exercise): string =>
  `${JSON.stringify(exerciseToJson(exercise), null, 2)}\n`;
