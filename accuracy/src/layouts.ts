import type { Row, Writing } from './sheets.js';

/** A table of accounts as somebody may have laid it out. */
export type Cells = string[][];
export type Layout = (rows: readonly Row[], write: Writing) => Cells;

const debit = (amount: number, write: Writing) => (amount > 0 ? write(amount) : '');
const credit = (amount: number, write: Writing) => (amount < 0 ? write(-amount) : '');
const sum = (rows: readonly Row[], of: (row: Row) => number) =>
  rows.reduce((total, row) => total + of(row), 0);
const debits = (rows: readonly Row[]) => sum(rows, ({ balance }) => Math.max(0, balance));

const CREDIT_TYPES = new Set(['liability', 'equity', 'income']);
const isContra = ({ type }: Row): boolean =>
  /accumulated|allowance|returns|drawings|dividends|refunds/i.test(type);

/** An amount on its account's normal side: above zero unless it stands on the other. */
const normal = (row: Row): number =>
  row.balance * (CREDIT_TYPES.has(row.class) === isContra(row) ? 1 : -1) || 0;

/** Groups of rows under their headings, in the order in which they come. */
function grouped(rows: readonly Row[], by: (row: Row) => string): [string, Row[]][] {
  const groups = new Map<string, Row[]>();
  for (const row of rows) groups.set(by(row), [...(groups.get(by(row)) ?? []), row]);
  return [...groups];
}

const CLASSES: Readonly<Record<string, string>> = {
  asset: 'Assets',
  liability: 'Liabilities',
  equity: 'Equity',
  income: 'Income',
  expense: 'Expenses',
};

const twoColumns =
  (...heads: readonly string[]): Layout =>
  (rows, write) => [
    [...heads],
    ...rows.map((row) => [
      row.number,
      row.name,
      debit(row.balance, write),
      credit(row.balance, write),
    ]),
  ];

const signed =
  (sign: 1 | -1, heading = 'Balance'): Layout =>
  (rows, write) => [
    ['Number', 'Account name', heading],
    ...rows.map(({ number, name, balance }) => [number, name, write(sign * balance || 0)]),
  ];

