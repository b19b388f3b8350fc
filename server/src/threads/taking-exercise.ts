import {
  exerciseFromJson,
  givenToStudents,
  keyFromJson,
  keyToJson,
  startingPoint,
  USUAL_RULES,
  type Exercise,
  type Refusal,
  type Result,
  type RulesOfTry,
} from '@gleddo/core';
import { BodyRefused, parsedBody } from '../http/json-body.js';
import { prepared, type PreparedBook, type Sent } from './prepared-book.js';

/** An exercise made ready to be kept. */
export interface PreparedExercise {
  readonly title: string;
  readonly brief: string;
  readonly start: PreparedBook;
  readonly key: PreparedBook;
  /** JSON: what the key says besides its book. */
  readonly keyRules: string;
  readonly rules: RulesOfTry;
  /** JSON. */
  readonly guide: string;
}

/** A key alone is an exercise that begins with the company. */
function exerciseOf(document: unknown, seed: number): Result<Exercise> {
  if ((document as { format?: unknown } | null)?.format !== 'gleddo-key')
    return exerciseFromJson(document);
  const key = keyFromJson(document);
  if (!key.ok) return key;
  const start = startingPoint(key.value.book, 'company-only', { faults: {}, seed: 1 });
  return {
    ok: true,
    value: {
      ...{ title: key.value.book.company.name, brief: '', key: key.value, rules: USUAL_RULES },
      guide: {},
      start: givenToStudents(start, 'company-only', seed),
    },
  };
}

/** The exercise of a request’s body: the document of an exercise, or of a key; judged whole. */
export function takeExercise({ body, seed }: { body: Uint8Array; seed: number }) {
  try {
    const document = parsedBody(Buffer.from(body).toString('utf8'));
    const read = exerciseOf(document, seed);
    return read.ok ? ready(read.value) : read;
  } catch (error) {
    if (!(error instanceof BodyRefused)) throw error;
    const refusal: Refusal = { code: 'body', at: '', facts: {}, says: error.message };
    return { ok: false as const, refusals: [refusal] };
  }
}

function ready({ title, brief, rules, guide, ...books }: Exercise): Sent<PreparedExercise> {
  const start = prepared(books.start);
  const key = prepared(books.key.book);
  if (!start.ok) return start;
  if (!key.ok) return key;
  const { format, version, book, ...keyRules } = keyToJson(books.key) as Record<string, unknown>;
  void [format, version, book];
  const texts = { keyRules: JSON.stringify(keyRules), guide: JSON.stringify(guide) };
  const made = { title: title.trim(), brief, rules, ...texts };
  return { ok: true, value: { ...made, start: start.value, key: key.value } };
}
