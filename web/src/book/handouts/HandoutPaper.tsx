import { cellShown, isIndented, type Handout, type HandoutRow } from '@gleddo/core';
import styles from './handout.module.css';

/** A hand-out as it will lie on the table: the only thing that is printed. */
export function HandoutPaper({ handout }: { handout: Handout }) {
  const { title, company, subtitle, currency, columns, rows } = handout;
  const total = columns.reduce((sum, { share }) => sum + share, 0);
  return (
    <article className={styles['paper']} aria-label={title}>
      <h2>{title}</h2>
      <p className={styles['of']}>
        {company}{' '}
        <span className="quiet">
          {subtitle}
          {currency !== null && `, amounts in ${currency}`}
        </span>
      </p>
      <table>
        <colgroup>
          {columns.map(({ share }, i) => (
            <col key={i} style={{ width: `${(100 * share) / total}%` }} />
          ))}
        </colgroup>
        <thead>
          <tr>
            {columns.map(({ name, isFigure }, i) => (
              <th key={i} className={isFigure ? 'figure' : ''}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <PaperRow key={at} handout={handout} row={row} />
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p className="quiet">Nothing stands here yet.</p>}
    </article>
  );
}

interface PaperRowProps {
  readonly handout: Handout;
  readonly row: HandoutRow;
}

export function PaperRow({ handout, row: { kind, depth, cells } }: PaperRowProps) {
  const { columns } = handout;
  const isAcross = kind === 'heading' && cells.length === 1;
  const shown = cells.map((cell) => cellShown(handout, cell));
  return (
    <tr className={kind === 'row' ? '' : kind}>
      {isAcross && <td colSpan={columns.length}>{shown[0]}</td>}
      {!isAcross &&
        columns.map(({ isFigure }, i) => (
          <td
            key={i}
            className={isFigure ? 'figure' : ''}
            style={isIndented(columns, i) && depth > 0 ? { paddingLeft: depth * 14 } : {}}
          >
            {shown[i]}
          </td>
        ))}
    </tr>
  );
}
