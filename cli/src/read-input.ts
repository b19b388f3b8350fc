import { readdir, readFile, stat } from 'node:fs/promises';
import { extname, join } from 'node:path';
import { keyOf, readIncoming, type AnswerKey, type Book, type Incoming } from '@gleddo/core';
import { faultsIn, InputFaults } from './faults.js';
import { readTable } from './read-table.js';

const LARGEST_INPUT = 50_000_000;

async function readBytes(file: string): Promise<Uint8Array> {
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

/** What a file holds, whatever it is called. */
export async function readInput(file: string): Promise<Incoming> {
  const read = await readIncoming(await readBytes(file), readTable);
  if (!read.ok) throw faultsIn(file, read.refusals);
  return read.value;
}

const NOT_A_BOOK = 'It is a table, not a book. Convert it first: gleddo convert.';

/** A book from a book file, or the book of a key file. */
export async function readBookFile(file: string): Promise<Book> {
  const read = await readInput(file);
  if (read.kind === 'table') throw new InputFaults([`${file}: file: ${NOT_A_BOOK}`]);
  return read.kind === 'key' ? read.key.book : read.book;
}

/** A key from a key file, with its start where an exercise brings one; a book file is a key that accepts nothing else. */
export async function readKeyFile(
  file: string,
): Promise<{ readonly key: AnswerKey; readonly start: Book | null }> {
  const read = await readInput(file);
  return read.kind === 'key'
    ? { key: read.key, start: read.exercise?.start ?? null }
    : { key: keyOf(await readBookFile(file)), start: null };
}

/** Endings of files that are no works: what lies beside them in a folder. */
const PASSED_OVER = new Set(['.md', '.html', '.png', '.jpg', '']);

/** The files that are meant: a folder stands for the files in it, by name. */
export async function filesIn(names: readonly string[]): Promise<string[]> {
  const all = await Promise.all(
    names.map(async (name) => {
      const isFolder = await stat(name).then(
        (found) => found.isDirectory(),
        () => false,
      );
      if (!isFolder) return [name];
      const inside = (await readdir(name, { withFileTypes: true })).filter(
        (each) => each.isFile() && !PASSED_OVER.has(extname(each.name).toLowerCase()),
      );
      return inside.map((each) => join(name, each.name)).sort();
    }),
  );
  return all.flat();
}
