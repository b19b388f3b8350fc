import {
  minorDigits,
  columnsIn,
  proposeSign,
  readAccountTable,
  readIncoming,
  type AccountTable,
  type Book,
  type Columns,
  type Scheme,
  type SignConvention,
  usualDecimal,
  type Company,
} from '@gleddo/core';
import { useMemo, useState } from 'react';
import { readTable } from './read-table';

const LARGEST = 20_000_000;

export type Cells = readonly (readonly string[])[];

/** A file that was chosen: a whole book, cells of a table, or why it can't be read. */
export type ChosenFile =
  | { readonly kind: 'book'; readonly name: string; readonly book: Book }
  | { readonly kind: 'cells'; readonly name: string; readonly cells: Cells }
  | { readonly kind: 'refused'; readonly name: string; readonly says: readonly string[] };

const MOST_SAID = 8;

export async function readChosen(file: File): Promise<ChosenFile> {
  const { name } = file;
  const refuse = (says: readonly string[]): ChosenFile => ({
    kind: 'refused',
    name,
    says: says.slice(0, MOST_SAID),
  });
  if (file.size > LARGEST)
    return refuse([`The file is larger than ${LARGEST / 1e6} MB. Check that it is the right one.`]);
  const read = await readIncoming(new Uint8Array(await file.arrayBuffer()), readTable);
  if (!read.ok) return refuse(read.refusals.map(({ at, says }) => (at ? `${at}: ${says}` : says)));
  if (read.value.kind === 'table') return { kind: 'cells', name, cells: read.value.cells };
  const book = read.value.kind === 'key' ? read.value.key.book : read.value.book;
  return { kind: 'book', name, book };
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
export function useTableReading(cells: Cells, scheme: Scheme, company: Company): TableReading {
  const [byHand, setColumns] = useState<Columns | null>(null);
  const [chosenSign, setSign] = useState<SignConvention | null>(null);
  const proposed = useMemo(() => columnsIn(cells), [cells]);
  const columns = byHand ?? proposed.columns;
  const read = useMemo(
    () =>
      readAccountTable(cells, {
        scheme,
        digits: minorDigits(company.currency),
        decimal: usualDecimal(company),
        guessTypes: true,
        ...(byHand ? { columns: byHand } : {}),
      }),
    [cells, scheme, company, byHand],
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
