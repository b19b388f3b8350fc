import { ledgerSheet, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { useLocation } from 'react-router';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import { QuickSelect } from '../../platform/figures/QuickSelect';
import { pathBeside } from '../../platform/shell/path-beside';
import { PaperRow } from '../handouts/HandoutPaper';
import { accountOptions, SEARCH } from '../journal/account-options';
import type { Choice } from './use-choice';
import styles from './statements.module.css';

/** As the styles have them: an account's heading stands a little apart. */
const ROW_HEIGHT = 26.5;
const HEADING_HEIGHT = 33.5;

/** Every account with its postings, one under the other, each with the balance after it. */
export function LedgerSheet({ book, choice }: { book: Book; choice: Choice }) {
  const { from, to } = choice.period;
  const { ledgerOf } = choice;
  const sheet = useMemo(
    () => ledgerSheet(book, { from, to }, ledgerOf),
    [book, from, to, ledgerOf],
  );
  const journal = pathBeside(useLocation().pathname, 'journal');
  const toEntry = (entry: string) => `${journal}?entry=${encodeURIComponent(entry)}`;
  const { columns, rows, subtitle } = sheet;
  return (
    <>
      <h2>Ledger</h2>
      <p className="quiet">{subtitle}</p>
      <OneAccount {...{ book, choice }} />
      {rows.length === 0 && <p className="quiet">Nothing was posted in this period.</p>}
      <table className={`lines-table ${styles['ledger']}`}>
        <TableHead
          names={columns.filter(({ isFigure }) => !isFigure).map(({ name }) => name)}
          figures={columns.filter(({ isFigure }) => isFigure).map(({ name }) => name)}
        />
        <LongRows
          of={rows}
          rowHeight={({ kind }) => (kind === 'heading' ? HEADING_HEIGHT : ROW_HEIGHT)}
          row={(row, i) => <PaperRow key={i} handout={sheet} {...{ row, toEntry }} />}
        />
      </table>
    </>
  );
}

/** All accounts, or one of them. */
function OneAccount({ book, choice }: { book: Book; choice: Choice }) {
  const options = useMemo(
    () => accountOptions(book, choice.ledgerOf ?? ''),
    [book, choice.ledgerOf],
  );
  return (
    <QuickSelect
      aria-label="Which account"
      style={{ width: '17.5rem' }}
      showSearch={SEARCH}
      allowClear
      placeholder="All accounts"
      value={choice.ledgerOf}
      options={options}
      onChange={(of: string | null) => choice.set({ of: of ?? null })}
    />
  );
}
