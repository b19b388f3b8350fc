import {
  doubledNumbers,
  newBookFromTable,
  SHIPPED_SCHEMES,
  shippedScheme,
  sum,
  type AccountTable,
  type Book,
  type Scheme,
} from '@gleddo/core';
import { Button, Upload } from 'antd';
import { useMemo, useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { moneyOf } from '../../platform/figures/money';
import { Refusal } from '../../platform/shell/Refusal';
import { TablePreview } from '../../book/files/TablePreview';
import { readChosen, useTableReading, type ChosenFile } from '../../book/files/use-table-file';
import { wantedBook, type Frame } from './begin-from';

interface FromFileProps {
  readonly frame: Frame;
  readonly busy: boolean;
  make(book: Book): void;
}

/** A company from a file: a book of Gleddo's own, or a table of accounts and balances. */
export function FromFile({ frame, busy, make }: FromFileProps) {
  const [chosen, setChosen] = useState<ChosenFile | null>(null);
  return (
    <>
      <p>
        A book file (<code>.book.json</code>), or a table of accounts and balances as CSV or XLSX,
        from any spreadsheet or accounting program. You see what was understood before anything is
        made.
      </p>
      <Upload
        accept=".json,.csv,.tsv,.txt,.xlsx,.ods"
        showUploadList={false}
        beforeUpload={(file) => {
          void readChosen(file).then(setChosen);
          return false;
        }}
      >
        <Button>Choose a file</Button>
      </Upload>
      {chosen && <span className="quiet"> {chosen.name}</span>}
      {chosen?.kind === 'refused' && <Refusal says={chosen.says} />}
      {chosen?.kind === 'book' && <WholeBook {...{ chosen, frame, busy, make }} />}
      {chosen?.kind === 'cells' && <OfTable {...{ chosen, frame, busy, make }} />}
    </>
  );
}

type Chosen<K extends ChosenFile['kind']> = FromFileProps & {
  readonly chosen: Extract<ChosenFile, { kind: K }>;
};

function WholeBook({ chosen, frame, busy, make }: Chosen<'book'>) {
  const { book } = chosen;
  const company = { ...book.company, name: frame.company.name.trim() || book.company.name };
  return (
    <div style={{ marginTop: '0.75rem' }}>
      <p>
        <strong>{book.company.name}</strong>: {counted(book.accounts.length, 'account')},{' '}
        {counted(book.entries.length, 'entry', 'entries')}. It is taken whole, with its own year and
        currency; a name typed on the left goes before its own.
      </p>
      <Button type="primary" loading={busy} onClick={() => make({ ...book, company })}>
        Open the book
      </Button>
    </div>
  );
}

function OfTable({ chosen, frame, busy, make }: Chosen<'cells'>) {
  const scheme = shippedScheme(frame.scheme) ?? (SHIPPED_SCHEMES[0] as Scheme);
  const reading = useTableReading(chosen.cells, scheme, frame.company);
  const { table, sign } = reading;
  const book = useMemo(
    () => (table ? newBookFromTable(table, wantedBook(frame), sign) : null),
    [table, frame, sign],
  );
  return (
    <div style={{ marginTop: '0.75rem' }}>
      <TablePreview
        cells={chosen.cells}
        reading={reading}
        scheme={scheme}
        company={frame.company}
      />
      {table && <Doubles table={table} />}
      {book && <InBalance book={book} />}
      <Button
        type="primary"
        loading={busy}
        disabled={!book || table?.rows.length === 0}
        onClick={() => book && make(book)}
      >
        Open the book with {table?.rows.length ?? 0} accounts
      </Button>
    </div>
  );
}

function Doubles({ table }: { table: AccountTable }) {
  const doubled = doubledNumbers(table);
  if (doubled.length === 0) return null;
  return (
    <p className="is-notice">
      {doubled.join(', ')} {doubled.length === 1 ? 'stands' : 'stand'} twice in the table. The
      second account of each comes in without a number; give it one on the chart.
    </p>
  );
}

function InBalance({ book }: { book: Book }) {
  const amounts = Object.values(book.opening.balances);
  if (amounts.length === 0) return null;
  const difference = sum(amounts);
  const money = moneyOf(book);
  return difference === 0 ? (
    <p className="is-met">✓ The balances are in balance; they become the opening balances.</p>
  ) : (
    <p className="is-notice">
      The balances are {money(Math.abs(difference))} apart, more in{' '}
      {difference > 0 ? 'debit' : 'credit'}. The difference will wait in suspense until it is found.
    </p>
  );
}
