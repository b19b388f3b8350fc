import { accountOfRow, cellShown, isIndented, type Handout, type HandoutRow } from '@gleddo/core';
import { Link } from 'react-router';
import { FigureLink } from '../../platform/figures/FigureLink';
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

/** How the figures of a row lead to the entries of its account. */
interface Leads {
  /** Whether Tab comes to it; the arrows go on from there. */
  readonly isFirst: boolean;
  open(account: string): void;
}

/** The way to an entry of which a row tells. */
type ToEntry = (entry: string) => string;

interface PaperRowProps {
  readonly handout: Handout;
  readonly row: HandoutRow;
  readonly leads?: Leads;
  readonly toEntry?: ToEntry;
}

export function PaperRow({ handout, row, leads, toEntry }: PaperRowProps) {
  const { kind, depth, cells } = row;
  const { columns } = handout;
  const isAcross = kind === 'heading' && cells.length === 1;
  const shown = cells.map((cell) => cellShown(handout, cell));
  const first = columns.findIndex(({ isFigure }, i) => isFigure && isAmount(shown[i] ?? ''));
  return (
    <tr className={kind === 'row' ? '' : kind}>
      {isAcross && <td colSpan={columns.length}>{shown[0]}</td>}
      {!isAcross &&
        columns.map(({ isFigure }, i) => (
          <td
            key={i}
            className={isFigure ? 'figure' : ''}
            style={
              isIndented(columns, i) && depth > 0
                ? { paddingInlineStart: `${depth * 0.875}rem` }
                : {}
            }
          >
            <PaperCell
              {...{ row, isFigure, leads, toEntry }}
              shown={shown[i] ?? ''}
              isFirst={i === first}
            />
          </td>
        ))}
    </tr>
  );
}

const isAmount = (shown: string): boolean => /\d/.test(shown);

interface PaperCellProps {
  readonly row: HandoutRow;
  readonly isFigure: boolean;
  /** Whether it is the first amount of its row. */
  readonly isFirst: boolean;
  readonly shown: string;
  readonly leads: Leads | undefined;
  readonly toEntry: ToEntry | undefined;
}

/** A cell; where it is an amount, one that leads to its entry, or to the entries of its account. */
function PaperCell({ row, isFigure, isFirst, shown, leads, toEntry }: PaperCellProps) {
  if (!isFigure || !isAmount(shown)) return shown;
  if (toEntry && row.entry !== undefined) return <Link to={toEntry(row.entry)}>{shown}</Link>;
  const account = leads ? accountOfRow(row) : null;
  if (!leads || !account) return shown;
  return (
    <FigureLink
      {...{ account: account.id, label: account.name, figure: shown }}
      first={leads.isFirst && isFirst}
      onOpen={() => leads.open(account.id)}
    />
  );
}
