import { changesInEquity, type Book } from '@gleddo/core';
import { periodText } from '../figures/days';
import { TableHead } from '../figures/TableHead';
import type { Money } from '../figures/money';
import type { Choice } from './use-choice';

const COLUMNS = [
  ['opening', 'at the beginning'],
  ['profit', 'profit'],
  ['contributed', 'contributed'],
  ['takenOut', 'taken out'],
  ['closing', 'at the end'],
] as const;

export function EquitySheet({ book, choice, money }: { book: Book; choice: Choice; money: Money }) {
  const { rows, total } = changesInEquity(book, choice.period);
  return (
    <>
      <h2>Changes in equity</h2>
      <p className="quiet">{periodText(choice.period)}</p>
      <table className="lines-table">
        <TableHead names={['Equity account']} figures={COLUMNS.map(([, name]) => name)} />
        <tbody>
          {rows.map((row) => (
            <tr key={row.account?.id ?? 'profit'}>
              <td>{row.account?.name ?? 'Profit not yet closed'}</td>
              {COLUMNS.map(([key]) => (
                <td key={key} className="figure">
                  {money(row[key])}
                </td>
              ))}
            </tr>
          ))}
          <tr className="total">
            <td>Equity</td>
            {COLUMNS.map(([key]) => (
              <td key={key} className="figure">
                {money(total[key])}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </>
  );
}
