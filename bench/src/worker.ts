import { parentPort, workerData } from 'node:worker_threads';
import { checkWork, keyOf, readBook, writeBook } from '@gleddo/core';
import { bookOf, workOn } from './books.js';

const { first, count } = workerData as { first: number; count: number };
const book = bookOf(150, 500);
const start = bookOf(0, 0);
const key = keyOf(book);
const works = Array.from({ length: count }, (_, i) => writeBook(workOn(book, first + i + 1)));

parentPort?.once('message', () => {
  for (const text of works) {
    const work = readBook(text);
    if (work.ok) checkWork(key, work.value, { start });
  }
  parentPort?.postMessage('checked');
});
parentPort?.postMessage('made');
