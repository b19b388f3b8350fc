import { writeFile } from 'node:fs/promises';
import { basename } from 'node:path';
import {
  cellsToCsv,
  checkedToJson,
  checkWork,
  emptyStart,
  ownKey,
  ownStart,
  sentenceOf,
  workFromTable,
  type AnswerKey,
  type Book,
  type Checked,
  takenOfTable,
  type CheckOptions,
  type Doubt,
  type TakenOfTable,
} from '@gleddo/core';
import { splitArguments } from './arguments.js';
import { faultLine, faultsIn, InputFaults, WrongUsage } from './faults.js';
import { wholeOption } from './figures-command.js';
import type { Command } from './command.js';
import { filesIn, readBookFile, readInput, readKeyFile } from './read-input.js';

/** A work as it came, and how it has to be checked. */
interface Work {
  readonly book: Book;
  readonly options: CheckOptions;
  /** Rows that could not be read: said, and the rest is checked. */
  readonly faults: readonly string[];
  readonly notes: readonly string[];
  /** Why it was not read whole. */
  readonly doubts: readonly Doubt[];
  /** What was taken of a table; null: it was none. */
  readonly taken: TakenOfTable | null;
}

/** What came of one file: its marks, or why there are none. */
interface Outcome {
  readonly file: string;
  readonly checked: Checked | null;
  readonly notes: readonly string[];
  readonly faults: readonly string[];
  /** Not empty: it needs a look before it has a mark. */
  readonly doubts: readonly Doubt[];
  readonly taken: TakenOfTable | null;
}

const OPTIONS = {
  json: { type: 'boolean' },
  csv: { type: 'string' },
  start: { type: 'string' },
  seed: { type: 'string' },
  'as-read': { type: 'boolean' },
} as const;

/** `gleddo check`: each work against the key. A work with faults is said and passed over. */
export const checkCommand: Command = async (args, out, err) => {
  const { values, positionals } = splitArguments(args, OPTIONS);
  const [keyFile, ...named] = positionals;
  if (keyFile === undefined || named.length === 0) throw new WrongUsage('name a key and a work');
  const { key: made, start: own } = await readKeyFile(keyFile);
  const begun =
    values.start === undefined ? (own ?? emptyStart(made.book)) : await readBookFile(values.start);
  const { key, start } = ofSeed(made, begun, values.seed);
  const outcomes: Outcome[] = [];
  for (const file of await filesIn(named)) {
    const read = await outcomeOf(file, key, start);
    const isLookedAt = values['as-read'] === true && read.doubts.length > 0;
    const outcome = isLookedAt ? { ...read, doubts: [], faults: [] } : read;
    for (const line of outcome.faults) err.write(`${line}\n`);
    outcomes.push(outcome);
  }
  const { currency } = key.book.company;
  if (values.csv !== undefined) await writeFile(values.csv, marksCsv(outcomes));
  if (values.json) {
    const documents = outcomes.flatMap((each) => documentOf(each, currency));
    out.write(`${JSON.stringify(documents, null, 2)}\n`);
  } else for (const each of outcomes) out.write(report(each));
  return statusOf(outcomes);
};

/** A work as JSON: its marks; or, where it needs a look, what is in doubt. */
function documentOf({ file, checked, doubts, taken }: Outcome, currency: string): object[] {
  if (!checked) return [];
  const read = taken ? { read: taken } : {};
  if (doubts.length === 0) return [{ ...checkedToJson(file, checked, currency), ...read }];
  const notes = doubts.map((doubt) => ({ ...doubt, choices: [] }));
  return [{ work: file, state: 'needs-a-look', notes, ...read }];
}

/** 1 where a file has faults, 3 where one only needs a look. */
function statusOf(outcomes: readonly Outcome[]): number {
  const hasFaults = ({ faults, doubts }: Outcome) => faults.length > 0 && doubts.length === 0;
  if (outcomes.some(hasFaults)) return 1;
  return outcomes.some(({ doubts }) => doubts.length > 0) ? 3 : 0;
}

