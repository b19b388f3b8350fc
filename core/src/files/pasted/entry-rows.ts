import { decimalMarkOf } from '../table/decimal-mark.js';
import { headedRows, type HeadedRow } from './headed-rows.js';

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
export type EntryRow = HeadedRow<Kind>;

const isOfEntries = (at: Partial<Record<Kind, number>>): boolean =>
  at.account !== undefined || at.number !== undefined
    ? at.debit !== undefined || at.credit !== undefined || at.amount !== undefined
    : at.debited !== undefined && at.credited !== undefined && at.amount !== undefined;

export interface EntryTable {
  readonly rows: readonly EntryRow[];
  readonly decimal: '.' | ',' | null;
}

/** The rows of a journal. Null: it is none. */
export function entryRows(cells: readonly (readonly string[])[]): EntryTable | null {
  const rows = headedRows<Kind>(cells, { heads: HEADS, bare: BARE, isTable: isOfEntries });
  if (!rows) return null;
  const figures = rows.flatMap(({ debit, credit, amount }) => [debit, credit, amount]);
  return { rows, decimal: decimalMarkOf(figures.filter(Boolean)) };
}
