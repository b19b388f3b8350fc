import { ledgerSheet, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import { PaperRow } from '../handouts/HandoutPaper';
import type { Choice } from './use-choice';
import styles from './statements.module.css';

/** As the styles have them: an account's heading stands a little apart. */
const ROW_HEIGHT = 26.5;
const HEADING_HEIGHT = 33.5;

/** Every account with its postings, one under the other, each with the balance after it. */
export function LedgerSheet({ book, choice }: { book: Book; choice: Choice }) {
  const { from, to } = choice.period;
  const sheet = useMemo(() => ledgerSheet(book, { from, to }), [book, from, to]);
  const { columns, rows, subtitle } = sheet;
  if (rows.length === 0) return <p className="quiet">Nothing was posted in this period.</p>;
  return (
    <>
      <h2>Ledger</h2>
      <p className="quiet">{subtitle}</p>
      <table className={`lines-table ${styles['ledger']}`}>
        <TableHead
          names={columns.filter(({ isFigure }) => !isFigure).map(({ name }) => name)}
          figures={columns.filter(({ isFigure }) => isFigure).map(({ name }) => name)}
        />
        <LongRows
          of={rows}
          rowHeight={({ kind }) => (kind === 'heading' ? HEADING_HEIGHT : ROW_HEIGHT)}
          row={(row, i) => <PaperRow key={i} handout={sheet} row={row} />}
        />
      </table>
    </>
  );
}
