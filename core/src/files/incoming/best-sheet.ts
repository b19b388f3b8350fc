import { proposeColumns } from '../table/columns.js';
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

/** The sheet of a workbook that looks most like a list of accounts; the first where none does. */
export function bestSheet(sheets: readonly Sheet[]): Sheet | null {
  const [first = null, ...others] = sheets;
  return others.reduce<Sheet | null>(
    (best, each) => (best && likeness(each) <= likeness(best) ? best : each),
    first,
  );
}
