import type { Account, Book, Company, Entry, EntryKind, LegalForm } from '../../model/book/book.js';
import { account } from '../../model/book/new-book.js';
import { NO_TAX_LISTS } from '../../model/book/tax-lists.js';
import { SHIPPED_PLANS } from '../../model/numbering/shipped-plans.js';
import { inWords, SHIPPED_SCHEMES, type Scheme, type Words } from '../../model/scheme/index.js';
import { addDays } from '../../model/day/calendar.js';
import { shippedScheme } from '../../model/scheme/words.js';

/** A book written down as a sheet of plain rows: how companies that ship with the program are kept in its source. */
export interface LedgerSheet {
  readonly name: string;
  readonly trade: string;
  readonly legalForm: LegalForm;
  readonly scheme?: string;
  readonly words?: Words;
  /** `id | number | name | type | opening (debit positive, whole units) | parent` */
  readonly accounts: string;
  /** `date | kind | reference | text | account amount, account amount, ...` (debit positive, whole units) */
  readonly entries: string;
}

export const CENTS = 100;

const rowsOf = (text: string): string[][] =>
  text
    .trim()
    .split('\n')
    .map((row) => row.split('|').map((cell) => cell.trim()));

/** The book that a sheet says: in euros, with the four-digit plan, the financial year 2027. */
export function bookOfSheet(sheet: LedgerSheet): Book {
  const company: Company = {
    name: sheet.name,
    trade: sheet.trade,
    legalForm: sheet.legalForm,
    currency: 'EUR',
    firstDay: '2027-01-01',
    periods: 12,
    ...(sheet.words ? { words: sheet.words } : {}),
  };
  const rows = rowsOf(sheet.accounts);
  const balances = rows.map(
    ([id = '', , , , opening]) => [id, CENTS * Number(opening || 0)] as const,
  );
  return {
    company,
    scheme: inWords(
      shippedScheme(sheet.scheme ?? '') ?? (SHIPPED_SCHEMES[0] as Scheme),
      sheet.words ?? 'international',
    ),
    numberPlan: SHIPPED_PLANS[0] ?? null,
    taxLists: NO_TAX_LISTS,
    accounts: rows.map(accountOfRow),
    opening: {
      date: addDays(company.firstDay, -1),
      balances: Object.fromEntries(balances.filter(([, amount]) => amount !== 0)),
    },
    entries: rowsOf(sheet.entries).map(entryOfRow),
  };
}

function accountOfRow([id = '', number, name = '', type, , parent]: string[]): Account {
  return account(id, name, {
    number: number || null,
    type: type || null,
    parent: parent || null,
  });
}

function entryOfRow(cells: string[], i: number): Entry {
  const [date = '', kind = 'general', reference = '', text = '', lines = ''] = cells;
  return {
    id: `e${i + 1}`,
    date,
    kind: kind as EntryKind,
    reference,
    text,
    lines: lines.split(',').map((line) => {
      const [id = '', amount = '0'] = line.trim().split(/\s+/);
      return { account: id, amount: CENTS * Number(amount) };
    }),
  };
}
