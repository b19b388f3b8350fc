import { readFile, stat } from 'node:fs/promises';
import { extname } from 'node:path';
import {
  cellsFrom,
  cellsOf,
  decodeText,
  keyOf,
  parseJson,
  readBook,
  readKey,
  type AnswerKey,
  type Book,
} from '@gleddo/core';
import { faultsIn, InputFaults } from './faults.js';
import { sheetCells } from './spreadsheet.js';

const LARGEST_INPUT = 50_000_000;

export async function readBytes(file: string): Promise<Uint8Array> {
  try {
    const { size } = await stat(file);
    if (size > LARGEST_INPUT)
      throw new InputFaults([`${file}: file: It is larger than ${LARGEST_INPUT / 1e6} MB.`]);
    return await readFile(file);
  } catch (error) {
    if (error instanceof InputFaults) throw error;
    const why = error instanceof Error && 'code' in error ? String(error.code) : 'unknown';
    throw new InputFaults([
      `${file}: file: It can’t be read (${why}). Check the name and the path.`,
    ]);
  }
}

export const isTable = (file: string): boolean =>
  ['.csv', '.tsv', '.txt', '.xlsx'].includes(extname(file).toLowerCase());

export async function readCells(file: string): Promise<string[][]> {
  const bytes = await readBytes(file);
  const isSheet = extname(file).toLowerCase() === '.xlsx';
  const cells = isSheet ? cellsFrom(await sheetCells(file, bytes)) : cellsOf(decodeText(bytes));
  if (!cells.ok) throw faultsIn(file, cells.refusals);
  return cells.value;
}

function formatOf(text: string): string {
  const json = parseJson(text);
  const value = json.ok ? json.value : null;
  const isObject = typeof value === 'object' && value !== null && 'format' in value;
  return isObject ? String(value.format) : '';
}

/** A book from a book file, or the book of a key file. */
export async function readBookFile(file: string): Promise<Book> {
  const text = decodeText(await readBytes(file));
  if (formatOf(text) === 'gleddo-key') return (await readKeyFile(file)).book;
  const book = readBook(text);
  if (!book.ok) throw faultsIn(file, book.refusals);
  return book.value;
}

/** A key from a key file; a book file is a key that accepts nothing else. */
export async function readKeyFile(file: string): Promise<AnswerKey> {
  const text = decodeText(await readBytes(file));
  if (formatOf(text) === 'gleddo-book') return keyOf(await readBookFile(file));
  const key = readKey(text);
  if (!key.ok) throw faultsIn(file, key.refusals);
  return key.value;
}
