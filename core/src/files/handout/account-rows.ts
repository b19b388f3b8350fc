import { openingOf, type Account, type Book } from '../../model/book/book.js';
import { chartOf, NOT_PLACED, type ChartRow } from '../../model/book/place.js';
import type { Amount } from '../../model/money/amount.js';
import { ALL_ACCOUNTS, listAccounts } from '../../model/placing/chart-list.js';
import { normalSide, typeOf } from '../../model/scheme/scheme.js';
import type { HandoutCell, HandoutColumn, HandoutRow, HandoutWanted } from './sheet.js';

interface Column extends HandoutColumn {
  write(account: Account): HandoutCell;
}

interface Made {
  readonly columns: readonly HandoutColumn[];
  readonly rows: readonly HandoutRow[];
}

/** The accounts in use, one a row; under their sections where the order and the answers allow it. */
export function accountRows(book: Book, wanted: HandoutWanted): Made {
  const columns = columnsOf(book, wanted);
  const row = ({ account, depth }: ChartRow): HandoutRow => ({
    kind: 'row',
    depth,
    cells: columns.map((column) => column.write(account)),
  });
  const isGrouped = wanted.answers && wanted.order === 'number';
  const rows = isGrouped ? grouped(book, row) : listed(book, wanted).map(row);
  return { columns: columns.map(({ write: _, ...column }) => column), rows };
}

const isShown = ({ account }: ChartRow): boolean => !account.retired;

function grouped(book: Book, row: (of: ChartRow) => HandoutRow): HandoutRow[] {
  const sections = [...book.scheme.sections, { id: NOT_PLACED, name: 'Not placed' }];
  return sections.flatMap(({ id, name }) => {
    const inside = (chartOf(book).get(id) ?? []).filter(isShown);
    if (inside.length === 0) return [];
    return [{ kind: 'heading' as const, depth: 0, cells: [name] }, ...inside.map(row)];
  });
}

const listed = (book: Book, { order }: HandoutWanted): ChartRow[] =>
  listAccounts(book, {
    ...ALL_ACCOUNTS,
    use: 'in-use',
    order: book.numberPlan || order === 'name' ? order : 'chart',
  }).map((account) => ({ account, depth: 0 }));

const column = (name: string, share: number, write: Column['write']): Column => ({
  name,
  share,
  write,
  isFigure: false,
});

const empty = (): string => '';

function columnsOf(book: Book, { kind, answers }: HandoutWanted): Column[] {
  const numbered = book.numberPlan !== null;
  const name = { ...column('Name', 5, (account) => account.name), isIndented: true };
  const number = column('Number', 1.4, answers ? ({ number: of }) => of ?? '' : empty);
  const typeName = (account: Account) => typeOf(book.scheme, account.type)?.name ?? '';
  const type = column('Type', 3.4, answers ? typeName : empty);
  return [
    ...(numbered && (answers || kind === 'chart') ? [number] : []),
    name,
    ...(kind === 'chart' && !answers ? [column('Statement and section', 3.4, empty)] : []),
    ...(answers || kind === 'chart' ? [type] : []),
    ...(kind === 'chart' ? chartColumns(book, answers) : openingColumns(book, answers)),
    ...noteColumn(book),
  ];
}

function chartColumns(book: Book, answers: boolean): Column[] {
  const side = (account: Account) => {
    const type = typeOf(book.scheme, account.type);
    return type ? normalSide(book.scheme, type) : '';
  };
  const { lines, codes } = book.taxLists;
  return [
    column('Side', 1.1, answers ? side : empty),
    ...(answers && lines.length > 0 ? [column('Tax line', 1.1, (a) => a.taxLine ?? '')] : []),
    ...(answers && codes.length > 0 ? [column('Tax code', 1.1, (a) => a.taxCode ?? '')] : []),
  ];
}

/** Without answers the amount stands alone: on which side it belongs is for the student to say. */
function openingColumns(book: Book, answers: boolean): Column[] {
  const money = (amount: Amount): HandoutCell => (amount > 0 ? { amount } : '');
  const opening = (account: Account) => openingOf(book, account.id);
  const figures = (name: string, write: Column['write']): Column => ({
    ...column(name, 1.6, write),
    isFigure: true,
  });
  if (!answers) return [figures('Opening balance', (a) => money(Math.abs(opening(a))))];
  return [figures('Debit', (a) => money(opening(a))), figures('Credit', (a) => money(-opening(a)))];
}

function noteColumn(book: Book): Column[] {
  const hasNotes = book.accounts.some((account) => account.description !== null);
  return hasNotes ? [column('Note', 4, (account) => account.description ?? '')] : [];
}
