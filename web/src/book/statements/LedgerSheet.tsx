import { ENTRY_KINDS, ledgerSheet, subledgersOf, type Book, type PartyKind } from '@gleddo/core';
import { useMemo } from 'react';
import { useLocation } from 'react-router';
import { LongRows } from '../../platform/figures/LongRows';
import { TableHead } from '../../platform/figures/TableHead';
import { QuickSelect } from '../../platform/figures/QuickSelect';
import { pathBeside } from '../../platform/shell/path-beside';
import { PaperRow } from '../handouts/HandoutPaper';
import { accountOptions } from '../journal/account-options';
import { KIND_NAMES } from '../journal/entry-draft';
import { BY_LABEL } from '../../platform/figures/by-label';
import type { Choice } from './use-choice';
import styles from './statements.module.css';

/** As the styles have them: an account's heading stands a little apart. */
const ROW_HEIGHT = 26.5;
const HEADING_HEIGHT = 33.5;

/** Every account with its postings, one under the other, each with the balance after it. */
export function LedgerSheet({ book, choice }: { book: Book; choice: Choice }) {
  const { from, to } = choice.period;
  const { account, party, kind } = choice.ledger;
  const sheet = useMemo(
    () => ledgerSheet(book, { from, to }, { account, party, kind }),
    [book, from, to, account, party, kind],
  );
  const journal = pathBeside(useLocation().pathname, 'journal');
  const toEntry = (entry: string) => `${journal}?entry=${encodeURIComponent(entry)}`;
  const { columns, rows, subtitle } = sheet;
  return (
    <>
      <h2>Ledger</h2>
      <p className="quiet">{subtitle}</p>
      <OneOf {...{ book, choice }} />
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

const PARTY = 'party:';
const KINDS = ENTRY_KINDS.map((value) => ({ value, label: KIND_NAMES[value] }));

/** Accounts, and whoever owes or is owed, each among its own. */
function oneOf(book: Book, chosen: string) {
  const { parties } = subledgersOf(book);
  const whose = (kind: PartyKind) =>
    parties
      .filter((party) => party.kind === kind)
      .map(({ id, name }) => ({ value: `${PARTY}${id}`, label: name }));
  return [
    { label: 'Accounts', options: accountOptions(book, chosen) },
    { label: 'Customers', options: whose('customer') },
    { label: 'Suppliers', options: whose('supplier') },
  ].filter(({ options }) => options.length > 0);
}

/** All accounts, or one of them, or one customer or supplier; all entries, or those of a kind. */
function OneOf({ book, choice: { ledger, set } }: { book: Book; choice: Choice }) {
  const { account, party, kind } = ledger;
  const options = useMemo(() => oneOf(book, account ?? ''), [book, account]);
  const choose = (of: string | null = null) =>
    of?.startsWith(PARTY)
      ? set({ of: null, party: of.slice(PARTY.length) })
      : set({ of, party: null });
  return (
    <div className="list-tools">
      <QuickSelect
        aria-label="Which account, customer or supplier"
        style={{ width: '17.5rem' }}
        showSearch={BY_LABEL}
        allowClear
        placeholder="All accounts"
        value={party === null ? account : `${PARTY}${party}`}
        options={options}
        onChange={choose}
      />
      <QuickSelect
        aria-label="Which kind of entries"
        style={{ width: '12rem' }}
        showSearch={BY_LABEL}
        allowClear
        placeholder="All entries"
        value={kind}
        options={KINDS}
        onChange={(chosen?: string | null) => set({ kind: chosen ?? null })}
      />
    </div>
  );
}
