import { bookFromJson, parseJson } from '../book/read-book.js';
import type { Book } from '../book/book.js';
import type { AnswerKey } from '../key/answer-key.js';
import { keyFromJson } from '../key/read-key.js';
import { exerciseFromJson, type Exercise } from '../exercise/index.js';
import { EXERCISE_FORMAT } from '../shape/exercise-file.js';
import { KEY_FORMAT } from '../shape/key-file.js';
import { done, refused, type Result } from '../refusal/refusal.js';
import { cellsFrom, cellsOf, decodeText, refusalOfBytes } from '../table/cells.js';
import { bestSheet } from './best-sheet.js';
import { sheetsOf, type OpenWorkbook } from './workbook.js';

/** What a file holds: a book, a key, or the cells of a table and of which sheet they are. */
export type Incoming =
  | { readonly kind: 'book'; readonly book: Book }
  | { readonly kind: 'key'; readonly key: AnswerKey; readonly exercise: Exercise | null }
  | {
      readonly kind: 'table';
      readonly cells: readonly (readonly string[])[];
      readonly sheet: string | null;
    };

const isPacked = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/**
 * Reads a file by what stands in it, whatever it is called: JSON, a delimited text in whichever encoding, a workbook of
 * which the sheet that looks like a list of accounts is taken.
 */
export async function readIncoming(
  bytes: Uint8Array,
  open: OpenWorkbook,
): Promise<Result<Incoming>> {
  if (isPacked(bytes)) return fromSheets(bytes, open);
  const odd = refusalOfBytes(bytes);
  if (odd) return refused(odd);
  const text = decodeText(bytes);
  if (/^\uFEFF?\s*[{[]/.test(text)) return fromJson(text);
  const cells = cellsOf(text);
  return cells.ok ? done({ kind: 'table', cells: cells.value, sheet: null }) : cells;
}

async function fromSheets(bytes: Uint8Array, open: OpenWorkbook): Promise<Result<Incoming>> {
  const sheets = await sheetsOf(bytes, open);
  if (!sheets.ok) return sheets;
  const sheet = bestSheet(sheets.value);
  const cells = cellsFrom(sheet?.cells ?? []);
  return cells.ok ? done({ kind: 'table', cells: cells.value, sheet: sheet?.name ?? null }) : cells;
}

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
