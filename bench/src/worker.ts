import { workerData } from 'node:worker_threads';
import { checkWork, keyOf } from '@gleddo/core';
import { bookOf, workOn } from './books.js';

const { first, count } = workerData as { first: number; count: number };
const book = bookOf(150, 500);
const key = keyOf(book);
for (let i = 0; i < count; i++) checkWork(key, workOn(book, first + i + 1));
