import { changesInEquity, EQUITY_COLUMNS, type Book, type EquityColumn } from '@gleddo/core';
import { periodText } from '../figures/days';
import type { Money } from '../figures/money';
import { TableHead } from '../figures/TableHead';
import type { Choice } from './use-choice';

const NAMES: Readonly<Record<EquityColumn, string>> = {
  opening: 'at the beginning',
  restated: 'restated',
  profit: 'profit',
  contributed: 'contributed',
  takenOut: 'taken out',
  between: 'between them',
  closing: 'at the end',
};

/** Shown only where something stands in them. */
const SELDOM: ReadonlySet<EquityColumn> = new Set(['restated', 'between']);

export function EquitySheet({ book, choice, money }: { book: Book; choice: Choice; money: Money }) {
  const { rows, total } = changesInEquity(book, choice.period);
  const columns = EQUITY_COLUMNS.filter(
    (column) => !SELDOM.has(column) || rows.some((row) => row[column] !== 0),
  );
  const figures = (row: Readonly<Record<EquityColumn, number>>) =>
    columns.map((column) => (
      <td key={column} className="figure">
        {money(row[column])}
      </td>
    ));
  return (
    <>
      <h2>Changes in equity</h2>
      <p className="quiet">{periodText(choice.period)}</p>
      <table className="lines-table">
        <TableHead names={['Equity account']} figures={columns.map((column) => NAMES[column])} />
        <tbody>
          {rows.map((row) => (
            <tr key={row.account?.id ?? 'profit'}>
              <td>{row.account?.name ?? 'Profit not yet closed'}</td>
              {figures(row)}
            </tr>
          ))}
          <tr className="total">
            <td>Total equity</td>
            {figures(total)}
          </tr>
        </tbody>
      </table>
    </>
  );
}
