import type { AtWork, AtWorkRow } from '@gleddo/contract';
import { counted } from '../../platform/figures/counted';
import { momentText } from '../../platform/figures/days';
import { agoSaid, goingOf, restedFor, type Going } from './stuck';
import styles from './at-work.module.css';

interface RowsProps {
  readonly of: AtWork;
  readonly rows: readonly AtWorkRow[];
  readonly now: number;
  readonly chosen: string | null;
  onChoose(personId: string): void;
}

/** Each student with how far they are, who needs somebody first. */
export const AtWorkRows = ({ of, rows, now, chosen, onChoose }: RowsProps) => (
  <div className={styles['scrolls']}>
    <table className={styles['rows']}>
      <thead>
        <tr>
          <th scope="col">Who needs you first</th>
          {of.steps.map(({ id, title }) => (
            <th scope="col" key={id} title={title}>
              {title}
            </th>
          ))}
          <th scope="col" className={styles['last']}>
            Last change
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <Row
            key={row.personId}
            {...{ of, row, now, onChoose }}
            isChosen={chosen === row.personId}
          />
        ))}
      </tbody>
    </table>
  </div>
);

const MARKS: Readonly<Record<Going, string>> = {
  ...{ asks: '?', stuck: '!', going: '', away: '', in: '✓', 'not-begun': '' },
};

function lastSaid(row: AtWorkRow, now: number): string {
  if (row.state === 'not-started') return 'not begun';
  if (row.handedInAt !== null) return `handed in ${momentText(row.handedInAt)}`;
  const { checks, hints } = row;
  return [
    agoSaid(restedFor(row, now)),
    hints > 0 && counted(hints, 'hint'),
    checks > 0 && `${counted(checks, 'check')} asked`,
    row.asks && 'asks',
  ]
    .filter(Boolean)
    .join(' · ');
}

interface RowProps extends Pick<RowsProps, 'of' | 'now' | 'onChoose'> {
  readonly row: AtWorkRow;
  readonly isChosen: boolean;
}

function Row({ of, row, now, isChosen, onChoose }: RowProps) {
  const going = goingOf(row, now);
  return (
    <tr className={styles[going]} aria-selected={isChosen}>
      <th scope="row">
        <button
          type="button"
          className="link-button"
          aria-pressed={isChosen}
          onClick={() => onChoose(row.personId)}
        >
          <span aria-hidden>{MARKS[going]}</span> {row.student}
        </button>
      </th>
      {of.steps.map(({ id, title }, i) => (
        <td key={id}>
          <Bar share={row.shares[i] ?? 0} isHere={row.here === id} title={title} />
        </td>
      ))}
      <td className={styles['last']}>{lastSaid(row, now)}</td>
    </tr>
  );
}

interface BarProps {
  readonly share: number;
  readonly isHere: boolean;
  readonly title: string;
}

function Bar({ share, isHere, title }: BarProps) {
  const percent = Math.round(100 * share);
  return (
    <span
      className={`${styles['bar'] ?? ''} ${isHere ? (styles['here'] ?? '') : ''}`}
      role="img"
      data-drawn
      aria-label={`${title}: ${percent} %${isHere ? ', here' : ''}`}
    >
      <span style={{ inlineSize: `${percent}%` }} />
    </span>
  );
}
