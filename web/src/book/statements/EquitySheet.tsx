import {
  changesInEquity,
  EQUITY_COLUMN_NAMES,
  equityColumnsShown,
  IN_SUSPENSE,
  type Account,
  type Book,
  type EquityColumn,
} from '@gleddo/core';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { TableHead } from '../../platform/figures/TableHead';
import { LeadingFigure } from './LeadingFigure';
import type { Choice } from './use-choice';

export function EquitySheet({ book, choice, money }: { book: Book; choice: Choice; money: Money }) {
  const { periodText } = useDays();
  const changes = changesInEquity(book, choice.period);
  const { rows, total } = changes;
  const columns = equityColumnsShown(changes);
  const figures = (of: EquityRow, account: Account | null, isFirst: boolean) => (
    <EquityFigures {...{ of, account, columns, money, choice, isFirst }} />
  );
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
          {rows.map((row, i) => (
            <tr key={row.account?.id ?? 'profit'}>
              <td>{row.account?.name ?? 'Profit not yet closed'}</td>
              {figures(row, row.account, i === 0)}
            </tr>
          ))}
          <tr className="total">
            <td>Total equity</td>
            {figures(total, null, false)}
          </tr>
          {changes.inSuspense !== 0 && (
            <tr>
              <td colSpan={columns.length}>{IN_SUSPENSE}</td>
              <td className="figure">{money(changes.inSuspense)}</td>
            </tr>
          )}
        </tbody>
      </table>
    </>
  );
}

type EquityRow = Readonly<Record<EquityColumn, number>>;

interface EquityFiguresProps {
  readonly of: EquityRow;
  /** To whose entries the figures lead; null: they are of several. */
  readonly account: Account | null;
  readonly columns: readonly EquityColumn[];
  readonly money: Money;
  readonly choice: Choice;
  readonly isFirst: boolean;
}

const EquityFigures = ({ of, account, columns, money, choice, isFirst }: EquityFiguresProps) =>
  columns.map((column, i) => {
    const figure = money(of[column]);
    return (
      <td key={column} className="figure">
        {account ? (
          <LeadingFigure {...{ account, choice, figure }} isFirst={isFirst && i === 0} />
        ) : (
          figure
        )}
      </td>
    );
  });
