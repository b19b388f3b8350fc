import { parentPort, workerData } from 'node:worker_threads';
import { checkWork, keyOf } from '@gleddo/core';
import { bookOf, workOn } from './books.js';

const { first, count } = workerData as { first: number; count: number };
const book = bookOf(150, 500);
const key = keyOf(book);
const works = Array.from({ length: count }, (_, i) => workOn(book, first + i + 1));

parentPort?.once('message', () => {
  for (const work of works) checkWork(key, work);
  parentPort?.postMessage('checked');
});
parentPort?.postMessage('made');
