import type * as z from 'zod/mini';
import { refusal, type Refusal } from '../refusal/refusal.js';

export const jsonUnknownKey = refusal(
  'file.unknown-key',
  (f: { key: string }) => `“${f.key}” is not known here. Take it out, or check its spelling.`,
);
const jsonMissing = refusal(
  'file.missing',
  (f: { key: string }) => `“${f.key}” is missing. Add it.`,
);
export const jsonWrongKind = refusal(
  'file.wrong-kind',
  (f: { wanted: string; found: string }) => `Here stands ${f.found}; it must be ${f.wanted}.`,
);
const listTooLong = refusal(
  'file.list-too-long',
  (f: { limit: number; what: string }) =>
    `More than ${f.limit.toLocaleString('en')} ${f.what} are more than can be taken here. Leave some out, or split them up.`,
);
export const textTooLong = refusal(
  'file.text-too-long',
  (f: { limit: number }) =>
    `This text is longer than ${f.limit.toLocaleString('en')} characters. Shorten it.`,
);
export const textUnprintable = refusal(
  'file.text-unprintable',
  () =>
    'This text holds a character that can’t be printed. Type it anew, or paste it as plain text.',
);

/** The path of a place: `accounts[3].name`. */
export const join = (path: string, key: string | number): string =>
  typeof key === 'number' ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`;

type Issue = z.core.$ZodRawIssue;

const kindOf = (value: unknown): string => {
  if (value === null) return 'null';
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'number') return `the number ${value}`;
  if (typeof value === 'string') return `“${value.slice(0, 60)}”`;
  return typeof value === 'object' ? 'an object' : String(value);
};

const KINDS: Readonly<Record<string, string>> = {
  string: 'a text',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  record: 'an object',
  int: 'a whole number',
  number: 'a whole number',
};

const wantedWords = new WeakMap<object, string>();

/** Says in words what a shape wants, where the words of its kind would not tell. */
export function wants<S extends object>(shape: S, words: string): S {
  wantedWords.set(shape, words);
  return shape;
}

const listNames = new WeakMap<object, string>();

/** Says what a list is of, for when it is too long. */
export function listOf<S extends object>(shape: S, what: string): S {
  listNames.set(shape, what);
  return shape;
}

const MOST_FAULTS = 200;

/** What is wrong, each with its path and its sentence, from what the schema library found. */
export const faultsOfIssues = (issues: readonly Issue[], path: string): Refusal[] =>
  issues.slice(0, MOST_FAULTS).flatMap((issue) => explained(issue, placeOf(issue, path)));

const placeOf = (issue: Issue, path: string): string =>
  ((issue.path ?? []) as (string | number)[]).reduce<string>(join, path);

function explained(issue: Issue, at: string): Refusal[] {
  if (issue.code === 'unrecognized_keys')
    return issue.keys.map((key) => jsonUnknownKey({ key: key.slice(0, 80) }, join(at, key)));
  if (issue.code === 'custom') {
    const described = (issue.params as { refusal?: Refusal } | undefined)?.refusal;
    return described ? [{ ...described, at }] : [];
  }
  if (issue.code === 'invalid_union') return [wrongKind(issue, at)];
  if (issue.code === 'too_big' && issue.origin === 'array') {
    const what = (issue.inst && listNames.get(issue.inst)) ?? 'of these';
    return [listTooLong({ limit: Number(issue.maximum), what }, at)];
  }
  const last = (issue.path ?? []).at(-1);
  if (issue.input === undefined && typeof last === 'string')
    return [jsonMissing({ key: last }, at)];
  return [wrongKind(issue, at)];
}

function wrongKind(issue: Issue, at: string): Refusal {
  const described = issue.inst && wantedWords.get(issue.inst);
  return jsonWrongKind({ wanted: described ?? wantedBy(issue), found: kindOf(issue.input) }, at);
}

function wantedBy(issue: Issue): string {
  if (issue.code === 'invalid_value') return `one of ${issue.values.join(', ')}`;
  if (issue.code === 'invalid_type') return KINDS[issue.expected] ?? issue.expected;
  return 'something else';
}
