/** What a column of a table of accounts can hold. */
export type ColumnKind =
  | 'number'
  | 'name'
  | 'type'
  | 'section'
  | 'parent'
  | 'debit'
  | 'credit'
  | 'amount'
  | 'state'
  | 'note'
  | 'tax-line'
  | 'tax-code'
  | 'budget';

export const COLUMN_KINDS: readonly ColumnKind[] = [
  'number',
  'name',
  'type',
  'section',
  'parent',
  'debit',
  'credit',
  'amount',
  'state',
  'note',
  'tax-line',
  'tax-code',
  'budget',
];

/** Headings as they are found in lists of accounts, compared without case, marks and filling words. */
const HEADINGS: readonly (readonly [ColumnKind, string])[] = [
  [
    'number',
    'number|no|nr|num|code|account number|account no|account code|account nr|acct no|acct number|acct|ledger code|ref|id',
  ],
  [
    'name',
    'name|account name|account|accounts|title|account title|description|ledger account|details|particulars|item',
  ],
  ['type', 'type|account type|kind|category|classification'],
  ['section', 'section|heading|group|statement section|placed in|class|statement'],
  ['parent', 'parent|parent account|under|belongs to'],
  [
    'debit',
    'debit|dr|debits|debit balance|balance dr|debit amount|opening debit|debit opening|closing debit',
  ],
  [
    'credit',
    'credit|cr|credits|credit balance|balance cr|credit amount|opening credit|credit opening|closing credit',
  ],
  [
    'amount',
    'amount|balance|opening balance|closing balance|balances|net|value|net balance|opening|total|ending balance',
  ],
  ['state', 'state|status|in use|retired|active'],
  ['note', 'note|notes|memo|comment|comments|remark|remarks'],
  ['tax-line', 'tax line|tax return line|line of the return|line of the tax return'],
  ['tax-code', 'tax code|vat code|sales tax code'],
  ['budget', 'budget|yearly budget|annual budget|budget amount|budget for the year'],
];

const KIND_OF: ReadonlyMap<string, ColumnKind> = new Map(
  HEADINGS.flatMap(([kind, names]) => names.split('|').map((name) => [name, kind] as const)),
);

const plain = (cell: string): string =>
  cell
    .toLowerCase()
    .replace(/\(.*?\)|\b(eur|usd|gbp|chf)\b/g, ' ')
    .replace(/[^a-z]+/g, ' ')
    .trim();

/** The kind of column that a heading names; null when it is not known. */
function kindOfHeading(cell: string): ColumnKind | null {
  const name = plain(cell);
  const known = KIND_OF.get(name);
  if (known) return known;
  if (/\bdebit\b|\bdr\b/.test(name)) return 'debit';
  if (/\bcredit\b|\bcr\b/.test(name)) return 'credit';
  if (/\bbalance\b|\bamount\b/.test(name)) return 'amount';
  return null;
}

/** Which column holds what: an index for each kind that was found. */
export type Columns = Readonly<Partial<Record<ColumnKind, number>>>;

export interface FoundColumns {
  readonly columns: Columns;
  /** The row of the headings; -1 when there are none and the columns were told by their content. */
  readonly headingRow: number;
  /** Whether the headings say that the balances are opening balances. */
  readonly saysOpening: boolean;
}

const ROWS_SEARCHED = 30;

/** Proposes the columns: by the first row that names at least a name and another, else by content. */
export function proposeColumns(rows: readonly (readonly string[])[]): FoundColumns {
  for (let row = 0; row < Math.min(rows.length, ROWS_SEARCHED); row++) {
    const columns = columnsOfHeadings(rows[row] ?? []);
    if (columns.name !== undefined && Object.keys(columns).length >= 2) {
      const saysOpening = (rows[row] ?? []).some((cell) => /opening/i.test(cell));
      return { columns, headingRow: row, saysOpening };
    }
  }
  return { columns: columnsByContent(rows), headingRow: -1, saysOpening: false };
}

function columnsOfHeadings(cells: readonly string[]): Columns {
  const columns: Partial<Record<ColumnKind, number>> = {};
  cells.forEach((cell, i) => {
    const kind = kindOfHeading(cell);
    if (kind && columns[kind] === undefined) columns[kind] = i;
    else if (plain(cell) === 'description') columns.note ??= i;
  });
  if (columns.name === undefined && columns.number !== undefined && cells.length > 1)
    return renamedNumber(columns, cells);
  return columns;
}

/** “Account | Balance”: a lone heading such as “Acct” names the accounts, not their numbers. */
function renamedNumber(columns: Columns, cells: readonly string[]): Columns {
  const { number, ...rest } = columns;
  const says = plain(cells[number ?? 0] ?? '');
  return says === 'acct' || says === 'ref' ? { ...rest, name: number ?? 0 } : columns;
}

const looksNumber = (cell: string): boolean => /^[A-Za-z]?\d[\d.\-/ ]{1,13}$/.test(cell.trim());
const looksAmount = (cell: string): boolean =>
  /\d/.test(cell) && /^[\p{Sc}\s]*[-(−]?[\p{Sc}\s]*[\d.,'’\s]+\)?-?$/u.test(cell.trim());
const looksName = (cell: string): boolean => /\p{L}{2}/u.test(cell) && !looksNumber(cell);

function columnsByContent(rows: readonly (readonly string[])[]): Columns {
  const width = Math.max(0, ...rows.map((row) => row.length));
  const share = (column: number, test: (cell: string) => boolean) => {
    const cells = rows.map((row) => row[column] ?? '').filter((cell) => cell.trim() !== '');
    return cells.length === 0 ? 0 : cells.filter(test).length / cells.length;
  };
  const all = Array.from({ length: width }, (_, i) => i);
  const name = all.find((i) => share(i, looksName) > 0.6);
  if (name === undefined) return {};
  const number = all.find((i) => i < name && share(i, looksNumber) > 0.6);
  const amounts = all.filter((i) => i > name && share(i, looksAmount) > 0.6);
  const [first, second] = amounts;
  return {
    name,
    ...(number === undefined ? {} : { number }),
    ...(first === undefined ? {} : second === undefined ? { amount: first } : { debit: first }),
    ...(second === undefined ? {} : { credit: second }),
  };
}