export const LAYOUTS: Readonly<Record<string, Layout>> = {
  'debit and credit': twoColumns('Number', 'Name', 'Debit', 'Credit'),
  'account and description': twoColumns('Account', 'Description', 'Debit', 'Credit'),
  'code, dr, cr': twoColumns('Code', 'Account', 'Dr', 'Cr'),
  'balances by side': twoColumns(
    'Nr.',
    'Ledger account',
    'Debit balance (EUR)',
    'Credit balance (EUR)',
  ),
  'a title, blank lines and totals': (rows, write) => [
    ['Tern Island Kayaks'],
    ['Trial balance as at 31 March 2027'],
    [],
    ...twoColumns('No.', 'Account', 'Debit', 'Credit')(rows, write),
    [],
    ['', 'Total', write(debits(rows)), write(debits(rows))],
  ],
  'credits below zero in their column': (rows, write) => [
    ['Number', 'Name', 'Debit', 'Credit'],
    ...rows.map(({ number, name, balance }) => [
      number,
      name,
      debit(balance, write),
      balance < 0 ? write(balance) : '',
    ]),
  ],
  'one column, debits positive': signed(1),
  'one column, credits positive': signed(-1),
  'one column headed closing balance': signed(1, 'Closing balance'),
  'all positive': (rows, write) => [
    ['Number', 'Name', 'Balance'],
    ...rows.map((row) => [row.number, row.name, write(normal(row))]),
  ],
  'all positive with types': (rows, write) => [
    ['Number', 'Name', 'Type', 'Balance'],
    ...rows.map((row) => [row.number, row.name, row.type, write(normal(row))]),
  ],
  'a side column': (rows, write) => [
    ['Number', 'Name', 'Balance', 'Dr/Cr'],
    ...rows.map(({ number, name, balance }) => [
      number,
      name,
      write(Math.abs(balance)),
      balance < 0 ? 'Cr' : 'Dr',
    ]),
  ],
  'a side column of letters first': (rows, write) => [
    ['Number', 'Name', 'D/C', 'Amount'],
    ...rows.map(({ number, name, balance }) => [
      number,
      name,
      balance < 0 ? 'C' : 'D',
      write(Math.abs(balance)),
    ]),
  ],
  'sides behind amounts': (rows, write) => [
    ['Number', 'Name', 'Balance, Dr/Cr'],
    ...rows.map(({ number, name, balance }) => [
      number,
      name,
      balance === 0 ? '-' : `${write(Math.abs(balance))} ${balance < 0 ? 'CR' : 'DR'}`,
    ]),
  ],
  'opening and closing': (rows, write) => [
    ['Number', 'Name', 'Opening balance', 'Closing balance'],
    ...rows.map(({ number, name, balance, opening }) => [
      number,
      name,
      write(opening),
      write(balance),
    ]),
  ],
  'opening, movement, closing': (rows, write) => [
    ['Number', 'Name', 'Opening', 'Net movement', 'Closing'],
    ...rows.map(({ number, name, balance, opening }) => [
      number,
      name,
      write(opening),
      write(balance - opening),
      write(balance),
    ]),
  ],
  'movement and closing': (rows, write) => [
    ['Number', 'Name', 'Net movement', 'Closing'],
    ...rows.map(({ number, name, balance, opening }) => [
      number,
      name,
      write(balance - opening),
      write(balance),
    ]),
  ],
  'two years': (rows, write) => [
    ['Number', 'Name', 'Balance 2026', 'Balance 2027'],
    ...rows.map(({ number, name, balance, opening }) => [
      number,
      name,
      write(opening),
      write(balance),
    ]),
  ],
  'two years, the newer first': (rows, write) => [
    ['Number', 'Name', '2027', '2026'],
    ...rows.map(({ number, name, balance, opening }) => [
      number,
      name,
      write(balance),
      write(opening),
    ]),
  ],
  'headings in two rows': (rows, write) => [
    ['', '', 'Opening', '', 'Closing', ''],
    ['Number', 'Name', 'Debit', 'Credit', 'Debit', 'Credit'],
    ...rows.map(({ number, name, balance, opening }) => [
      number,
      name,
      debit(opening, write),
      credit(opening, write),
      debit(balance, write),
      credit(balance, write),
    ]),
  ],
  'names before numbers': (rows, write) => [
    ['Name', 'Number', 'Debit', 'Credit'],
    ...rows.map((row) => [
      row.name,
      row.number,
      debit(row.balance, write),
      credit(row.balance, write),
    ]),
  ],
  'numbers in the names': (rows, write) => [
    ['Account', 'Debit', 'Credit'],
    ...rows.map(({ number, name, balance }) => [
      `${number} ${name}`,
      debit(balance, write),
      credit(balance, write),
    ]),
  ],
  'no numbers': (rows, write) => [
    ['Account', 'Debit', 'Credit'],
    ...rows.map(({ name, balance }) => [name, debit(balance, write), credit(balance, write)]),
  ],
  'no headings': (rows, write) => twoColumns('', '', '', '')(rows, write).slice(1),
  'sections above': (rows, write) => [
    ['Number', 'Name', 'Debit', 'Credit'],
    ...grouped(rows, ({ section }) => section).flatMap(([section, own]) => [
      ['', section, '', ''],
      ...own.map(({ number, name, balance }) => [
        number,
        name,
        debit(balance, write),
        credit(balance, write),
      ]),
    ]),
  ],
  'sections with their totals': (rows, write) => [
    ['Account', 'Amount'],
    ...grouped(rows, ({ section }) => section).flatMap(([section, own]) => [
      [section, ''],
      ...own.map(({ name, balance }) => [name, write(balance)]),
      [`Total ${section.toLowerCase()}`, write(sum(own, ({ balance }) => balance))],
    ]),
  ],
  'classes above': (rows, write) => [
    ['Number', 'Name', 'Debit', 'Credit'],
    ...grouped(rows, (row) => CLASSES[row.class] ?? '').flatMap(([name, own]) => [
      ['', name, '', ''],
      ...own.map((row) => [
        row.number,
        row.name,
        debit(row.balance, write),
        credit(row.balance, write),
      ]),
    ]),
  ],
  'a column of classes': (rows, write) => [
    ['Number', 'Name', 'Class', 'Balance'],
    ...rows.map((row) => [row.number, row.name, CLASSES[row.class] ?? '', write(row.balance)]),
  ],
  'a column of sections': (rows, write) => [
    ['Number', 'Name', 'Section', 'Debit', 'Credit'],
    ...rows.map((row) => [
      row.number,
      row.name,
      row.section,
      debit(row.balance, write),
      credit(row.balance, write),
    ]),
  ],
  'a column of types': (rows, write) => [
    ['Number', 'Name', 'Type', 'Debit', 'Credit'],
    ...rows.map((row) => [
      row.number,
      row.name,
      row.type,
      debit(row.balance, write),
      credit(row.balance, write),
    ]),
  ],
  'profit at the foot': (rows, write) => [
    ['Account', 'Balance'],
    ...rows.map(({ name, balance }) => [name, write(balance)]),
    ['Net profit for the period', write(1_248_000)],
    ['Check', write(0)],
  ],
};
