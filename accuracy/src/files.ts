import ExcelJS from 'exceljs';
import {
  checkWork,
  emptyStart,
  keyOf,
  readIncoming,
  tableIn,
  workFromTable,
  type AnswerKey,
  type Result,
  type TableWork,
} from '@gleddo/core';
import { ternIsland } from '@gleddo/core/demo';
import { LAYOUTS, type Cells } from './layouts.js';
import { asMarkdown, asPrinted, MORE_LAYOUTS, printable } from './more-layouts.js';
import { rowsOf, WRITINGS, type Row } from './sheets.js';

/** A file, and what should be read in it: its balances, or that it can't be read. */
interface Shape {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly isReadable: boolean;
}

const AT = '2027-03-31';
const quoted = (cell: string, by: string): string =>
  cell.includes(by) || cell.includes('"') || cell.includes('\n')
    ? `"${cell.replaceAll('"', '""')}"`
    : cell;
const csv = (cells: Cells, by = ','): string =>
  cells.map((row) => row.map((cell) => quoted(cell, by)).join(by)).join('\r\n');
const utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);

function utf16(text: string): Uint8Array {
  const bytes = [0xff, 0xfe];
  for (let i = 0; i < text.length; i++)
    bytes.push(text.charCodeAt(i) & 255, text.charCodeAt(i) >> 8);
  return new Uint8Array(bytes);
}

const IN_1252: Readonly<Record<string, number>> = { '’': 0x92, '€': 0x80, '–': 0x96 };
const windows = (text: string): Uint8Array =>
  new Uint8Array([...text].map((each) => IN_1252[each] ?? each.charCodeAt(0)));

type Filling = (workbook: ExcelJS.Workbook) => void;

async function workbookOf(fill: Filling): Promise<Uint8Array> {
  const workbook = new ExcelJS.Workbook();
  fill(workbook);
  return new Uint8Array(await workbook.xlsx.writeBuffer());
}

const asNumber = (cell: string): string | number =>
  /^-?\d+\.\d\d$/.test(cell) ? Number(cell) : cell;

const put = (workbook: ExcelJS.Workbook, name: string, cells: Cells): ExcelJS.Worksheet => {
  const sheet = workbook.addWorksheet(name);
  for (const row of cells) sheet.addRow(row.map(asNumber));
  return sheet;
};

const COVER = [['Practice set'], ['Name', 'A student'], ['Date', '31 March 2027'], ['Group', '1']];
const layout = (name: string, rows: readonly Row[], writing = 'plain'): Cells =>
  LAYOUTS[name]?.(rows, WRITINGS[writing] as (amount: number) => string) ?? [];

const good = (name: string, bytes: Uint8Array): Shape => ({ name, bytes, isReadable: true });
const bad = (name: string, bytes: Uint8Array): Shape => ({ name, bytes, isReadable: false });

/** Every layout as a delimited text, and some in every way of writing amounts. */
const layoutShapes = (rows: readonly Row[]): Shape[] => [
  ...Object.keys(LAYOUTS).map((name) => good(name, utf8(csv(layout(name, rows))))),
  ...Object.keys(WRITINGS).flatMap((writing) =>
    ['debit and credit', 'one column, debits positive', 'one column, credits positive'].map(
      (name) => good(`${name}, ${writing}`, utf8(csv(layout(name, rows, writing), ';'))),
    ),
  ),
];

/** Further layouts, as text and as workbooks; one sheet for each class; others’ sheets before the list. */
async function moreShapes(rows: readonly Row[]): Promise<Shape[]> {
  const cellsOf = (name: string): Cells => MORE_LAYOUTS[name]?.(rows, String) ?? [];
  const printed = printable(rows);
  const lastYear = printed.map((row) =>
    row.map((cell) => cell.replace(/^\d[\d,]*\.\d\d$/, '17.00')),
  );
  const journal = [
    ['Date', 'Account', 'Text', 'Debit', 'Credit'],
    ...rows.slice(0, 12).flatMap(({ name }, i) => [
      [`0${1 + (i % 8)}.01.2027`, name, 'Sold', '100.00', ''],
      [`0${1 + (i % 8)}.01.2027`, 'Bank', 'Sold', '', '100.00'],
    ]),
  ];
  const sheets = (all: Readonly<Record<string, Cells>>) =>
    workbookOf((book) => Object.entries(all).forEach(([name, cells]) => put(book, name, cells)));
  const [head = [], ...lines] = printed;
  const classes = [...new Set(rows.map((row) => row.class))];
  const perClass = Object.fromEntries(
    classes.map((name) => [name, [head, ...lines.filter((_, i) => rows[i]?.class === name)]]),
  );
  return [
    ...Object.keys(MORE_LAYOUTS).map((name) => good(name, utf8(csv(cellsOf(name), ';')))),
    good('Markdown', utf8(asMarkdown(printed))),
    good('printed columns', utf8(asPrinted(printed))),
    good('the journal’s sheet first', await sheets({ Journal: journal, 'Trial balance': printed })),
    good('last year’s sheet first', await sheets({ 2026: lastYear, 2027: printed })),
    good('a sheet for each class', await sheets(perClass)),
  ];
}

