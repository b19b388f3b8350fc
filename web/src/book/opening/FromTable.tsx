import {
  balancesInTable,
  cellsOf,
  signByArithmetic,
  type AccountTable,
  type SignConvention,
} from '@gleddo/core';
import { Input } from 'antd';
import { useMemo } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { ChooseTable } from '../files/ChooseTable';
import { ColumnChoice } from '../files/TablePreview';
import { usePastedCells } from '../files/use-pasted-cells';
import { useTableReading, type Cells, type TableReading } from '../files/use-table-file';
import { Refusal } from '../../platform/shell/Refusal';
import { Going, type TakingEnds } from './Going';

const OF_ITS_OWN =
  'This file is a whole book, not a table. Open it as a company, then take its closing balances.';

/** Balances from a spreadsheet: pasted, or as a file; two columns of amounts, or one signed one. */
export function FromTable({ ends }: { readonly ends: TakingEnds }) {
  const { answer } = useOpenBook();
  const { text, type, forget, choose, cells, says } = usePastedCells({
    name: `${answer.id}.openings`,
    ofBook: OF_ITS_OWN,
    read: cellsOf,
  });
  const cleared: TakingEnds = {
    onDone() {
      forget();
      ends.onDone();
    },
    onBeside(source) {
      forget();
      ends.onBeside(source);
    },
  };
  return (
    <>
      <p>
        Paste a list of balances, or choose a file (CSV, XLSX): a number or a name on each row, and
        debit and credit, or one amount with its sign.
      </p>
      <Input.TextArea
        aria-label="Balances from a spreadsheet"
        autoSize={{ minRows: 3, maxRows: 6 }}
        value={text}
        onChange={(event) => type(event.target.value)}
      />
      <ChooseTable onChoose={(file) => void choose(file)} />
      <Refusal says={says} />
      {cells && <OfCells key={cells.length} cells={cells} ends={cleared} />}
    </>
  );
}

/** The sign that arithmetic says, until another is chosen. */
function useSign(reading: TableReading): SignConvention {
  const { book } = useOpenBook();
  const { table } = reading;
  const byArithmetic = useMemo(
    () => (table ? signByArithmetic(book, table) : reading.sign),
    [book, table, reading.sign],
  );
  return reading.isSignChosen ? reading.sign : byArithmetic;
}

function OfCells({ cells, ends }: { cells: Cells; ends: TakingEnds }) {
  const { book } = useOpenBook();
  const reading = useTableReading(cells, book.scheme, book.company);
  const sign = useSign(reading);
  const { table, refusals } = reading;
  return (
    <>
      <ColumnChoice cells={cells} reading={{ ...reading, sign }} />
      <Refusal says={[...refusals, ...(table?.faults ?? []).map((fault) => fault.says)]} />
      {table && <OfTable {...{ table, sign, ends }} />}
    </>
  );
}

interface OfTableProps {
  readonly table: AccountTable;
  readonly sign: SignConvention;
  readonly ends: TakingEnds;
}

function OfTable({ table, sign, ends }: OfTableProps) {
  const { book } = useOpenBook();
  const found = useMemo(() => balancesInTable(book, table, sign), [book, table, sign]);
  return (
    <>
      <Going {...{ found, ends }} at={null} title="Balances from a table" />
      {table.skipped.length > 0 && (
        <p className="quiet">
          Not taken as accounts:{' '}
          {table.skipped.map((each) => `row ${each.row}: ${each.says}`).join(' ')}
        </p>
      )}
    </>
  );
}
