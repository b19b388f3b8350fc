import type { Book } from '../../model/book/book.js';
import type { Saying, WhatIsSaid } from '../../assessment/all-checks/index.js';
import { latestDate } from '../../assessment/key/flatten.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { minorDigits, type Amount } from '../../model/money/amount.js';
import { formatAmount } from '../../model/money/format-amount.js';
import { proposedGoing } from '../../changes/opening/openings-taken.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { MOST_ACCOUNTS } from '../../model/shapes/book-file.js';
import { bookFromTable } from '../table/book-from-table.js';
import type { Columns } from '../table/columns.js';
import type { Said } from '../table/place-said.js';
import { readAccountTable, type AccountRow, type AccountTable } from '../table/read-accounts.js';
import { settledSign, sidesOf, type SideOf, type SignConvention } from '../table/sign.js';
import { usualDecimal, writingOf } from '../../model/place/writing.js';

const tooManyAccounts = refusal(
  'table.too-many-accounts',
  (f: { most: number }) =>
    `The table has more than ${f.most} accounts, the most that a book can have. Is it a list of entries?`,
);

/** A work that came as a table of accounts and balances. */
export interface TableWork {
  readonly book: Book;
  /** The date of its balances; null: they are those that the books open with. */
  readonly balancesAt: string | null;
  readonly said: WhatIsSaid;
  readonly table: AccountTable;
  /** How its amounts were read. */
  readonly sign: SignConvention;
  /** Rows that could not be read. */
  readonly faults: readonly Refusal[];
  /** What was decided about it that a reader should know, in sentences. */
  readonly notes: readonly string[];
  /** Why it was not read whole: it needs a look before it has a mark. Empty: it was. */
  readonly doubts: readonly Doubt[];
}

/** Something of a table that could not be read, or fits no reading. */
export interface Doubt {
  /** In kebab-case, such as `debits-and-credits-differ`. */
  readonly what: string;
  /** The row and column, where it is at one. */
  readonly where: string;
  readonly says: string;
}

/** What was taken of a table, whatever was in doubt. */
export interface TakenOfTable {
  /** By what they hold: the letters of columns, as a spreadsheet has them. */
  readonly columns: Readonly<Record<string, string>>;
  readonly sign: SignConvention | 'two-columns';
  /** Rows that were left out, and why. */
  readonly leftOut: readonly { readonly row: number; readonly says: string }[];
}

const letterOf = (at: number): string =>
  at < LETTERS
    ? String.fromCharCode(65 + at)
    : letterOf(Math.floor(at / LETTERS) - 1) + letterOf(at % LETTERS);
const LETTERS = 26;

export const takenOfTable = ({ table, sign }: Pick<TableWork, 'table' | 'sign'>): TakenOfTable => ({
  columns: Object.fromEntries(
    Object.entries(table.found.columns).map(([kind, at]) => [kind, letterOf(at)]),
  ),
  sign: table.signed ? sign : 'two-columns',
  leftOut: table.skipped.map(({ row, says }) => ({ row, says })),
});

/** What was chosen by hand. */
export interface TableChoice {
  readonly columns?: Columns;
  readonly sign?: SignConvention;
}

/** Reads a table as a work on a key: at the last date that the key compares, or at its opening. */
export function workFromTable(
  key: AnswerKey,
  cells: readonly (readonly string[])[],
  choice: TableChoice = {},
): Result<TableWork> {
  const { company, scheme, numberPlan, opening, entries } = key.book;
  const latest = latestDate(key);
  const read = readAccountTable(cells, {
    scheme,
    digits: minorDigits(company.currency),
    decimal: usualDecimal(company),
    guessTypes: false,
    year: latest.slice(0, 4),
    ...(choice.columns ? { columns: choice.columns } : {}),
  });
  if (!read.ok) return read;
  const table = read.value;
  if (table.rows.length > MOST_ACCOUNTS) return refused(tooManyAccounts({ most: MOST_ACCOUNTS }));
  const isOpening = entries.length === 0 || table.found.saysOpening || !table.hasAmounts;
  const at = isOpening ? opening.date : latest;
  const sideOf = sidesBy(key, table);
  const settled = settledSign(table, sideOf);
  const sign = choice.sign ?? settled.sign;
  const book = bookFromTable(table, { company, scheme, numberPlan, at, sign, sideOf });
  const apart = apartIn(table, book);
  return done({
    book,
    balancesAt: isOpening ? null : at,
    said: saidIn(table, book),
    table,
    sign,
    faults: table.faults,
    notes: [...(table.signed ? [SIGNS[sign]] : []), ...apart],
    doubts: doubtsOf(table, apart),
  });
}

const doubtsOf = ({ faults }: AccountTable, apart: readonly string[]): TableWork['doubts'] => [
  ...faults.map(({ code, at: where, says }) => ({
    ...{ what: code.replaceAll('.', '-'), where, says },
  })),
  ...apart.map((says) => ({ what: 'debits-and-credits-differ', where: '', says })),
];

/** The side of a row's account: of the key's account that it is by number or name, else by its own type. */
function sidesBy({ book }: AnswerKey, table: AccountTable): SideOf {
  const rows = table.rows.map((row) => ({ ...row, amount: row.amount ?? 0 }));
  const going = proposedGoing(book, rows);
  const types = new Map(book.accounts.map(({ id, type }) => [id, type]));
  return (row: AccountRow) => {
    const type = typeOf(book.scheme, types.get(going.get(row.row) ?? '') ?? row.type);
    return type ? sidesOf(book.scheme, type) : null;
  };
}

const SAYS: Readonly<Record<Said, readonly Saying[]>> = {
  type: ['class', 'section', 'type'],
  section: ['class', 'section'],
  class: ['class'],
  statement: ['class'],
  nothing: [],
};

/** What a table says of its accounts, and what its columns say of all. */
function saidIn({ rows, found }: AccountTable, { accounts, opening }: Book): WhatIsSaid {
  const says = new Set<Saying>();
  if (rows.some(({ number }) => number !== null)) says.add('numbers');
  if (rows.some(({ parentName, depth }) => parentName !== null || depth > 0)) says.add('parents');
  if (found.columns.state !== undefined) says.add('states');
  const places = new Map(
    accounts.map(({ id }, i) => [id, new Set(SAYS[rows[i]?.said ?? 'nothing'])] as const),
  );
  const isPlaced = ({ id }: { id: string }) =>
    places.get(id)?.has('section') === true || (opening.balances[id] ?? 0) === 0;
  if (accounts.some(({ id }) => places.get(id)?.has('section')) && accounts.every(isPlaced))
    says.add('statements');
  return { says, places };
}

const SIGNS: Readonly<Record<SignConvention, string>> = {
  'debit-positive': 'Amounts above zero were read as debits.',
  'credit-positive': 'Amounts above zero were read as credits.',
  'normal-side': 'Each amount was read on the side on which its account normally stands.',
  'class-side': 'Amounts were read on the side of their class; what takes off it is below zero.',
};

/** That debits and credits differ, by how much. */
function apartIn(table: AccountTable, { opening, company }: Book): string[] {
  const apart = Object.values(opening.balances).reduce((sum: Amount, each) => sum + each, 0);
  if (!table.hasAmounts || apart === 0) return [];
  return [
    `Its debits and credits differ by ${formatAmount(Math.abs(apart), writingOf(company))}, whichever way its amounts are read.`,
  ];
}
