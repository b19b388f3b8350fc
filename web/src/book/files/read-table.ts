import { tableTookTooLong, type ReadTable, type Result, type TableIn } from '@gleddo/core';

/** In milliseconds: what takes longer is no table of accounts. */
const LONGEST = 15_000;

let last: Promise<unknown> = Promise.resolve();

/** Reads a table in a thread of its own, one after the other; what takes too long is ended with its thread. */
export const readTable: ReadTable = (bytes) => {
  const read = last.then(() => inThread(bytes));
  last = read.catch(() => undefined);
  return read;
};

let thread: Worker | null = null;

function inThread(bytes: Uint8Array): Promise<Result<TableIn>> {
  const worker = (thread ??= new Worker(new URL('./table-thread.ts', import.meta.url), {
    type: 'module',
  }));
  return new Promise((resolve) => {
    const end = (result: Result<TableIn>) => {
      clearTimeout(timer);
      resolve(result);
    };
    const giveUp = () => {
      worker.terminate();
      thread = null;
      end(tableTookTooLong());
    };
    const timer = setTimeout(giveUp, LONGEST);
    worker.onmessage = ({ data }: MessageEvent<Result<TableIn>>) => end(data);
    worker.onerror = giveUp;
    worker.postMessage(bytes);
  });
}
