import { setPriority } from 'node:os';
import { readBook } from '@gleddo/core';
import { changeText } from './changing.js';
import { alike, check, checkToKeep, oddities } from './checking.js';
import { checkpointOf, copied, guide, hint, ownStartOf, reached } from './guiding.js';
import { keyHistory } from './key-history.js';
import type { Sent } from './prepared-book.js';
import { replay } from './replaying.js';
import { takeBook } from './taking.js';
import { takeExercise } from './taking-exercise.js';
import { takeWork } from './taking-work.js';

/** What other threads do than the one that answers requests. Each function is a task, called by its name. */
const LESS_PRESSING = 10;
try {
  // On Linux this is the thread's own: who waits for an answer goes before who waits for a mark.
  setPriority(LESS_PRESSING);
} catch {
  // Then all are alike.
}

/** Whether a text is a book that can be read. */
export function judge(text: string): Sent<null> {
  const read = readBook(text);
  return read.ok ? { ok: true, value: null } : read;
}

export {
  alike,
  changeText,
  check,
  checkToKeep,
  checkpointOf,
  copied,
  guide,
  hint,
  keyHistory,
  oddities,
  ownStartOf,
};
export { reached, replay, takeBook, takeExercise, takeWork };
