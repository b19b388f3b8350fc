import {
  accountLabel,
  besideOpenings,
  openingsSheet,
  type BalanceBeside,
  type Book,
  type SheetShown,
  type SourceBalances,
} from '@gleddo/core';
import { Button } from 'antd';
import { useMemo } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { moneyWith, type Money } from '../../platform/figures/money';
import { Paper } from '../papers/Paper';
import { SheetsOnRequest } from '../handouts/SheetsOnRequest';
import type { Beside } from './use-sheet-beside';
import styles from './opening.module.css';

interface SheetBesideProps {
  readonly source: SourceBalances;
  readonly beside: Beside;
}

/** A balance sheet to copy from, beside the opening balances: what stands in the books is ticked, what differs is told. */
export function SheetBeside({ source, beside }: SheetBesideProps) {
  const { book } = useOpenBook();
  const { rows, notStated } = useMemo(() => besideOpenings(book, source), [book, source]);
  const amounts = rows.flatMap(({ found, apart }) => [found.amount, apart]);
  // Written as the opening balances are, whatever entries say.
  const money = moneyWith({ ...book, entries: [] }, amounts);
  const standing = rows.filter(({ apart }) => apart === 0).length;
  return (
    <aside className={styles['beside']} aria-label="Balance sheet to copy from">
      <Paper
        sheet={asSheet(rows, source.title, money)}
        company={source.title}
        pictures=""
        ticking={{
          isTicked: (at) => beside.isTicked(rows[at]?.found.row ?? -1),
          onTick: (at) => beside.tick(rows[at]?.found.row ?? -1),
        }}
      />
      <p role="status" className={standing === rows.length ? 'is-met' : 'quiet'}>
        {standing} of {rows.length} stand in the books.
        {notStated.length > 0 && ` Not on it: ${namesOf(notStated, money)}.`}
      </p>
      <Foot {...{ book, source, beside }} />
    </aside>
  );
}

function Foot({ book, source, beside }: SheetBesideProps & { readonly book: Book }) {
  return (
    <div className="slip-actions">
      <SheetsOnRequest
        label="Print or save both"
        name={`${book.company.name}, opening balances compared`}
        make={() => [openingsSheet(book, source)]}
      />
      <Button type="text" className="last" onClick={beside.putAway}>
        Put it away
      </Button>
    </div>
  );
}

type NotStated = ReturnType<typeof besideOpenings>['notStated'];

const NAMED = 2;

function namesOf(notStated: NotStated, money: Money): string {
  const names = notStated.map(
    ({ account, here }) => `${accountLabel(account)}, ${sided(here, money)}`,
  );
  const more = names.length - NAMED;
  return [...names.slice(0, NAMED), ...(more > 0 ? [`and ${more} more`] : [])].join('; ');
}

const AMOUNTS = ['Debit', 'Credit'].map((title) => ({ title, isAmount: true }));

/** The rows as a paper has them, each with what differs here. */
function asSheet(rows: readonly BalanceBeside[], title: string, money: Money): SheetShown {
  return {
    ...{ id: 'beside', title, note: 'Copied row by row', picture: null },
    columns: [{ title: 'Account', isAmount: false }, ...AMOUNTS],
    rows: rows.map(({ found, account, here, apart }) => ({
      cells: [
        found.name,
        found.amount > 0 ? money(found.amount) : '',
        found.amount < 0 ? money(-found.amount) : '',
      ],
      stands: apart === 0,
      ...(apart === 0 || (account && here === 0)
        ? {}
        : { says: account ? `here ${sided(here, money)}` : 'no account of that name yet' }),
    })),
  };
}

const sided = (amount: number, money: Money): string =>
  `${money(Math.abs(amount))} in ${amount > 0 ? 'debit' : 'credit'}`;
