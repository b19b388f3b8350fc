import type { Handout } from '@gleddo/core';

/** A hand-out as it will lie on the table: the only thing that is printed. */
export function HandoutPaper({ handout }: { handout: Handout }) {
  const { title, company, subtitle, columns, rows } = handout;
  const total = columns.reduce((sum, { share }) => sum + share, 0);
  return (
    <article className="handout-paper" aria-label={title}>
      <h2>{title}</h2>
      <p className="handout-of">
        {company} <span className="quiet">{subtitle}</span>
      </p>
      <table>
        <colgroup>
          {columns.map(({ name, share }) => (
            <col key={name} style={{ width: `${(100 * share) / total}%` }} />
          ))}
        </colgroup>
        <thead>
          <tr>
            {columns.map(({ name, isFigure }) => (
              <th key={name} className={isFigure ? 'figure' : ''}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <PaperRow key={at} columns={columns} row={row} />
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p className="quiet">There is nothing to hand out here yet.</p>}
    </article>
  );
}

interface PaperRowProps {
  readonly columns: Handout['columns'];
  readonly row: Handout['rows'][number];
}

function PaperRow({ columns, row: { kind, depth, cells } }: PaperRowProps) {
  const isHeading = kind === 'heading';
  const isAcross = isHeading && cells.length === 1;
  return (
    <tr className={isHeading ? 'heading' : ''}>
      {isAcross && <td colSpan={columns.length}>{cells[0]}</td>}
      {!isAcross &&
        columns.map(({ name, isFigure }, i) => (
          <td
            key={name}
            className={isFigure ? 'figure' : ''}
            style={isNameColumn(columns, i) && depth > 0 ? { paddingLeft: depth * 14 } : {}}
          >
            {cells[i]}
          </td>
        ))}
    </tr>
  );
}

/** The column whose words are set in for what stands under another. */
export const isNameColumn = (columns: Handout['columns'], i: number): boolean =>
  columns[i]?.name === 'Name' || columns[i]?.name === 'Band for';
