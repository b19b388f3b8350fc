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
          {rows.map(({ kind, depth, cells }, at) => (
            <tr key={at} className={kind === 'heading' ? 'heading' : ''}>
              {kind === 'heading' && cells.length === 1 ? (
                <td colSpan={columns.length}>{cells[0]}</td>
              ) : (
                columns.map(({ name, isFigure }, i) => (
                  <td
                    key={name}
                    className={isFigure ? 'figure' : ''}
                    style={isNameColumn(columns, i) && depth > 0 ? { paddingLeft: depth * 14 } : {}}
                  >
                    {cells[i]}
                  </td>
                ))
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p className="quiet">There is nothing to hand out here yet.</p>}
    </article>
  );
}

/** The column whose words are set in for what stands under another. */
export const isNameColumn = (columns: Handout['columns'], i: number): boolean =>
  columns[i]?.name === 'Name' || columns[i]?.name === 'Band for';
