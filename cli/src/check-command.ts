import { writeFile } from 'node:fs/promises';
import { basename } from 'node:path';
import {
  bookFromTable,
  cellsToCsv,
  checkedToJson,
  checkWork,
  latestDate,
  minorDigits,
  readAccountTable,
  sentenceOf,
  type AnswerKey,
  type Book,
  type Checked,
} from '@gleddo/core';
import { splitArguments } from './arguments.js';
import { faultLine, faultsIn, InputFaults, WrongUsage } from './faults.js';
import type { Command } from './command.js';
import { isTable, readBookFile, readCells, readKeyFile } from './read-input.js';

interface Work {
  readonly book: Book;
  /** Set when the work is a list of balances at that date. */
  readonly balancesAt: string | null;
  /** Rows that could not be read: said, and the rest is checked. */
  readonly faults: readonly string[];
}

const OPTIONS = { json: { type: 'boolean' }, csv: { type: 'string' } } as const;

/** `gleddo check`: each work against the key. A work with faults is said and passed over. */
export const checkCommand: Command = async (args, out, err) => {
  const { values, positionals } = splitArguments(args, OPTIONS);
  const [keyFile, ...files] = positionals;
  if (keyFile === undefined || files.length === 0) throw new WrongUsage('name a key and a work');
  const key = await readKeyFile(keyFile);
  const checked: { file: string; checked: Checked }[] = [];
  let faulty = false;
  for (const file of files) {
    const work = await readWork(file, key, (line) => {
      faulty = true;
      err.write(`${line}\n`);
    });
    if (!work) continue;
    const options = work.balancesAt === null ? {} : { balancesAt: work.balancesAt };
    checked.push({ file: basename(file), checked: checkWork(key, work.book, options) });
  }
  const { currency } = key.book.company;
  if (values.csv !== undefined) await writeFile(values.csv, marksCsv(checked));
  if (values.json) {
    const documents = checked.map((each) => checkedToJson(each.file, each.checked, currency));
    out.write(`${JSON.stringify(documents, null, 2)}\n`);
  } else for (const each of checked) out.write(report(each.file, each.checked));
  return faulty ? 1 : 0;
};

async function readWork(
  file: string,
  key: AnswerKey,
  say: (line: string) => void,
): Promise<Work | null> {
  try {
    const work = isTable(file) ? await workFromTable(file, key) : await workFromBook(file);
    work.faults.forEach(say);
    return work;
  } catch (error) {
    if (!(error instanceof InputFaults)) throw error;
    error.lines.forEach(say);
    return null;
  }
}

const workFromBook = async (file: string): Promise<Work> => ({
  book: await readBookFile(file),
  balancesAt: null,
  faults: [],
});

/** A table stands for the opening balances when it says so, or when the key has no entries. */
async function workFromTable(file: string, key: AnswerKey): Promise<Work> {
  const { company, scheme, numberPlan, entries, opening } = key.book;
  const digits = minorDigits(company.currency);
  const table = readAccountTable(await readCells(file), { scheme, digits, guessTypes: false });
  if (!table.ok) throw faultsIn(file, table.refusals);
  const isOpening =
    entries.length === 0 || table.value.found.saysOpening || !table.value.hasAmounts;
  const at = isOpening ? opening.date : latestDate(key);
  return {
    book: bookFromTable(table.value, { company, scheme, numberPlan, at }),
    balancesAt: isOpening ? null : at,
    faults: table.value.faults.map((fault) => faultLine(file, fault)),
  };
}

function marksCsv(checked: readonly { file: string; checked: Checked }[]): string {
  const rows = checked.map(({ file, checked: { points, of, results } }) => [
    file,
    String(points),
    String(of),
    of === 0 ? '' : ((100 * points) / of).toFixed(1),
    String(results.filter((result) => result.outcome === 'not-met').length),
  ]);
  return cellsToCsv([['work', 'score', 'resultValueMax', 'percent', 'checksNotMet'], ...rows]);
}

function report(file: string, { points, of, results }: Checked): string {
  const notes = results
    .filter(({ outcome }) => outcome === 'not-met' || outcome === 'follows')
    .map((result) => {
      const mark = result.outcome === 'not-met' ? '×' : '↳';
      return `  ${mark} ${result.of - result.points > 0 ? `-${result.of - result.points}` : ' 0'}  ${sentenceOf(result)}\n`;
    });
  const met = results.filter(({ outcome }) => outcome === 'met').length;
  return `${file}: ${points} of ${of}\n${notes.join('')}  ✓ ${met} checks met\n`;
}
