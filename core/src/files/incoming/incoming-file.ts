import { bookFromJson, parseJson } from '../../changes/book-file/read-book.js';
import type { Book } from '../../model/book/book.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { keyFromJson } from '../../assessment/key/read-key.js';
import { exerciseFromJson, type Exercise } from '../../teaching/exercise/index.js';
import { EXERCISE_FORMAT } from '../../model/exercise-shapes/exercise-file.js';
import { KEY_FORMAT } from '../../model/exercise-shapes/key-file.js';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import { cellsFrom, cellsOf, decodeText, refusalOfBytes } from '../table/cells.js';
import { oneList } from '../table/one-list.js';
import { bestSheet } from './best-sheet.js';
import { sheetsOf } from './workbook.js';

/** What a file holds: a book, a key, or the cells of a table and of which sheet they are. */
export type Incoming =
  | { readonly kind: 'book'; readonly book: Book }
  | { readonly kind: 'key'; readonly key: AnswerKey; readonly exercise: Exercise | null }
  | ({ readonly kind: 'table' } & TableIn);

/** The cells of a table, and of which sheet of a workbook they are. */
export interface TableIn {
  readonly cells: readonly (readonly string[])[];
  readonly sheet: string | null;
}

/** Reads the bytes of a table beside whoever waits for it: within bounds of time and memory. */
export type ReadTable = (bytes: Uint8Array) => Promise<Result<TableIn>>;

const isPacked = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

const isJson = (bytes: Uint8Array): boolean =>
  !isPacked(bytes) && /^\uFEFF?\s*[{[]/.test(decodeText(bytes.subarray(0, JSON_BEGINS_WITHIN)));

const JSON_BEGINS_WITHIN = 256;

/**
 * Reads a file by what stands in it, whatever it is called: JSON here, a table (a delimited text in whichever encoding, a
 * workbook of which the sheet that looks like a list of accounts is taken) by whoever reads tables.
 */
export async function readIncoming(
  bytes: Uint8Array,
  readTable: ReadTable,
): Promise<Result<Incoming>> {
  if (isJson(bytes)) return fromJson(decodeText(bytes));
  const table = await readTable(bytes);
  return table.ok ? done({ kind: 'table', ...table.value }) : table;
}

/** The cells of a table; refused, with the reason, where there is none. */
export function tableIn(bytes: Uint8Array): Result<TableIn> {
  if (isPacked(bytes)) return fromSheets(bytes);
  const odd = refusalOfBytes(bytes);
  if (odd) return refused(odd);
  const cells = cellsOf(decodeText(bytes));
  return cells.ok ? done({ cells: oneList(cells.value), sheet: null }) : cells;
}

function fromSheets(bytes: Uint8Array): Result<TableIn> {
  const sheets = sheetsOf(bytes);
  if (!sheets.ok) return sheets;
  const sheet = bestSheet(sheets.value);
  const cells = cellsFrom(sheet?.cells ?? []);
  return cells.ok ? done({ cells: oneList(cells.value), sheet: sheet?.name ?? null }) : cells;
}

const tookTooLong = refusal(
  'file.took-too-long',
  () =>
    'This file takes longer to read than a table of accounts does. Copy the rows that are wanted into a new sheet, or save it as CSV.',
);

/** Said where reading a table was ended since it took too long, or too much memory. */
export const tableTookTooLong = (): Result<never> => refused(tookTooLong({}));

function fromJson(text: string): Result<Incoming> {
  const json = parseJson(text);
  if (!json.ok) return json;
  const format = (json.value as { format?: unknown } | null)?.format;
  if (format === EXERCISE_FORMAT) {
    const exercise = exerciseFromJson(json.value);
    if (!exercise.ok) return exercise;
    return done({ kind: 'key', key: exercise.value.key, exercise: exercise.value });
  }
  if (format === KEY_FORMAT) {
    const key = keyFromJson(json.value);
    return key.ok ? done({ kind: 'key', key: key.value, exercise: null }) : key;
  }
  const book = bookFromJson(json.value);
  return book.ok ? done({ kind: 'book', book: book.value }) : book;
}
