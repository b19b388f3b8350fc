import {
  changesInEquity,
  EQUITY_COLUMN_NAMES,
  equityColumnsShown,
  type Book,
  type EquityColumn,
} from '@gleddo/core';
import { periodText } from '../../platform/figures/days';
import type { Money } from '../../platform/figures/money';
import { TableHead } from '../../platform/figures/TableHead';
import type { Choice } from './use-choice';

export function EquitySheet({ book, choice, money }: { book: Book; choice: Choice; money: Money }) {
  const changes = changesInEquity(book, choice.period);
  const { rows, total } = changes;
  const columns = equityColumnsShown(changes);
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
        <TableHead
          names={['Equity account']}
          figures={columns.map((column) => EQUITY_COLUMN_NAMES[column])}
        />
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
