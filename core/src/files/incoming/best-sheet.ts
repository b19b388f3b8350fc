import { shippedScheme } from '../../model/scheme/index.js';
import { looksAmount } from '../table/column-content.js';
import { proposeColumns, type FoundColumns } from '../table/columns.js';
import { plainHeading } from '../table/headings.js';
import { namesPlace, placeNamed } from '../table/place-said.js';
import { plainCells } from '../table/plain-cells.js';
import type { Sheet } from './sheet-cells.js';

/** A sheet with what was found of its columns, and how much it looks like a list of accounts. */
interface Looked {
  readonly sheet: Sheet;
  readonly cells: readonly (readonly string[])[];
  readonly at: FoundColumns;
  /** Rows with a name and a number or an amount count. */
  readonly worth: number;
}

function lookedAt(sheet: Sheet): Looked {
  const cells = plainCells(sheet.cells);
  const at = proposeColumns(cells);
  const { name, number, amount, debit, credit, type } = at.columns;
  if (name === undefined) return { sheet, cells, at, worth: 0 };
  const amounts = [amount, debit, credit].filter((column) => column !== undefined);
  const says = (row: readonly string[], column: number | undefined) =>
    column !== undefined && (row[column] ?? '').trim() !== '';
  const rows = cells
    .slice(at.headingRow + 1)
    .filter(
      (row) =>
        says(row, name) &&
        (says(row, number) ||
          says(row, type) ||
          amounts.some((column) => looksAmount(row[column] ?? ''))),
    );
  const headed = at.headingRow >= 0 ? 1.5 : 1;
  const full = amounts.length > 0 ? 1.5 : 1;
  return { sheet, cells, at, worth: rows.length * headed * full * (sheet.isHidden ? 0.5 : 1) };
}

/** The newest year that the name of a sheet tells; 0 where it tells none. */
const yearIn = ({ sheet }: Looked): number =>
  Math.max(0, ...(sheet.name.match(/\b(?:19|20)\d\d\b/g) ?? []).map(Number));

/** Lists of the same accounts in two years differ by a few rows. */
const ALIKE = 0.15;

/** Whether a sheet is better than another one: more of a list of accounts; of two alike that of the later year. */
function isBetter(one: Looked, other: Looked): boolean {
  const [a, b] = [one.worth, other.worth];
  const isAlike = Math.min(a, b) > 0 && Math.abs(a - b) <= ALIKE * Math.max(a, b);
  return isAlike && yearIn(one) !== yearIn(other) ? yearIn(one) > yearIn(other) : a > b;
}

const headsOf = ({ cells, at }: Looked): string =>
  (cells[at.headingRow] ?? []).map(plainHeading).join('|');

/** What tells the accounts of a sheet apart: their numbers, else their names. */
function accountsIn({ cells, at: { columns, headingRow } }: Looked): string[] {
  const at = columns.number ?? columns.name ?? 0;
  return cells
    .slice(headingRow + 1)
    .map((row) => (row[at] ?? '').trim().toLowerCase())
    .filter(Boolean);
}

/** The rows of a sheet, under its name where that names a class or a section. */
function rowsOf({ sheet, at }: Looked): readonly (readonly string[])[] {
  const column = at.columns.name ?? 0;
  const rows = sheet.cells.slice(at.headingRow + 1);
  const scheme = shippedScheme('current-first');
  if (!scheme || !namesPlace(placeNamed(scheme, sheet.name))) return rows;
  return [Array.from({ length: column + 1 }, (_, i) => (i === column ? sheet.name : '')), ...rows];
}

/**
 * Sheets that are parts of one list, one for each class or statement: under the same headings, with no account on two of
 * them. Null where they are not.
 */
function partsOfOne(all: readonly Looked[]): Sheet | null {
  const found = all.filter(
    ({ sheet, at, worth }) => !sheet.isHidden && worth > 0 && at.headingRow >= 0,
  );
  const [first, ...others] = found;
  if (!first || others.length === 0) return null;
  const heads = headsOf(first);
  if (!others.every((each) => headsOf(each) === heads)) return null;
  const accounts = found.flatMap(accountsIn);
  if (new Set(accounts).size !== accounts.length) return null;
  const head = first.sheet.cells[first.at.headingRow] ?? [];
  const name = found.map(({ sheet }) => sheet.name).join(', ');
  return { ...first.sheet, name, cells: [head, ...found.flatMap(rowsOf)] };
}

/**
 * The sheet of a workbook that looks most like a list of accounts, that of the latest year among alike ones, or several that
 * are parts of one; the first where none does.
 */
export function bestSheet(sheets: readonly Sheet[]): Sheet | null {
  const all = sheets.map(lookedAt);
  const whole = partsOfOne(all);
  if (whole) return whole;
  const [first = null, ...others] = all;
  const best = others.reduce<Looked | null>(
    (now, each) => (now && !isBetter(each, now) ? now : each),
    first,
  );
  return best?.sheet ?? null;
}
