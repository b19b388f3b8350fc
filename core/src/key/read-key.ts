import { accountOf, type Book } from '../book/book.js';
import { accountUnknown } from '../book/book-faults.js';
import { join, JsonReader, jsonWrongKind } from '../book/json-reader.js';
import { bookFromJson, parseJson, takeDay, takeFormat } from '../book/read-book.js';
import { bookToJson } from '../book/write-book.js';
import { entryUnknown } from '../operation/entry-changes.js';
import { done, type Result } from '../refusal/refusal.js';
import {
  STATEMENTS,
  usualDates,
  type Accepted,
  type AcceptedEntry,
  type AnswerKey,
  type NumberRule,
  type StatementDate,
} from './answer-key.js';

export const KEY_FORMAT = 'gleddo-key';

const KEY_KEYS = [
  'format',
  'version',
  'book',
  'accepts',
  'acceptsEntries',
  'statementDates',
  'points',
];

/** Reads a key from the text of a `*.key.json` file; only the book is required. */
export function readKey(text: string): Result<AnswerKey> {
  const json = parseJson(text);
  return json.ok ? keyFromJson(json.value) : json;
}

export function keyFromJson(value: unknown): Result<AnswerKey> {
  const reader = new JsonReader();
  const json = reader.object(value, '', KEY_KEYS);
  takeFormat(reader, json, '', KEY_FORMAT);
  const book = bookFromJson(json['book'] ?? null, 'book');
  if (!book.ok) return { ok: false, refusals: [...reader.faults, ...book.refusals] };
  const key = takeKey(reader, json, book.value);
  return reader.faults.length === 0 ? done(key) : { ok: false, refusals: reader.faults };
}

function takeKey(reader: JsonReader, json: Record<string, unknown>, book: Book): AnswerKey {
  const each = <T>(name: string, take: (value: unknown, path: string) => T) =>
    reader.list(json, name, '').map((value, i) => take(value, join(name, i)));
  const dates = each('statementDates', (value, path) => takeDate(reader, value, path));
  return {
    book,
    accepts: each('accepts', (value, path) => takeAccepted(reader, value, path, book)),
    acceptsEntries: each('acceptsEntries', (value, path) => takeEntry(reader, value, path, book)),
    statementDates: json['statementDates'] === undefined ? usualDates(book) : dates,
    points: takePoints(reader, json['points']),
  };
}

function takeAccepted(reader: JsonReader, value: unknown, path: string, book: Book): Accepted {
  const keys = ['account', 'names', 'types', 'number', 'required', 'several'];
  const json = reader.object(value, path, keys);
  const account = reader.text(json, 'account', path);
  const own = accountOf(book, account);
  if (!own) reader.fault(accountUnknown({ id: account }, join(path, 'account')));
  return {
    account,
    names: reader.list(json, 'names', path).map(String),
    types: reader.list(json, 'types', path).map(String),
    number: takeRule(reader, json, path),
    required: reader.flag(json, 'required', path, own?.retired !== true),
    several: reader.flag(json, 'several', path, true),
  };
}

function takeRule(reader: JsonReader, json: Record<string, unknown>, path: string): NumberRule {
  if (typeof json['number'] === 'object' && json['number'] !== null) {
    const at = join(path, 'number');
    return { nextTo: reader.text(reader.object(json['number'], at, ['nextTo']), 'nextTo', at) };
  }
  return reader.oneOf(json, 'number', path, ['exact', 'in-band', 'any'] as const, 'in-band');
}

function takeEntry(reader: JsonReader, value: unknown, path: string, book: Book): AcceptedEntry {
  const json = reader.object(value, path, ['entry', 'from', 'to', 'required']);
  const id = reader.text(json, 'entry', path);
  const entry = book.entries.find((each) => each.id === id);
  if (!entry) reader.fault(entryUnknown({ id }, join(path, 'entry')));
  const day = (key: string) =>
    json[key] === undefined ? (entry?.date ?? '') : takeDay(reader, json, key, path);
  return {
    entry: id,
    from: day('from'),
    to: day('to'),
    required: reader.flag(json, 'required', path, true),
  };
}

function takeDate(reader: JsonReader, value: unknown, path: string): StatementDate {
  const json = reader.object(value, path, ['statement', 'at', 'from', 'to']);
  const statement = reader.oneOf(json, 'statement', path, STATEMENTS, 'balance-sheet');
  if (statement === 'balance-sheet') return { statement, at: takeDay(reader, json, 'at', path) };
  return {
    statement,
    from: takeDay(reader, json, 'from', path),
    to: takeDay(reader, json, 'to', path),
  };
}

function takePoints(reader: JsonReader, value: unknown): Record<string, number> {
  if (value === undefined) return {};
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    reader.fault(jsonWrongKind({ wanted: 'an object', found: 'something else' }, 'points'));
    return {};
  }
  const json = value as Record<string, unknown>;
  return Object.fromEntries(
    Object.keys(json).map((check) => [check, reader.whole(json, check, 'points', 0, 0, 1000)]),
  );
}

/** A key as the text of a `*.key.json` file, canonical: defaults written out, except where nothing is said. */
export const writeKey = (key: AnswerKey): string => `${JSON.stringify(keyToJson(key), null, 2)}\n`;

export function keyToJson(key: AnswerKey): object {
  return {
    format: KEY_FORMAT,
    version: 1,
    book: bookToJson(key.book),
    accepts: key.accepts.map(({ account, names, types, number, required, several }) => ({
      account,
      names,
      types,
      number,
      required,
      several,
    })),
    acceptsEntries: key.acceptsEntries.map(({ entry, from, to, required }) => ({
      entry,
      from,
      to,
      required,
    })),
    statementDates: key.statementDates,
    points: key.points,
  };
}
