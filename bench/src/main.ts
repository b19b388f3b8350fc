import { Worker } from 'node:worker_threads';
import { apply, balanceSheet, checkWork, keyOf, spreadFigures, writeBook } from '@gleddo/core';
import { bookOf, workOn } from './books.js';
import { median, report } from './measure.js';

const PERIOD = { from: '2027-01-01', to: '2027-12-31' };
const TRIES = 1000;
const CORES = 2;

function oneTry(): void {
  const book = bookOf(150, 500);
  const key = keyOf(book);
  const works = Array.from({ length: 20 }, (_, i) => workOn(book, i + 1));
  const text = writeBook(works[0] ?? book);
  const parsing = median(() => JSON.parse(text) as unknown);
  let next = 0;
  const took = median(() => checkWork(key, works[next++ % works.length] ?? book), 40, 20);
  report('checking one try (150 accounts, 500 entries), causes and all', took, parsing);
}

function statements(): void {
  for (const [accounts, entries] of [
    [150, 500],
    [2000, 500],
  ] as const) {
    const book = bookOf(accounts, entries);
    const text = writeBook(book);
    const parsing = median(() => JSON.parse(text) as unknown);
    const name = `${accounts} accounts, ${entries} entries`;
    report(
      `both statements (${name})`,
      median(() => spreadFigures({ ...book }, PERIOD)),
      parsing,
    );
    report(
      `the balance sheet, sections only (${name})`,
      median(() => balanceSheet({ ...book }, PERIOD.to, 'section')),
      parsing,
    );
    let n = 0;
    const keystroke = () => {
      const done = apply(book, { kind: 'rename-account', id: 'a5', name: `Name ${n++}` });
      return done.ok ? spreadFigures(done.value.book, PERIOD) : null;
    };
    report(`a change, and both statements after it (${name})`, median(keystroke), parsing);
  }
}

const heard = (worker: Worker): Promise<void> =>
  new Promise((resolve, reject) => {
    worker.once('message', () => resolve());
    worker.once('error', reject);
  });

/** The works are made first, on all cores; only the checking is measured. */
async function manyTries(): Promise<void> {
  const count = TRIES / CORES;
  const workers = Array.from({ length: CORES }, (_, i) => {
    const workerData = { first: i * count, count };
    const resourceLimits = { maxYoungGenerationSizeMb: 96 };
    return new Worker(new URL('worker.mjs', import.meta.url), { workerData, resourceLimits });
  });
  await Promise.all(workers.map(heard));
  const from = performance.now();
  for (const worker of workers) worker.postMessage('check');
  await Promise.all(workers.map(heard));
  report(`${TRIES} tries on ${CORES} cores`, performance.now() - from, null);
  await Promise.all(workers.map((worker) => worker.terminate()));
}

process.stdout.write('Medians on this machine; ratios are what to compare between machines.\n\n');
oneTry();
statements();
await manyTries();
