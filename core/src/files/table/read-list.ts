import { parseAmount } from '../../model/money/parse-amount.js';
import { cellsOf } from './cells.js';
import { decimalMarkOf } from './decimal-mark.js';
import { plainHeading } from './headings.js';

/** A column that a list of things can have. */
export interface ListColumn {
  /** What heads it, in plain words, divided by `|`. */
  readonly heads: string;
  /** Decimals of its figures; null: it holds words. */
  readonly digits: number | null;
}

/** What a row of a list says, as far as it says it. */
export interface ListRow<K extends string> {
  /** Counted from 1, as a spreadsheet does. */
  readonly row: number;
  readonly words: Readonly<Partial<Record<K, string>>>;
  /** In units of the smallest decimal. */
  readonly figures: Readonly<Partial<Record<K, number>>>;
}

export interface ListRead<K extends string> {
  readonly rows: readonly ListRow<K>[];
  /** What can't be read, in sentences, each with its row. */
  readonly faults: readonly string[];
}

type Cells = readonly (readonly string[])[];

/**
 * The cells of a list as it is typed or pasted: tabs divide a line; without any, commas or semicolons do where each line
 * has as many; otherwise a line is a name, whatever stands in it.
 */
export function listCellsOf(text: string): Cells {
  const lines = text.split(/\r?\n/);
  if (text.includes('\t')) return lines.map((line) => line.split('\t'));
  const parsed = cellsOf(text);
  const rows = parsed.ok ? parsed.value.filter((row) => !isBare(row)) : [];
  const width = rows[0]?.length ?? 0;
  const isTable = width > 1 && rows.length > 1 && rows.every((row) => row.length === width);
  return parsed.ok && isTable ? parsed.value : lines.map((line) => [line]);
}

const isBare = (row: readonly string[]): boolean => row.every((cell) => cell.trim() === '');

/** Which column is of which kind by a row of headings; null: the row heads nothing. */
function headed<K extends string>(
  row: readonly string[],
  columns: Readonly<Record<K, ListColumn>>,
): Partial<Record<K, number>> | null {
  const found: Partial<Record<K, number>> = {};
  for (const [i, cell] of row.entries())
    for (const kind of Object.keys(columns) as K[])
      if (columns[kind].heads.split('|').includes(plainHeading(cell))) found[kind] ??= i;
  return 'name' in found ? found : null;
}

type CellOf<K extends string> = (row: readonly string[], kind: K) => string;

/** The rows below the headings, each with its index, and where in a row each column stands. */
function laidOut<K extends string>(
  cells: Cells,
  columns: Readonly<Record<K, ListColumn>>,
): { readonly below: readonly (readonly [number, readonly string[]])[]; readonly cell: CellOf<K> } {
  const first = Math.max(
    0,
    cells.findIndex((row) => !isBare(row)),
  );
  const heads = headed(cells[first] ?? [], columns);
  const at: Partial<Record<string, number>> =
    heads ?? Object.fromEntries(Object.keys(columns).map((kind, i) => [kind, i]));
  return {
    below: [...cells.entries()].slice(heads ? first + 1 : first).filter(([, row]) => !isBare(row)),
    cell: (row, kind) => row[at[kind] ?? -1]?.trim() ?? '',
  };
}

/**
 * A list of things by their names, from the cells of a table: columns by their headings, in any order; without headings
 * as the columns are given. The first column of `columns` has to be `name`; a name stands once.
 * `usual`: the decimal mark where the table itself tells none.
 */
export function readList<K extends string>(
  cells: Cells,
  columns: Readonly<Record<K | 'name', ListColumn>>,
  usual: '.' | ',' | null = null,
): ListRead<K | 'name'> {
  const { below, cell } = laidOut<K | 'name'>(cells, columns);
  const kinds = Object.keys(columns) as (K | 'name')[];
  const figures = kinds.filter((kind) => columns[kind].digits !== null);
  const written = below.flatMap(([, row]) => figures.map((kind) => cell(row, kind)));
  const reading = { kinds, columns, decimal: decimalMarkOf(written.filter(Boolean)) ?? usual };
  const rows: ListRow<K | 'name'>[] = [];
  const faults: string[] = [];
  const seen = new Map<string, number>();
  for (const [i, row] of below) {
    const name = cell(row, 'name');
    const before = seen.get(name.toLowerCase());
    const read = readRow((kind) => cell(row, kind), reading);
    if (typeof read === 'string') faults.push(`Row ${i + 1}: ${read}`);
    else if (before !== undefined) faults.push(twice(i + 1, name, before));
    else rows.push({ row: i + 1, ...read });
    seen.set(name.toLowerCase(), before ?? i + 1);
  }
  return { rows, faults };
}

const twice = (row: number, name: string, before: number): string =>
  `Row ${row}: “${name}” stands in row ${before} already. Take one of them out, or name them apart.`;

const LONGEST_NAME = 120;

interface Reading<K extends string> {
  readonly kinds: readonly K[];
  readonly columns: Readonly<Record<K, ListColumn>>;
  readonly decimal: '.' | ',' | null;
}

/** What a row says, or why it can't be read. */
function readRow<K extends string>(
  cell: (kind: K) => string,
  { kinds, columns, decimal }: Reading<K>,
): Omit<ListRow<K>, 'row'> | string {
  const words: Partial<Record<K, string>> = {};
  const figures: Partial<Record<K, number>> = {};
  const name = cell('name' as K);
  if (name === '') return 'It has no name. Give it one, or take the row out.';
  if (name.length > LONGEST_NAME)
    return `Its name has more than ${LONGEST_NAME} letters. Shorten it.`;
  for (const kind of kinds) {
    const { digits } = columns[kind];
    const text = cell(kind);
    if (text === '') continue;
    if (digits === null) {
      words[kind] = text;
      continue;
    }
    const read = parseAmount(text.replace(/%$/, '').trimEnd(), { digits, decimal });
    if (!read.ok) return read.refusals[0]?.says ?? '';
    figures[kind] = read.value;
  }
  return { words, figures };
}
