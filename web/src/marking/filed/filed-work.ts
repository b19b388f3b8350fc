import {
  checkWork,
  keptPairs,
  readIncoming,
  workFromTable,
  type AnswerKey,
  type Book,
  type Checked,
  type HandPair,
  type Incoming,
  type KeptPair,
  type TableChoice,
  type TableWork,
} from '@gleddo/core';
import { nanoid } from 'nanoid';
import { readTable } from '../../book/files/read-table';

/** What an exercise asks for, as files are looked at here before they go to the server. */
export interface Asked {
  readonly key: AnswerKey;
  readonly start: Book;
}

/** A file that was chosen: what stands in it, whose it is, and what was chosen of how it is read. */
export interface FiledFile {
  readonly id: string;
  readonly name: string;
  readonly incoming: Incoming | null;
  /** Why nothing can be read in it. */
  readonly refused: readonly string[];
  readonly personId: string | null;
  readonly choice: TableChoice;
  readonly byHand: readonly HandPair[];
  /** What became of it: not sent yet, put beside the class, or why not. */
  readonly sent: 'not yet' | 'done' | { readonly refused: string };
}

/** A file as it would be marked. */
export interface FiledMarks {
  readonly book: Book;
  readonly table: TableWork | null;
  readonly checked: Checked;
  readonly pairs: readonly KeptPair[];
}

/** A file and what comes out of it, or why nothing does. */
export interface Looked {
  readonly file: FiledFile;
  readonly marks: FiledMarks | string;
}

const LARGEST = 20_000_000;
const MOST_SAID = 3;

/** A file in which nothing can be read, with the reason. */
export const refusedFile = (name: string, says: readonly string[]): FiledFile => ({
  ...{ id: nanoid(), name, personId: null, choice: {}, byHand: [] },
  ...{ incoming: null, refused: says.slice(0, MOST_SAID), sent: 'not yet' },
});

/** Reads one file; whose it is is told from its name later. */
export async function filedFrom(name: string, bytes: Uint8Array): Promise<FiledFile> {
  if (bytes.length > LARGEST) return refusedFile(name, [`It is larger than ${LARGEST / 1e6} MB.`]);
  const read = await readIncoming(bytes, readTable);
  if (read.ok) return { ...refusedFile(name, []), incoming: read.value };
  return refusedFile(
    name,
    read.refusals.map(({ at, says }) => (at ? `${at}: ${says}` : says)),
  );
}

const looked = new WeakMap<Asked, WeakMap<FiledFile, Looked>>();

/** A file with what comes out of it by today's key; told once for each way in which it is read, so that what shows it need not be drawn again. */
export function lookedAt(asked: Asked, file: FiledFile): Looked {
  const files = looked.get(asked) ?? new WeakMap<FiledFile, Looked>();
  looked.set(asked, files);
  const known = files.get(file) ?? { file, marks: mark(asked, file) };
  files.set(file, known);
  return known;
}

function mark({ key, start }: Asked, file: FiledFile): FiledMarks | string {
  const { incoming, choice, byHand } = file;
  if (!incoming) return file.refused.join(' ');
  if (incoming.kind !== 'table') {
    const book = incoming.kind === 'key' ? incoming.key.book : incoming.book;
    const checked = checkWork(key, book, { start, byHand });
    return { book, table: null, checked, pairs: keptPairs(checked) };
  }
  const work = workFromTable(key, incoming.cells, choice);
  if (!work.ok) return work.refusals.map(({ says }) => says).join(' ');
  const { book, said, balancesAt } = work.value;
  const at = balancesAt === null ? {} : { balancesAt };
  const checked = checkWork(key, book, { start, byHand, said, ...at });
  return { book, table: work.value, checked, pairs: keptPairs(checked) };
}

interface Person {
  readonly personId: string;
  readonly student: string;
  readonly login: string;
  readonly number: string;
}

const plain = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** Whose a file is, by its name: whose number or whole name stands in it, or the only one of whom some word of the name stands there. */
export function ownerOf(fileName: string, people: readonly Person[]): string | null {
  const words = new Set(plain(fileName).split(' '));
  const named = (name: string, all: boolean) => {
    const own = plain(name).split(' ');
    return all
      ? own.every((word) => words.has(word))
      : own.some((word) => word.length > 2 && words.has(word));
  };
  const whole = people.filter((person) =>
    [person.student, person.login, person.number].some((name) => name !== '' && named(name, true)),
  );
  const [one, ...more] =
    whole.length > 0 ? whole : people.filter(({ student }) => named(student, false));
  return one && more.length === 0 ? one.personId : null;
}
