import {
  cellsOf,
  decodeText,
  minorDigits,
  parseJson,
  proposeColumns,
  proposeSign,
  readAccountTable,
  bookFromJson,
  keyFromJson,
  type AccountTable,
  type Book,
  type Columns,
  type Result,
  type Scheme,
  type SignConvention,
} from '@gleddo/core';
import { useMemo, useState } from 'react';

const LARGEST = 20_000_000;

/** A file that was chosen: a whole book, cells of a table, or why it can't be read. */
export type ChosenFile =
  | { readonly kind: 'book'; readonly name: string; readonly book: Book }
  | { readonly kind: 'cells'; readonly name: string; readonly cells: string[][] }
  | { readonly kind: 'refused'; readonly name: string; readonly says: readonly string[] };

const MOST_SAID = 8;

export async function readChosen(file: File): Promise<ChosenFile> {
  const { name } = file;
  const refuse = (...says: string[]): ChosenFile => ({
    kind: 'refused',
    name,
    says: says.slice(0, MOST_SAID),
  });
  const fromCells = (cells: Result<string[][]>): ChosenFile =>
    cells.ok
      ? { kind: 'cells', name, cells: cells.value }
      : refuse(...cells.refusals.map((each) => each.says));
  if (file.size > LARGEST)
    return refuse(`The file is larger than ${LARGEST / 1e6} MB. Check that it is the right one.`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) {
    const { readWorkbook } = await import('./read-workbook');
    return fromCells(await readWorkbook(bytes));
  }
  const text = decodeText(bytes);
  if (/^\uFEFF?\s*\{/.test(text)) {
    const json = parseJson(text);
    if (!json.ok) return refuse(...json.refusals.map((each) => each.says));
    const format = (json.value as { format?: unknown }).format;
    const read = format === 'gleddo-key' ? keyFromJson(json.value) : bookFromJson(json.value);
    if (!read.ok)
      return refuse(...read.refusals.map((each) => `${each.at || 'file'}: ${each.says}`));
    return { kind: 'book', name, book: 'book' in read.value ? read.value.book : read.value };
  }
  return fromCells(cellsOf(text));
}

export interface TableReading {
  readonly columns: Columns;
  readonly headingRow: number;
  readonly table: AccountTable | null;
  readonly refusals: readonly string[];
  readonly sign: SignConvention;
  /** Whether the sign was chosen by hand. */
  readonly isSignChosen: boolean;
  setColumns(columns: Columns): void;
  setSign(sign: SignConvention): void;
}

/** A table of accounts as it is understood; columns and the sign convention can be changed by hand. */
export function useTableReading(cells: string[][], scheme: Scheme, currency: string): TableReading {
  const [byHand, setColumns] = useState<Columns | null>(null);
  const [chosenSign, setSign] = useState<SignConvention | null>(null);
  const proposed = useMemo(() => proposeColumns(cells), [cells]);
  const columns = byHand ?? proposed.columns;
  const read = useMemo(
    () =>
      readAccountTable(cells, {
        scheme,
        digits: minorDigits(currency),
        guessTypes: true,
        ...(byHand ? { columns: byHand } : {}),
      }),
    [cells, scheme, currency, byHand],
  );
  const table = read.ok ? read.value : null;
  return {
    columns,
    headingRow: proposed.headingRow,
    table,
    refusals: read.ok ? [] : read.refusals.map((each) => each.says),
    sign: chosenSign ?? (table ? proposeSign(table, scheme) : 'debit-positive'),
    isSignChosen: chosenSign !== null,
    setColumns,
    setSign,
  };
}
