import type { Cells, Layout } from './layouts.js';
import type { Row, Writing } from './sheets.js';

/** Further ways in which programs and people write amounts, from printed pages and exports of many countries. */
const english: Writing = (amount) =>
  `${amount < 0 ? '-' : ''}${Math.floor(Math.abs(amount) / 100).toLocaleString('en')}.${String(Math.abs(amount) % 100).padStart(2, '0')}`;
const whole =
  (by: string): Writing =>
  (amount) =>
    `${amount < 0 ? '-' : ''}${Math.round(Math.abs(amount) / 100)
      .toLocaleString('en')
      .replaceAll(',', by)}`;
const german: Writing = (amount) =>
  english(amount).replaceAll(',', '_').replace('.', ',').replaceAll('_', '.');
const indian: Writing = (amount) =>
  `${amount < 0 ? '-' : ''}${(Math.abs(amount) / 100).toLocaleString('en-IN', { minimumFractionDigits: 2 })}`;

/** Debit and credit, with something where nothing stands. */
const apart =
  (write: Writing, nothing = ''): Layout =>
  (rows) => [
    ['No.', 'Account', 'Debit', 'Credit'],
    ...rows.map(({ number, name, balance }) => [
      ...[number, name],
      balance > 0 ? write(balance) : nothing,
      balance < 0 ? write(-balance) : nothing,
    ]),
  ];

/** One column, the side said in it. */
const sided =
  (say: (amount: number, side: 0 | 1) => string): Layout =>
  (rows) => [
    ['No.', 'Account', 'Balance'],
    ...rows.map(({ number, name, balance }) => [
      ...[number, name],
      balance === 0 ? '0.00' : say(Math.abs(balance), balance > 0 ? 0 : 1),
    ]),
  ];

const pick = (words: readonly [string, string], side: 0 | 1): string => words[side];

const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');

const CREDIT = new Set(['liability', 'equity', 'income']);
/** Within its class: what the class stands for is above zero, what takes off it below. */
const withinClass = ({ class: of, balance }: Row): number => (CREDIT.has(of) ? -balance : balance);

const inBlocks = (rows: readonly Row[]): Cells =>
  rows.flatMap(({ number, name, balance }) => [
    [`Account: ${number} ${name}`, '', '', ''],
    ['Date', 'Text', 'Debit', 'Credit'],
    [
      '31.03.2027',
      'Balance',
      balance > 0 ? english(balance) : '',
      balance < 0 ? english(-balance) : '',
    ],
    ['', '', '', ''],
  ]);

const besideEachOther = (rows: readonly Row[]): Cells => {
  const [left, right] = [
    rows.filter(({ balance }) => balance >= 0),
    rows.filter(({ balance }) => balance < 0),
  ];
  const side = (list: readonly Row[], i: number) => {
    const row = list[i];
    return row ? [row.number, row.name, english(Math.abs(row.balance))] : ['', '', ''];
  };
  return [
    ['Debit balances', '', '', 'Credit balances', '', ''],
    ['No.', 'Account', 'Amount', 'No.', 'Account', 'Amount'],
    ...Array.from({ length: Math.max(left.length, right.length) }, (_, i) => [
      ...side(left, i),
      ...side(right, i),
    ]),
  ];
};

export const MORE_LAYOUTS: Readonly<Record<string, Layout>> = {
  'a currency code behind': apart((amount) => `${english(amount)} EUR`),
  'a currency code before': apart((amount) => `EUR ${english(amount)}`),
  'a currency code before a sign': (rows) => [
    ['No.', 'Account', 'Balance'],
    ...rows.map(({ number, name, balance }) => [number, name, `EUR ${english(balance)}`]),
  ],
  'a side before': sided((amount, side) => `${pick(['Dr', 'Cr'], side)} ${english(amount)}`),
  'a side behind in brackets': sided(
    (amount, side) => `${english(amount)} (${pick(['Dr', 'Cr'], side)})`,
  ),
  'a side behind written out': sided(
    (amount, side) => `${english(amount)} ${pick(['Debit', 'Credit'], side)}`,
  ),
  'sides as S and H': sided((amount, side) => `${german(amount)} ${pick(['S', 'H'], side)}`),
  'a side column written out': (rows) => [
    ['No.', 'Account', 'Amount', 'Side'],
    ...rows.map(({ number, name, balance }) => [
      ...[number, name, english(Math.abs(balance))],
      balance < 0 ? 'Credit' : 'Debit',
    ]),
  ],
  'a dash for no cents': apart((amount) => `${whole('.')(amount)},-`),
  'hyphens for nothing': apart(english, '-'),
  'dashes for nothing': apart(english, '–'),
  'nil for nothing': apart(english, 'nil'),
  'n/a for nothing': apart(english, 'n/a'),
  'NaN for nothing': apart(english, 'NaN'),
  'Indian grouping': apart(indian),
  'whole amounts with points': apart(whole('.')),
  'whole amounts with commas': apart(whole(',')),
  'within its class': (rows) => [
    ['No.', 'Account', 'Class', 'Amount'],
    ...rows.map((row) => [row.number, row.name, row.class, english(withinClass(row))]),
  ],
  'budget, actual and variance': (rows) => [
    ['No.', 'Account', 'Budget', 'Actual', 'Variance'],
    ...rows.map(({ number, name, balance }) => [
      ...[number, name, english(Math.round(balance * 0.9))],
      ...[english(balance), english(balance - Math.round(balance * 0.9))],
    ]),
  ],
  'twelve month-ends': (rows) => [
    ['No.', 'Account', ...MONTHS.slice(0, 3).map((month) => `${month} 2027`)],
    ...rows.map(({ number, name, balance }) => [
      ...[number, name, english(Math.round(balance * 0.5))],
      ...[english(Math.round(balance * 0.8)), english(balance)],
    ]),
  ],
  'numbered group rows': (rows) => {
    let last = '';
    return [
      ['No.', 'Account', 'Debit', 'Credit'],
      ...rows.flatMap((row) => {
        const head =
          row.section === last ? [] : [[`${row.number.slice(0, 1)}`, row.section, '', '']];
        last = row.section;
        const amounts = [
          row.balance > 0 ? english(row.balance) : '',
          row.balance < 0 ? english(-row.balance) : '',
        ];
        return [...head, [row.number, row.name, ...amounts]];
      }),
    ];
  },
  'a note between rows': (rows) => {
    const [head = [], ...lines] = apart(english)(rows, english);
    return [
      head,
      ...lines.slice(0, 4),
      ['', 'see the note on the next page', '', ''],
      ...lines.slice(4),
    ];
  },
  'headings in two rows': (rows) => [
    ['', '', 'Closing balance', ''],
    ...apart(english)(rows, english),
  ],
  'two lists side by side': besideEachOther,
  'blocks of a ledger': inBlocks,
};

/** The same list as text that was printed, or written in Markdown. */
export const asMarkdown = (cells: Cells): string =>
  cells
    .map((row) => `| ${row.join(' | ')} |`)
    .toSpliced(1, 0, `|${'---|'.repeat(cells[0]?.length ?? 0)}`)
    .join('\n');

export const asPrinted = (cells: Cells): string =>
  cells
    .map(
      ([a = '', b = '', c = '', d = '']) =>
        a.padEnd(6) + b.padEnd(44) + c.padStart(14) + d.padStart(14),
    )
    .join('\n');

export const printable = (rows: readonly Row[]): Cells => apart(english)(rows, english);
