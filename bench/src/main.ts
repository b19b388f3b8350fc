import { Worker } from 'node:worker_threads';
import { writeFileSync } from 'node:fs';
import {
  apply,
  balanceSheet,
  bookToJson,
  cashBasisSheet,
  cashFlow,
  changesInEquity,
  checkWork,
  courseOf,
  keyOf,
  ledgerSheet,
  readBook,
  spreadFigures,
  trialMovement,
  whoOwes,
  worksheetSheet,
  writeBook,
  type Book,
} from '@gleddo/core';
import { nurseryYear } from '@gleddo/core/demo';
import { bookOf, workOn } from './books.js';
import { beside, median, report } from './measure.js';

const PERIOD = { from: '2027-01-01', to: '2027-12-31' };
/** Only whether it runs: what it prints says nothing then. */
const IS_SMALL = process.env['GLEDDO_SMALL'] !== undefined;
const TRIES = IS_SMALL ? 20 : 1000;
const CORES = 2;

function read(text: string): Book {
  const book = readBook(text);
  if (!book.ok) throw new Error(book.refusals[0]?.says);
  return book.value;
}

function reading(): void {
  for (const [accounts, entries] of [
    [150, 500],
    [300, 500],
    [2000, 5000],
  ] as const) {
    const text = writeBook(bookOf(accounts, entries));
    const name = `a book read and validated (${accounts} accounts, ${entries} entries)`;
    const runs = IS_SMALL ? 1 : entries > 1000 ? 40 : 300;
    const { parsing, took } = beside(
      () => JSON.parse(text) as unknown,
      () => read(text),
      { runs, warmUps: runs },
    );
    report(name, took, parsing);
  }
}

function oneTry(): void {
  const book = bookOf(150, 500);
  const key = keyOf(book);
  const start = bookOf(0, 0);
  const works = Array.from({ length: 20 }, (_, i) => writeBook(workOn(book, i + 1)));
  let next = 0;
  const { parsing, took } = beside(
    () => JSON.parse(works[next % works.length] ?? '') as unknown,
    () => checkWork(key, read(works[next++ % works.length] ?? ''), { start }),
  );
  report('one try from text to result (150 accounts, 500 entries)', took, parsing);
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

const YEAR: Readonly<Record<string, (book: Book) => unknown>> = {
  'both statements': (book) => spreadFigures(book, PERIOD),
  'the trial balance': (book) => trialMovement(book, PERIOD),
  'changes in equity': (book) => changesInEquity(book, PERIOD),
  'the cash flow': (book) => cashFlow(book, PERIOD),
  'the cash basis': (book) => cashBasisSheet(book, PERIOD),
  'the worksheet': (book) => worksheetSheet(book, PERIOD),
  'who owes': (book) => whoOwes(book, 'customer', PERIOD.to),
  'the ledger': (book) => ledgerSheet(book, PERIOD),
  'through time': (book) => courseOf(book, PERIOD),
};

/** Each statement of a year of more than five hundred documents, as if for the first time. */
function aYear(): void {
  const book = nurseryYear();
  const text = writeBook(book);
  const parsing = median(() => JSON.parse(text) as unknown);
  for (const [name, statement] of Object.entries(YEAR))
    report(
      `${name} (a year of ${book.entries.length} entries)`,
      median(() =>
        statement({ ...book, accounts: [...book.accounts], entries: [...book.entries] }),
      ),
      parsing,
    );
}

const heard = (worker: Worker): Promise<void> =>
  new Promise((resolve, reject) => {
    worker.once('message', () => resolve());
    worker.once('error', reject);
  });

/** The works are made first, on all cores; what is measured is from their texts to their results. */
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
  const took = performance.now() - from;
  const text = writeBook(workOn(bookOf(150, 500), 1));
  const parsing = median(() => JSON.parse(text) as unknown);
  report(`${TRIES} tries on ${CORES} cores, from text to result, a try`, took / TRIES, parsing);
  await Promise.all(workers.map((worker) => worker.terminate()));
}

process.stdout.write('Medians on this machine; ratios are what to compare between machines.\n\n');
reading();
oneTry();
statements();
aYear();
await manyTries();
for (const [name, accounts, entries] of [
  ['usual', 60, 120],
  ['large', 150, 500],
] as const) {
  const file = new URL(`${name}.book.json`, import.meta.url);
  writeFileSync(file, JSON.stringify(bookToJson(bookOf(accounts, entries))));
}
