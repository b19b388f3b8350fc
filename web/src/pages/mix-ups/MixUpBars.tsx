import type { MixUpRow } from '@gleddo/contract';
import { DISTINCTIONS } from '@gleddo/core';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { Bar } from 'react-chartjs-2';
import { percentOf } from '../../marking/marks/percent';
import { useChartColours } from '../../platform/figures/charts';
import styles from './mix-ups.module.css';

Chart.register(BarElement, CategoryScale, LinearScale, Tooltip);

/** In pixels of usual letters: a bar stands beside its row of the list. */
const ROW = 46;
const rem = (pixels: number): string => `${pixels / 16}rem`;

interface MixUpBarsProps {
  readonly rows: readonly MixUpRow[];
  readonly shown: MixUpRow;
  onChoose(distinction: string): void;
}

/** The bars’ full length: the next quarter above the longest of them. */
const longestOf = (rows: readonly MixUpRow[]): number =>
  Math.max(25, Math.ceil((100 * Math.max(...rows.map(largestOf))) / 25) * 25);

const largestOf = ({ asked, missed, before }: MixUpRow): number =>
  Math.max(missed / asked, before ?? 0);

const shareOf = ({ asked, missed }: MixUpRow): number => Math.round((100 * missed) / asked);

/** The share missed of each distinction: a list to choose from, its bars beside it. */
export function MixUpBars({ rows, shown, onChoose }: MixUpBarsProps) {
  return (
    <div className={styles['bars']}>
      <ul className="plain-list">
        {rows.map((row) => (
          <li key={row.distinction} style={{ height: rem(ROW) }}>
            <button
              type="button"
              aria-pressed={row === shown}
              className={styles['row']}
              onClick={() => onChoose(row.distinction)}
            >
              <strong>{DISTINCTIONS[row.distinction].name}</strong>
              <span className="quiet">{row.who.length === 0 ? 'not missed' : namesOf(row)}</span>
            </button>
          </li>
        ))}
      </ul>
      <div style={{ height: rem(ROW * rows.length) }}>
        <Bars rows={rows} />
      </div>
      <ul className="plain-list figures">
        {rows.map((row) => (
          <li key={row.distinction} style={{ height: rem(ROW), lineHeight: rem(ROW) }}>
            {percentOf(row.missed / row.asked)}
          </li>
        ))}
      </ul>
      <p className={`quiet ${styles['key']}`}>
        share missed when asked <span className={styles['now']} /> · before the last drill{' '}
        <span className={styles['before']} />
      </p>
    </div>
  );
}

const MOST_NAMES = 3;

const namesOf = ({ who }: MixUpRow): string =>
  [...new Set(who.flatMap(({ names }) => names))].slice(0, MOST_NAMES).join(', ');

function Bars({ rows }: { rows: readonly MixUpRow[] }) {
  const colour = useChartColours();
  const says = rows
    .map((row) => `${DISTINCTIONS[row.distinction].name} ${shareOf(row)}%`)
    .join(', ');
  return (
    <Bar
      role="img"
      aria-label={`Share missed: ${says}`}
      data={{
        labels: rows.map(({ distinction }) => DISTINCTIONS[distinction].name),
        datasets: [
          {
            label: 'now',
            data: rows.map(shareOf),
            backgroundColor: colour.vermilion,
            borderRadius: 5,
          },
          {
            label: 'before the last drill',
            data: rows.map(({ before }) => (before === null ? null : Math.round(100 * before))),
            backgroundColor: colour.rule,
            borderRadius: 5,
          },
        ],
      }}
      options={{
        indexAxis: 'y',
        maintainAspectRatio: false,
        animation: false,
        plugins: { legend: { display: false } },
        layout: { padding: 0 },
        scales: {
          x: { display: false, min: 0, max: longestOf(rows) },
          y: { display: false, grid: { display: false } },
        },
      }}
    />
  );
}
