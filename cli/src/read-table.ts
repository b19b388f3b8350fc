import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { tableTookTooLong, type ReadTable, type Result, type TableIn } from '@gleddo/core';

/** In milliseconds and megabytes: what takes more is no table of accounts. */
const LONGEST = 15_000;
const LARGEST = 256;

/** Beside the built command, wherever this is run from. */
const built = import.meta.url.endsWith('.ts') ? '../dist/table-thread.mjs' : './table-thread.mjs';
const file = fileURLToPath(new URL(built, import.meta.url));

let thread: Worker | null = null;

function begun(): Worker {
  const worker = new Worker(file, { resourceLimits: { maxOldGenerationSizeMb: LARGEST } });
  worker.unref();
  return worker;
}

/** Reads a table in a thread of its own; what takes too long, or too much memory, is ended with its thread. */
export const readTable: ReadTable = (bytes) => {
  const worker = (thread ??= begun());
  return new Promise<Result<TableIn>>((resolve) => {
    const timer = setTimeout(giveUp, LONGEST);
    function giveUp(): void {
      thread = null;
      void worker.terminate();
      end(tableTookTooLong());
    }
    function end(result: Result<TableIn>): void {
      clearTimeout(timer);
      worker.off('message', end).off('error', giveUp);
      resolve(result);
    }
    worker.on('message', end).on('error', giveUp);
    worker.postMessage(bytes);
  });
};
