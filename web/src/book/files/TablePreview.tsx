import {
  COLUMN_KINDS,
  formatAmount,
  sectionOfType,
  typeOf,
  type ColumnKind,
  type Columns,
  type Scheme,
  type SignConvention,
  writingOf,
  type Company,
} from '@gleddo/core';
import { Select } from 'antd';
import type { ReactNode } from 'react';
import { GuessMark } from '../../platform/figures/GuessMark';
import { KIND_NAMES, SIGN_NAMES } from './table-names';
import type { TableReading } from './use-table-file';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './files.module.css';

interface TablePreviewProps {
  readonly cells: readonly (readonly string[])[];
  readonly reading: TableReading;
  readonly scheme: Scheme;
  readonly company: Company;
}

/** What was understood of a table, row by row, before anything is made of it. */
export function TablePreview({ cells, reading, scheme, company }: TablePreviewProps) {
  const { table, refusals } = reading;
  return (
    <>
      <ColumnChoice cells={cells} reading={reading} />
      <Refusal says={refusals} />
      {table && table.faults.length > 0 && (
        <div role="alert">
          <p className="refusal">
            {table.faults.length === 1 ? 'A row' : `${table.faults.length} rows`} can’t be read and
            will be left out:
          </p>
          <ul className="refusal">
            {table.faults.slice(0, 12).map((fault) => (
              <li key={fault.at}>{fault.says}</li>
            ))}
          </ul>
        </div>
      )}
      {table && <Understood reading={reading} scheme={scheme} company={company} />}
    </>
  );
}

/** Which column holds what, and what amounts above zero are; both can be changed. */
export function ColumnChoice({ cells, reading }: Pick<TablePreviewProps, 'cells' | 'reading'>) {
  const { columns, headingRow, table, setColumns } = reading;
  const width = Math.max(0, ...cells.slice(0, 50).map((row) => row.length));
  const kindOf = (column: number) => COLUMN_KINDS.find((kind) => columns[kind] === column) ?? '';
  const choose = (column: number, kind: ColumnKind | '') => {
    const rest = Object.entries(columns).filter(([each, at]) => at !== column && each !== kind);
    const next: Partial<Record<ColumnKind, number>> = Object.fromEntries(rest);
    setColumns((kind === '' ? next : { ...next, [kind]: column }) as Columns);
  };
  return (
    <div className={styles['column-choice']}>
      {Array.from({ length: Math.min(width, 12) }, (_, i) => (
        <label key={i}>
          <span className="quiet">{cells[headingRow]?.[i]?.trim() || `Column ${i + 1}`}</span>
          <Select
            size="small"
            aria-label={`Column ${i + 1} holds`}
            value={kindOf(i)}
            onChange={(kind: ColumnKind | '') => choose(i, kind)}
            options={[
              { value: '', label: 'not used' },
              ...COLUMN_KINDS.map((kind) => ({ value: kind, label: KIND_NAMES[kind] })),
            ]}
          />
        </label>
      ))}
      {table?.signed && <SignChoice reading={reading} />}
    </div>
  );
}

function SignChoice({ reading: { sign, setSign } }: Pick<TablePreviewProps, 'reading'>) {
  return (
    <label>
      <span className="quiet">Amounts above zero are</span>
      <Select
        size="small"
        aria-label="Amounts above zero are"
        value={sign}
        onChange={(value: SignConvention) => setSign(value)}
        options={SIGN_NAMES}
      />
    </label>
  );
}

const MOST_SHOWN = 400;

function placeSaid(scheme: Scheme, id: string | null): ReactNode {
  const type = typeOf(scheme, id);
  if (!type) return <span className="is-notice">not placed yet</span>;
  return `${sectionOfType(scheme, type.id)?.name} › ${type.name}`;
}

function Understood({ reading, scheme, company }: Omit<TablePreviewProps, 'cells'>) {
  const { table } = reading;
  if (!table) return null;
  const writing = writingOf(company);
  return (
    <div className="understood" role="region" aria-label="Row by row" tabIndex={0}>
      <table className="lines-table">
        <TableHead
          names={['Row', 'Number', 'Name', 'Placed in']}
          figures={[table.signed ? 'Amount' : 'Debit (credit)']}
        />
        <tbody>
          {table.rows.slice(0, MOST_SHOWN).map((row) => (
            <tr key={row.row}>
              <td className="quiet">{row.row}</td>
              <td>{row.number}</td>
              <td>{row.name}</td>
              <td>
                {placeSaid(scheme, row.type)}
                {row.guessed && <GuessMark />}
              </td>
              <td className="figure">
                {row.amount === null ? '' : formatAmount(row.amount, writing)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {table.skipped.length > 0 && (
        <p className="quiet">
          Not taken as accounts:{' '}
          {table.skipped.map((each) => `row ${each.row}: ${each.says}`).join(' ')}
        </p>
      )}
    </div>
  );
}