const textShapes = (rows: readonly Row[], plain: Cells): Shape[] => [
  good('tabs', utf8(csv(plain, '\t'))),
  good('bars', utf8(csv(plain, '|'))),
  good('UTF-8 with its mark', utf8(`\uFEFF${csv(plain)}`)),
  good('UTF-16', utf16(csv(plain))),
  good('Windows-1252', windows(csv(layout('debit and credit', rows, 'euro'), ';'))),
  bad('an unclosed quote', utf8(csv(plain).replace('Trade receivables', '"Trade receivables'))),
  bad('a PDF', utf8('%PDF-1.7\n1 0 obj\n<<>>\nendobj')),
  bad('a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0])),
  bad('words', utf8('This is my homework.\nI did not finish it.\n')),
  bad('nothing', utf8('')),
];

/** Workbooks: each layout; a cover sheet before the list; cells that can't be read. */
async function workbookShapes(rows: readonly Row[], plain: Cells): Promise<Shape[]> {
  const books = Object.keys(LAYOUTS).map(async (name) =>
    good(`workbook: ${name}`, await workbookOf((book) => put(book, 'Sheet1', layout(name, rows)))),
  );
  const withCover = await workbookOf((book) => {
    put(book, 'Cover', COVER);
    put(book, 'Notes', [['Read this first'], ['Account', 'Meaning'], ['Bank', 'Money']]);
    put(book, 'TB', plain);
  });
  const withError = await workbookOf((book) => {
    put(book, 'TB', plain).getCell('C2').value = { error: '#REF!' };
  });
  const withFormula = await workbookOf((book) => {
    put(book, 'TB', plain).getCell('C2').value = { formula: 'B2*2' } as ExcelJS.CellFormulaValue;
  });
  return [
    ...(await Promise.all(books)),
    good('a cover sheet first', withCover),
    bad('an error in a cell', withError),
    bad('a formula without a value', withFormula),
  ];
}

async function workIn(key: AnswerKey, bytes: Uint8Array): Promise<Result<TableWork>> {
  const read = await readIncoming(bytes, async (table) => tableIn(table));
  if (!read.ok) return read;
  if (read.value.kind !== 'table') throw new Error('a table was expected');
  return workFromTable(key, read.value.cells);
}

/** What is wrong with how a file was read; nothing where it is right. */
function faultsIn(
  key: AnswerKey,
  rows: readonly Row[],
  { shape, work }: { readonly shape: Shape; readonly work: Result<TableWork> },
): string[] {
  if (!work.ok) return shape.isReadable ? [`refused: ${work.refusals[0]?.says ?? ''}`] : [];
  const { book, faults, said, balancesAt } = work.value;
  const options = { start: emptyStart(key.book), said, ...(balancesAt ? { balancesAt } : {}) };
  const checked = checkWork(key, book, options);
  if (!shape.isReadable)
    return faults.length > 0 || checked.points === 0
      ? []
      : [`read without a word, ${checked.points} points`];
  const byName = new Map(book.accounts.map((each) => [each.name, each.id]));
  const amounts = rows
    .filter(({ name, balance }) => (book.opening.balances[byName.get(name) ?? ''] ?? 0) !== balance)
    .map(
      (row) =>
        `${row.name}: ${book.opening.balances[byName.get(row.name) ?? ''] ?? 'nothing'} instead of ${row.balance}`,
    );
  const extra = book.accounts.filter(({ name }) => !rows.some((row) => row.name === name));
  return [
    ...faults.map(({ says }) => says),
    ...amounts,
    ...extra.map(({ name }) => `taken for an account: ${name}`),
    ...checked.results
      .filter(({ outcome }) => outcome === 'not-met')
      .map((result) => `false alarm: ${result.ref} ${JSON.stringify(result.facts)}`),
    ...(checked.points === checked.of && checked.of > 0
      ? []
      : [`${checked.points} of ${checked.of}`]),
  ];
}

/** Reads every shape of file of a key's own balances; answers how many there were and what was misread. */
export async function readAllShapes(
  say: (line: string) => void,
): Promise<{ count: number; misread: number }> {
  const key = keyOf(ternIsland(), {
    statementDates: [
      { statement: 'balance-sheet', at: AT },
      { statement: 'profit-and-loss', from: '2027-01-01', to: AT },
    ],
  });
  const rows = rowsOf(key, AT);
  const plain = layout('debit and credit', rows);
  const shapes = [
    ...layoutShapes(rows),
    ...textShapes(rows, plain),
    ...(await moreShapes(rows)),
    ...(await workbookShapes(rows, plain)),
  ];
  let misread = 0;
  for (const shape of shapes) {
    const faults = faultsIn(key, rows, { shape, work: await workIn(key, shape.bytes) });
    if (faults.length === 0) continue;
    misread++;
    say(`file, ${shape.name}:`);
    for (const fault of faults.slice(0, 6)) say(`  ${fault}`);
  }
  return { count: shapes.length, misread };
}
