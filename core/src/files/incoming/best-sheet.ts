import { proposeColumns, type FoundColumns } from '../table/columns.js';
import { plainHeading } from '../table/headings.js';
import { plainCells } from '../table/plain-cells.js';
import { looksAmount } from '../table/column-content.js';
import type { Sheet } from './sheet-cells.js';

/** How much a sheet looks like a list of accounts: rows with a name and a number or an amount count. */
function likeness({ cells, isHidden }: Sheet): number {
  const { columns, headingRow } = proposeColumns(cells);
  const { name, number, amount, debit, credit, type } = columns;
  if (name === undefined) return 0;
  const amounts = [amount, debit, credit].filter((at) => at !== undefined);
  const rows = cells.slice(headingRow + 1).filter((row) => {
    const isNamed = (row[name] ?? '').trim() !== '';
    const saysMore = [number, type].some((at) => at !== undefined && (row[at] ?? '').trim() !== '');
    return isNamed && (saysMore || amounts.some((at) => looksAmount(row[at] ?? '')));
  });
  const headed = headingRow >= 0 ? 1.5 : 1;
  const full = amounts.length > 0 ? 1.5 : 1;
  return rows.length * headed * full * (isHidden ? 0.5 : 1);
}

/** The newest year that the name of a sheet tells; 0 where it tells none. */
const yearIn = ({ name }: Sheet): number =>
  Math.max(0, ...(name.match(/\b(?:19|20)\d\d\b/g) ?? []).map(Number));

/** Whether a sheet is better than another one: more of a list of accounts; of two alike that of the later year. */
function isBetter(one: Sheet, other: Sheet): boolean {
  const [a, b] = [likeness(one), likeness(other)];
  const isAlike = Math.min(a, b) > 0 && Math.abs(a - b) <= ALIKE * Math.max(a, b);
  return isAlike && yearIn(one) !== yearIn(other) ? yearIn(one) > yearIn(other) : a > b;
}

/** Lists of the same accounts in two years differ by a few rows. */
const ALIKE = 0.15;

const headsOf = ({ cells }: Sheet, { headingRow }: FoundColumns): string =>
  (cells[headingRow] ?? []).map(plainHeading).join('|');

/** What tells the accounts of a sheet apart: their numbers, else their names. */
function accountsIn({ cells }: Sheet, { columns, headingRow }: FoundColumns): string[] {
  const at = columns.number ?? columns.name ?? 0;
  return cells
    .slice(headingRow + 1)
    .map((row) => (row[at] ?? '').trim().toLowerCase())
    .filter(Boolean);
}

/**
 * Sheets that are parts of one list, one for each class or statement: under the same headings, with no account on two of
 * them. Null where they are not.
 */
function partsOfOne(sheets: readonly Sheet[]): Sheet | null {
  const found = sheets
    .filter((sheet) => !sheet.isHidden && likeness(sheet) > 0)
    .map((sheet) => ({ sheet, at: proposeColumns(sheet.cells) }))
    .filter(({ at }) => at.headingRow >= 0);
  const [first, ...others] = found;
  if (!first || others.length === 0) return null;
  const heads = headsOf(first.sheet, first.at);
  if (!others.every(({ sheet, at }) => headsOf(sheet, at) === heads)) return null;
  const accounts = found.flatMap(({ sheet, at }) => accountsIn(sheet, at));
  if (new Set(accounts).size !== accounts.length) return null;
  const name = first.at.columns.name ?? 0;
  const under = found.flatMap(({ sheet, at }) => [
    Array.from({ length: name + 1 }, (_, i) => (i === name ? sheet.name : '')),
    ...sheet.cells.slice(at.headingRow + 1),
  ]);
  const cells = [[...(first.sheet.cells[first.at.headingRow] ?? [])], ...under];
  return { ...first.sheet, name: found.map(({ sheet }) => sheet.name).join(', '), cells };
}

/**
 * The sheet of a workbook that looks most like a list of accounts, that of the latest year among alike ones, or several that
 * are parts of one; the first where none does.
 */
export function bestSheet(given: readonly Sheet[]): Sheet | null {
  const sheets = given.map((sheet) => ({ ...sheet, cells: plainCells(sheet.cells) }));
  const whole = partsOfOne(sheets);
  if (whole) return whole;
  const [first = null, ...others] = sheets;
  const best = others.reduce<Sheet | null>(
    (now, each) => (now && !isBetter(each, now) ? now : each),
    first,
  );
  return given[sheets.indexOf(best as (typeof sheets)[number])] ?? null;
}