/** The key and the start of one student’s own figures; as they were made where no seed is named. */
function ofSeed(made: AnswerKey, begun: Book, said: string | undefined) {
  if (said === undefined) return { key: made, start: begun };
  const drawing = { seed: wholeOption(said, 'seed') };
  const key = ownKey(made, drawing);
  return { key, start: ownStart(begun, made, { own: key, drawing }) };
}

const NOTHING_RECOGNISED =
  'Nothing in it was recognised as an account of the key, so it earns nothing. Is it the right file?';

async function outcomeOf(path: string, key: AnswerKey, start: Book): Promise<Outcome> {
  const file = basename(path);
  try {
    const { book, options, faults, notes, doubts, taken } = await readWork(path, key);
    const checked = checkWork(key, book, { start, ...options });
    const isNothing = checked.recognition.pairs.length === 0 && key.book.accounts.length > 0;
    const said = isNothing ? [...faults, `${path}: file: ${NOTHING_RECOGNISED}`] : faults;
    return { file, checked, notes, faults: said, doubts: isNothing ? [] : doubts, taken };
  } catch (error) {
    if (!(error instanceof InputFaults)) throw error;
    return { file, checked: null, notes: [], faults: error.lines, doubts: [], taken: null };
  }
}

async function readWork(file: string, key: AnswerKey): Promise<Work> {
  const read = await readInput(file);
  if (read.kind !== 'table')
    return {
      book: read.kind === 'key' ? read.key.book : read.book,
      options: {},
      faults: [],
      notes: [],
      doubts: [],
      taken: null,
    };
  const work = workFromTable(key, read.cells);
  if (!work.ok) throw faultsIn(file, work.refusals);
  const { book, said, balancesAt, faults, notes, doubts } = work.value;
  return {
    book,
    options: { said, ...(balancesAt === null ? {} : { balancesAt }) },
    faults: faults.map((fault) => faultLine(file, fault)),
    notes,
    doubts,
    taken: takenOfTable(work.value),
  };
}

const saidOf = (doubts: readonly Doubt[]): string => doubts.map(({ says }) => says).join(' ');

const HEADINGS = ['work', 'score', 'resultValueMax', 'percent', 'checksNotMet', 'comment'];

function marksCsv(outcomes: readonly Outcome[]): string {
  const rows = outcomes.map(({ file, checked, faults, doubts }) => {
    if (!checked) return [file, '', '', '', '', faults.join(' ')];
    if (doubts.length > 0) return [file, '', '', '', '', `Needs a look: ${saidOf(doubts)}`];
    const { points, of, results } = checked;
    const percent = of === 0 ? '' : ((100 * points) / of).toFixed(1);
    const notMet = results.filter((result) => result.outcome === 'not-met').length;
    return [file, String(points), String(of), percent, String(notMet), faults.join(' ')];
  });
  return cellsToCsv([HEADINGS, ...rows]);
}

const LOOK = 'Put the file right, or check it as it was read with --as-read once you have looked.';

function report({ file, checked, notes, doubts }: Outcome): string {
  if (!checked) return `${file}: could not be read\n`;
  if (doubts.length > 0)
    return `${file}: needs a look\n${doubts.map(({ says }) => `  · ${says}\n`).join('')}  ${LOOK}\n`;
  const { points, of, results } = checked;
  const faults = results
    .filter(({ outcome }) => outcome === 'not-met' || outcome === 'follows')
    .map((result) => {
      const mark = result.outcome === 'not-met' ? '×' : '↳';
      return `  ${mark} ${result.of - result.points > 0 ? `-${result.of - result.points}` : ' 0'}  ${sentenceOf(result)}\n`;
    });
  const met = results.filter(({ outcome }) => outcome === 'met').length;
  const said = notes.map((note) => `  · ${note}\n`).join('');
  return `${file}: ${points} of ${of}\n${said}${faults.join('')}  ✓ ${met} checks met\n`;
}
