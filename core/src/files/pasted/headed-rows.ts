import { plainHeading } from '../table/headings.js';

type Cells = readonly (readonly string[])[];

/** What can stand in a row, each with what heads it, in plain words divided by `|`. */
type Heads<Kind extends string> = Readonly<Record<Kind, string>>;

/** A row as it is written, cell by cell. */
export type HeadedRow<Kind extends string> = { readonly row: number } & Readonly<
  Record<Kind, string>
>;

interface Table<Kind extends string> {
  readonly heads: Heads<Kind>;
  /** Without headings: what the columns are, by how many there are. */
  readonly bare: Readonly<Record<number, readonly Kind[]>>;
  /** Whether what was found in a row is enough to be the headings of such a table. */
  isTable(at: Partial<Record<Kind, number>>): boolean;
}

/** Headings stand in the first rows. */
const MOST_ABOVE = 20;

const isBare = (row: readonly string[]): boolean => row.every((cell) => cell.trim() === '');

function headed<Kind extends string>(row: readonly string[], heads: Heads<Kind>) {
  const found: Partial<Record<Kind, number>> = {};
  for (const [i, cell] of row.entries())
    for (const kind of Object.keys(heads) as Kind[])
      if (heads[kind].split('|').includes(plainHeading(cell))) found[kind] ??= i;
  return found;
}

/** The rows of a table: columns by their headings, wherever these stand; without headings by their count. Null: none. */
export function headedRows<Kind extends string>(
  cells: Cells,
  { heads, bare, isTable }: Table<Kind>,
): readonly HeadedRow<Kind>[] | null {
  const top = cells.slice(0, MOST_ABOVE).findIndex((row) => isTable(headed(row, heads)));
  const width = cells.reduce((most, row) => Math.max(most, row.length), 0);
  const plain = Object.fromEntries((bare[width] ?? []).map((kind, i) => [kind, i]));
  const at: Partial<Record<string, number>> = top >= 0 ? headed(cells[top] ?? [], heads) : plain;
  if (Object.keys(at).length === 0) return null;
  const cell = (row: readonly string[], kind: Kind) => row[at[kind] ?? -1]?.trim() ?? '';
  return [...cells.entries()]
    .slice(top + 1)
    .filter(([, row]) => !isBare(row))
    .map(([i, row]) => {
      const said = (Object.keys(heads) as Kind[]).map((kind) => [kind, cell(row, kind)]);
      return { row: i + 1, ...Object.fromEntries(said) } as HeadedRow<Kind>;
    });
}
