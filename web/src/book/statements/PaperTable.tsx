import type { Handout } from '@gleddo/core';
import { TableHead } from '../../platform/figures/TableHead';
import { PaperRow } from '../handouts/HandoutPaper';
import css from './statements.module.css';

/** A sheet as it is printed, on the page: its columns, its rows. */
export function PaperTable({ sheet }: { sheet: Handout }) {
  const { columns, rows, title } = sheet;
  const named = (isFigure: boolean) =>
    columns.filter((each) => each.isFigure === isFigure).map(({ name }) => name);
  return (
    <table className={`lines-table ${css['paper-table'] ?? ''}`} aria-label={title}>
      <TableHead names={named(false)} figures={named(true)} />
      <tbody>
        {rows.map((row, i) => (
          <PaperRow key={i} handout={sheet} row={row} />
        ))}
      </tbody>
    </table>
  );
}
