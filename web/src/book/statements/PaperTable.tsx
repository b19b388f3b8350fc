import { accountOfRow, type Handout } from '@gleddo/core';
import { TableHead } from '../../platform/figures/TableHead';
import { PaperRow } from '../handouts/HandoutPaper';
import css from './statements.module.css';
import type { Choice } from './use-choice';

/** A sheet as it is printed, on the page: its columns, its rows, each figure of an account leading to its entries. */
export function PaperTable({ sheet, choice }: { sheet: Handout; choice: Choice }) {
  const { columns, rows, title } = sheet;
  const named = (isFigure: boolean) =>
    columns.filter((each) => each.isFigure === isFigure).map(({ name }) => name);
  const first = rows.findIndex((row) => accountOfRow(row) !== null);
  const open = (account: string) => choice.set({ account });
  return (
    <table className={`lines-table ${css['paper-table'] ?? ''}`} aria-label={title}>
      <TableHead names={named(false)} figures={named(true)} />
      <tbody>
        {rows.map((row, i) => (
          <PaperRow key={i} handout={sheet} row={row} leads={{ isFirst: i === first, open }} />
        ))}
      </tbody>
    </table>
  );
}
