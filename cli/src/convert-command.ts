import { writeFile } from 'node:fs/promises';
import {
  accountsToTable,
  bookFromTable,
  cellsToCsv,
  keyOf,
  minorDigits,
  readAccountTable,
  SHIPPED_PLANS,
  SHIPPED_SCHEMES,
  writeBook,
  writeKey,
  type Book,
  type Scheme,
} from '@gleddo/core';
import { splitArguments } from './arguments.js';
import { faultLine, faultsIn, InputFaults, WrongUsage } from './faults.js';
import type { Command, Output } from './command.js';
import { readInput } from './read-input.js';
import { workbookOf } from './spreadsheet.js';

/** `gleddo convert`: between books, keys and tables of accounts, by the endings of the file names. */
export const convertCommand: Command = async (args, _out, err) => {
  const { positionals } = splitArguments(args, {});
  const [from, to] = positionals;
  if (from === undefined || to === undefined || positionals.length > 2)
    throw new WrongUsage('name a file to read and a file to write');
  const writer = WRITERS.find(([ending]) => to.toLowerCase().endsWith(ending))?.[1];
  if (!writer)
    throw new WrongUsage(`“${to}” ends in none of ${WRITERS.map(([e]) => e).join(', ')}`);
  const faults: string[] = [];
  const content = await writer(from, faults);
  await writeFile(to, content);
  return said(faults, err);
};

function said(faults: readonly string[], err: Output): number {
  for (const line of faults) err.write(`${line}\n`);
  return faults.length > 0 ? 1 : 0;
}

type Writer = (from: string, faults: string[]) => Promise<string | Uint8Array>;

const WRITERS: readonly (readonly [string, Writer])[] = [
  ['.key.json', async (from, faults) => writeKey(await keyFrom(from, faults))],
  ['.json', async (from, faults) => writeBook(await bookFrom(from, faults))],
  ['.csv', async (from, faults) => cellsToCsv(accountsToTable(await bookFrom(from, faults)))],
  ['.xlsx', async (from, faults) => workbookOf(accountsToTable(await bookFrom(from, faults)))],
];

async function keyFrom(from: string, faults: string[]) {
  const read = await readInput(from);
  return read.kind === 'key' ? read.key : keyOf(await bookFrom(from, faults));
}

/** A table has no company of its own: it gets a nameless one, to be changed in the file or on screen. */
async function bookFrom(from: string, faults: string[]): Promise<Book> {
  const read = await readInput(from);
  if (read.kind !== 'table') return read.kind === 'key' ? read.key.book : read.book;
  const { cells } = read;
  const scheme = SHIPPED_SCHEMES[0] as Scheme;
  const digits = minorDigits('EUR');
  const table = readAccountTable(cells, { scheme, digits, guessTypes: true });
  if (!table.ok) throw faultsIn(from, table.refusals);
  faults.push(...table.value.faults.map((fault) => faultLine(from, fault)));
  const year = new Date().getFullYear();
  const book = bookFromTable(table.value, {
    company: {
      name: cells[0]?.find((cell) => cell.trim() !== '')?.slice(0, 120) ?? 'Company',
      trade: '',
      legalForm: 'company',
      currency: 'EUR',
      firstDay: `${year}-01-01`,
      periods: 12,
    },
    scheme,
    numberPlan: SHIPPED_PLANS[0] ?? null,
    at: `${year - 1}-12-31`,
  });
  if (book.accounts.length === 0)
    throw new InputFaults([`${from}: file: No account was found in the table.`]);
  return book;
}
