/** What a column of a table of accounts can hold. */
export const COLUMN_KINDS = [
  'number',
  'name',
  'type',
  'section',
  'parent',
  'debit',
  'credit',
  'amount',
  'side',
  'opening-debit',
  'opening-credit',
  'opening',
  'state',
  'note',
  'tax-line',
  'tax-code',
  'budget',
] as const;

export type ColumnKind = (typeof COLUMN_KINDS)[number];

/** Headings as they are found in lists of accounts, compared without case, marks and filling words. */
const HEADINGS: readonly (readonly [ColumnKind, string])[] = [
  [
    'number',
    'number|no|nr|num|code|account number|account no|account code|account nr|acct no|acct number|acct|a c no|ledger code|ref|id',
  ],
  [
    'name',
    'name|account name|account|accounts|title|account title|ledger account|details|particulars|item|account description',
  ],
  ['type', 'type|account type|kind|category|classification'],
  ['section', 'section|heading|group|statement section|placed in|class|statement|account class'],
  ['parent', 'parent|parent account|under|belongs to'],
  [
    'side',
    'side|dr cr|dr or cr|d c|dc|drcr|debit credit|debit or credit|normal side|balance side|sign',
  ],
  ['state', 'state|status|in use|retired|active'],
  ['note', 'note|notes|memo|comment|comments|remark|remarks|description'],
  ['tax-line', 'tax line|tax return line|line of the return|line of the tax return'],
  ['tax-code', 'tax code|vat code|sales tax code'],
  ['budget', 'budget|yearly budget|annual budget|budget amount|budget for the year'],
];

const KIND_OF: ReadonlyMap<string, ColumnKind> = new Map(
  HEADINGS.flatMap(([kind, names]) => names.split('|').map((name) => [name, kind] as const)),
);

/** A heading without case, marks and currencies. */
export const plainHeading = (cell: string): string =>
  cell
    .toLowerCase()
    .replace(/\([^()]*\)|\b(eur|usd|gbp|chf)\b|\b\d+\b/g, ' ')
    .replace(/[^a-z]+/g, ' ')
    .trim();

/** Whether amounts are those at the beginning, at the end, or what moved between. */
export type When = 'opening' | 'closing' | 'movement';

/** What a heading says of its column. */
export interface Heading {
  readonly kind: ColumnKind | null;
  /** Set where the column holds amounts: on which side, or on either. */
  readonly side: 'debit' | 'credit' | 'either' | null;
  readonly when: When | null;
  readonly year: string | null;
  /** The month, from 1; null where it names none. */
  readonly month: number | null;
}

const OPENING =
  /\b(open(ing|ed)?|brought forward|b f|bf|beginning|start(ing)?|previous|prior|last year)\b/;
const CLOSING =
  /\b(clos(ing|e|ed)|ending|end|carried (forward|down)|c f|c d|final|current year|this year|at year end)\b/;
const MOVEMENT =
  /\b(movements?|change|changes|activity|turnover|transactions?|posted|in the (period|year|month)|for the period)\b/;
const AMOUNT = /\b(balances?|amounts?|actuals?|value|net|total|sum|eur|usd|gbp)\b/;
/** What stands beside balances and is none. */
const BESIDE = /\b(variance|difference|plan|planned|forecast|budget|budgeted|target)\b/;
const MONTHS =
  /\b(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\b/i;
const ORDER = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');

export const whenOf = (plain: string): When | null =>
  MOVEMENT.test(plain)
    ? 'movement'
    : OPENING.test(plain)
      ? 'opening'
      : CLOSING.test(plain)
        ? 'closing'
        : null;

/** The year that a heading names; null where it names none or several. */
export function yearOf(cell: string): string | null {
  const years = new Set(cell.match(/\b(?:19|20)\d\d\b/g) ?? []);
  return years.size === 1 ? ([...years][0] ?? null) : null;
}

/** The month that a heading names, by word or in a date. */
export function monthOf(cell: string): number | null {
  const named = MONTHS.exec(cell)?.[0].slice(0, 3).toLowerCase();
  if (named !== undefined) return ORDER.indexOf(named) + 1;
  const dated = /\b(?:19|20)\d\d-(\d\d)\b|\b\d{1,2}[./](\d{1,2})[./](?:19|20)?\d\d\b/.exec(cell);
  const month = Number(dated?.[1] ?? dated?.[2] ?? 0);
  return month >= 1 && month <= 12 ? month : null;
}

function sideOf(plain: string): Heading['side'] {
  const debit = /\b(debits?|dr)\b/.test(plain);
  const credit = /\b(credits?|cr)\b/.test(plain);
  if (debit && credit) return 'either';
  return debit ? 'debit' : credit ? 'credit' : null;
}

export function headingOf(cell: string): Heading {
  const plain = plainHeading(cell);
  const when = whenOf(plain);
  const year = yearOf(cell);
  const month = monthOf(cell);
  const kind = KIND_OF.get(plain) ?? null;
  if (kind !== null || BESIDE.test(plain)) return { kind, side: null, when, year, month };
  const side = sideOf(plain);
  const isAmount =
    side !== null ||
    when !== null ||
    AMOUNT.test(plain) ||
    (plain === '' && year !== null) ||
    (month !== null && plain.replace(MONTHS, '').trim() === '');
  return { kind: null, side: isAmount ? (side ?? 'either') : null, when, year, month };
}
