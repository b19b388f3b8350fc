import { decimalMarkOf } from '../table/decimal-mark.js';
import { plainHeading } from '../table/headings.js';

type Cells = readonly (readonly string[])[];

/** What can stand in a row of a journal, and what heads it. */
const HEADS = {
  date: 'date|day|entry date|posting date|when',
  reference:
    'reference|ref|voucher|voucher no|voucher number|document|document no|journal no|entry no|no',
  text: 'text|what happened|description|details|narration|particulars|memo|explanation|transaction',
  number: 'number|account number|account no|account code|code|nr',
  account: 'account|account name|name|ledger account|accounts',
  debit: 'debit|dr|debit amount|debits',
  credit: 'credit|cr|credit amount|credits',
  debited: 'debit account|account debited|account to debit|dr account|debit to',
  credited: 'credit account|account credited|account to credit|cr account|credit to',
  amount: 'amount|value|sum|total',
} as const;

type Kind = keyof typeof HEADS;

/** Without headings: by how many columns there are. */
const BARE: Readonly<Record<number, readonly Kind[]>> = {
  4: ['date', 'account', 'debit', 'credit'],
  5: ['date', 'text', 'account', 'debit', 'credit'],
  6: ['date', 'reference', 'text', 'account', 'debit', 'credit'],
  7: ['date', 'reference', 'text', 'number', 'account', 'debit', 'credit'],
};

/** A row of a journal as it is written. */
export type EntryRow = { readonly row: number } & Readonly<Record<Kind, string>>;

const isBare = (row: readonly string[]): boolean => row.every((cell) => cell.trim() === '');

function headed(row: readonly string[]): Partial<Record<Kind, number>> {
  const found: Partial<Record<Kind, number>> = {};
  for (const [i, cell] of row.entries())
    for (const kind of Object.keys(HEADS) as Kind[])
      if (HEADS[kind].split('|').includes(plainHeading(cell))) found[kind] ??= i;
  return found;
}

const isOfEntries = (at: Partial<Record<Kind, number>>): boolean =>
  at.account !== undefined || at.number !== undefined
    ? at.debit !== undefined || at.credit !== undefined || at.amount !== undefined
    : at.debited !== undefined && at.credited !== undefined && at.amount !== undefined;

export interface EntryTable {
  readonly rows: readonly EntryRow[];
  readonly decimal: '.' | ',' | null;
}

/** The rows of a journal: columns by their headings, wherever these stand; without headings by their count. Null: none. */
export function entryRows(cells: Cells): EntryTable | null {
  const heads = cells.slice(0, 20).findIndex((row) => isOfEntries(headed(row)));
  const width = cells.reduce((most, row) => Math.max(most, row.length), 0);
  const bare = Object.fromEntries((BARE[width] ?? []).map((kind, i) => [kind, i]));
  const at: Partial<Record<string, number>> = heads >= 0 ? headed(cells[heads] ?? []) : bare;
  if (Object.keys(at).length === 0) return null;
  const cell = (row: readonly string[], kind: Kind) => row[at[kind] ?? -1]?.trim() ?? '';
  const rows = [...cells.entries()]
    .slice(heads + 1)
    .filter(([, row]) => !isBare(row))
    .map(([i, row]) => {
      const said = (Object.keys(HEADS) as Kind[]).map((kind) => [kind, cell(row, kind)]);
      return { row: i + 1, ...Object.fromEntries(said) } as EntryRow;
    });
  const figures = rows.flatMap(({ debit, credit, amount }) => [debit, credit, amount]);
  return { rows, decimal: decimalMarkOf(figures.filter(Boolean)) };
}
