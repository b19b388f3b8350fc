import { useQueryClient } from '@tanstack/react-query';
import type { ClassRow, FiledRequest } from '@gleddo/contract';
import { bookToJson } from '@gleddo/core';
import { useCallback, useState } from 'react';
import { post } from '../../platform/api/client';
import {
  filedFrom,
  lookedAt,
  ownerOf,
  refusedFile,
  type Asked,
  type FiledFile,
} from './filed-work';
import { unpacked } from './unpacked';

/** Who could have made a work that comes as a file: whose own is not there, and not given back. */
export const mayComeAsFile = ({ state, fileName }: ClassRow): boolean =>
  state === 'not-started' || (fileName !== null && state === 'handed-in');

/** The files that were chosen, and what is done with them. */
export function useFiles(exerciseId: string, asked: Asked, rows: readonly ClassRow[]) {
  const queries = useQueryClient();
  const [files, setFiles] = useState<readonly FiledFile[]>([]);
  const [isSending, setSending] = useState(false);
  const change = useCallback(
    (id: string, rest: Partial<FiledFile>) =>
      setFiles((all) => all.map((each) => (each.id === id ? { ...each, ...rest } : each))),
    [],
  );
  const add = async (chosen: readonly File[]): Promise<void> => {
    const free = rows.filter(mayComeAsFile);
    for (const file of chosen) {
      const read = await filesIn(file);
      const owned = read.map((each) => ({ ...each, personId: ownerOf(each.name, free) }));
      setFiles((all) => [...all, ...owned]);
    }
  };
  const send = async (ready: readonly FiledFile[]): Promise<void> => {
    setSending(true);
    for (const file of ready) change(file.id, { sent: await sent(exerciseId, asked, file) });
    setSending(false);
    await queries.invalidateQueries({ queryKey: ['results'] });
  };
  return { files, isSending, change, add, send };
}

/** What was chosen, each file of a pile by itself; one that can't be read is there, too, with its reason. */
async function filesIn(file: File): Promise<FiledFile[]> {
  try {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const { files, leftOut } = unpacked({ name: file.name, bytes });
    const read: FiledFile[] = [];
    for (const each of files) read.push(await filedFrom(each.name, each.bytes));
    return [...read, ...leftOut.map(({ name, says }) => refusedFile(name, [says]))];
  } catch {
    return [refusedFile(file.name, ['It can’t be read from where it lies. Choose it again.'])];
  }
}

export type Files = ReturnType<typeof useFiles>;

async function sent(exerciseId: string, asked: Asked, file: FiledFile): Promise<FiledFile['sent']> {
  try {
    await post(`exercises/${exerciseId}/files`, requestOf(asked, file));
    return 'done';
  } catch (error) {
    return { refused: error instanceof Error ? error.message : String(error) };
  }
}

function requestOf(asked: Asked, file: FiledFile): FiledRequest {
  const { personId, name, incoming, choice, byHand } = file;
  const about = {
    personId: personId ?? '',
    fileName: name.slice(0, 200),
    pairs: byHand.flatMap(({ key, work }) => (work === null ? [] : [{ key, work }])),
  };
  const { marks } = lookedAt(asked, file);
  if (incoming?.kind === 'table' && typeof marks !== 'string')
    return { ...about, table: { cells: incoming.cells, ...choice } };
  if (typeof marks !== 'string') return { ...about, book: bookToJson(marks.book) };
  return { ...about, table: { cells: [], refused: marks.slice(0, 2000) } };
}
