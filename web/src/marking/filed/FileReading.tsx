import {
  COLUMN_KINDS,
  columnsIn,
  type ColumnKind,
  type Columns,
  type SignConvention,
  type TableWork,
} from '@gleddo/core';
import { Select } from 'antd';
import { counted } from '../../platform/figures/counted';
import { moneyOf } from '../../platform/figures/money';
import { KIND_NAMES, SIGN_NAMES } from '../../book/files/table-names';
import { Refusal } from '../../platform/shell/Refusal';
import type { Looked } from './filed-work';
import type { Files } from './use-files';
import styles from './filed.module.css';

const ROWS_SHOWN = 14;
const COLUMNS_SHOWN = 10;

interface FileReadingProps {
  readonly shown: Looked;
  readonly change: Files['change'];
}

/** How a table was read: its columns, which can be changed, its first rows, its sign, and what could not be read. */
export function FileReading({ shown, change }: FileReadingProps) {
  const { file, marks } = shown;
  const { incoming } = file;
  if (!incoming) return null;
  if (incoming.kind !== 'table') return <p className="quiet">A whole book, saved from here.</p>;
  const table = typeof marks === 'string' ? null : marks.table;
  const found = table?.table.found ?? columnsIn(incoming.cells);
  const changeColumns = (columns: Columns) =>
    change(file.id, { choice: { ...file.choice, columns }, sent: 'not yet' });
  return (
    <>
      <p className="quiet">
        {incoming.sheet !== null && `Sheet “${incoming.sheet}”. `}
        {found.headingRow >= 0
          ? `Headings in row ${found.headingRow + 1}.`
          : 'No headings: the columns were told by what stands in them.'}{' '}
        {table?.notes.join(' ')}
      </p>
      {table?.table.signed && <SignOf table={table} shown={shown} change={change} />}
      <Cells
        cells={incoming.cells}
        columns={found.columns}
        from={found.headingRow + 1}
        shown={shown}
        onChange={changeColumns}
      />
      <Refusal says={table && saidOf(table.faults)} />
    </>
  );
}

const MOST_FAULTS = 8;

/** The first faults, and how many more there are. */
function saidOf(faults: TableWork['faults']): string[] {
  const first = faults.slice(0, MOST_FAULTS).map(({ says }) => says);
  const more = faults.length - first.length;
  return more > 0 ? [...first, `${more} more rows can’t be read.`] : first;
}

function SignOf({ table, shown: { file }, change }: FileReadingProps & { table: TableWork }) {
  return (
    <label>
      Amounts above zero are{' '}
      <Select
        size="small"
        style={{ width: '15.625rem' }}
        aria-label="What amounts above zero are"
        value={table.sign}
        options={SIGN_NAMES}
        onChange={(sign: SignConvention) =>
          change(file.id, { choice: { ...file.choice, sign }, sent: 'not yet' })
        }
      />
    </label>
  );
}

interface CellsProps {
  readonly cells: readonly (readonly string[])[];
  readonly columns: Columns;
  /** The first row below the headings. */
  readonly from: number;
  readonly shown: Looked;
  onChange(columns: Columns): void;
}

function Cells({ cells, columns, from, shown, onChange }: CellsProps) {
  const rows = cells.slice(from, from + ROWS_SHOWN);
  const widest = Math.max(0, ...rows.map((row) => row.length));
  const width = Math.min(COLUMNS_SHOWN, widest);
  const readAs = readings(shown);
  return (
    <div className={styles['cells']}>
      <table>
        <thead>
          <tr>
            {Array.from({ length: width }, (_, at) => (
              <th key={at}>
                <KindOf at={at} columns={columns} onChange={onChange} />
              </th>
            ))}
            <th>read as</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, i) => {
            const says = readAs.get(from + i + 1) ?? '';
            return (
              <tr key={i} className={says.startsWith('a ') ? styles['none'] : ''}>
                {Array.from({ length: width }, (_, at) => (
                  <td key={at} className={isAmount(columns, at) ? styles['amount'] : ''}>
                    {row[at]}
                  </td>
                ))}
                <td>{says}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="quiet">{moreSaid(cells.length - from, widest)}</p>
    </div>
  );
}

const more = (count: number, of: string): string => (count > 0 ? `${counted(count, of)} more` : '');

/** What of a table is not shown. */
const moreSaid = (rows: number, columns: number): string =>
  [more(rows - ROWS_SHOWN, 'row'), more(columns - COLUMNS_SHOWN, 'column')]
    .filter((each) => each !== '')
    .join(', ');

const AMOUNTS: readonly ColumnKind[] = [
  'debit',
  'credit',
  'amount',
  'opening-debit',
  'opening-credit',
  'opening',
];
const isAmount = (columns: Columns, at: number): boolean =>
  AMOUNTS.some((kind) => columns[kind] === at);

/** What each row was taken for: an account with its balance, a heading, a total. */
function readings({ marks }: Looked): ReadonlyMap<number, string> {
  if (typeof marks === 'string' || !marks.table) return new Map();
  const { rows, skipped } = marks.table.table;
  const { accounts, opening } = marks.book;
  const money = moneyOf(marks.book);
  const says = (amount: number) =>
    amount === 0 ? 'an account' : `${amount > 0 ? 'debit' : 'credit'} ${money(Math.abs(amount))}`;
  return new Map([
    ...rows.map(({ row }, i) => [row, says(opening.balances[accounts[i]?.id ?? ''] ?? 0)] as const),
    ...skipped.map(
      ({ row, says }) => [row, says.includes('total') ? 'a total' : 'a heading'] as const,
    ),
  ]);
}

const LEFT_OUT = 'left-out';
const KINDS = [
  { value: LEFT_OUT, label: 'left out' },
  ...COLUMN_KINDS.map((kind) => ({ value: kind as string, label: KIND_NAMES[kind] })),
];

function KindOf({
  at,
  columns,
  onChange,
}: {
  at: number;
  columns: Columns;
  onChange(columns: Columns): void;
}) {
  const kind = COLUMN_KINDS.find((each) => columns[each] === at) ?? LEFT_OUT;
  const choose = (next: string) => {
    const rest = Object.entries(columns).filter(([each, column]) => column !== at && each !== next);
    onChange(
      Object.fromEntries(next === LEFT_OUT ? rest : [...rest, [next as ColumnKind, at]]) as Columns,
    );
  };
  return (
    <Select
      size="small"
      style={{ width: '9.25rem' }}
      aria-label={`What column ${at + 1} holds`}
      value={kind}
      options={KINDS}
      popupMatchSelectWidth={false}
      onChange={choose}
    />
  );
}
