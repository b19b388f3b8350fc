import { figureWith, type LineOnItsWay } from '@gleddo/core';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { Bar } from 'react-chartjs-2';
import type { Money } from '../../platform/figures/money';
import { useChartColours } from '../../platform/figures/charts';
import type { MarkedRows } from '../marks/marked-rows';
import styles from './what-if.module.css';

Chart.register(BarElement, CategoryScale, LinearScale, Tooltip);

interface WaterfallProps {
  readonly line: LineOnItsWay;
  readonly putRight: ReadonlySet<string>;
  readonly margin: MarkedRows['margin'];
  readonly money: Money;
  /** Shows what a note is about on both pages. */
  onNote(note: number): void;
}

/** A bar from one figure to the next, in minor units. */
interface Step {
  readonly label: string;
  readonly from: number;
  readonly to: number;
  readonly tone: 'vermilion' | 'teal' | 'plum';
  /** Null: it is no note’s. */
  readonly note: number | null;
}

/** From the key’s figure to theirs: a bar for each note that is not put right. */
export function Waterfall({ line, putRight, margin, money, onNote }: WaterfallProps) {
  const colours = useChartColours();
  const steps = stepsOf(line, putRight, margin);
  const says = steps.map(({ label, from, to }) => `${label} ${money(to - from)}`).join(', ');
  return (
    <div className={styles['chart']}>
      <Bar
        role="img"
        aria-label={`${line.name}, from the key’s to theirs: ${says}`}
        data={{
          labels: steps.map(({ label }) => label),
          datasets: [
            {
              data: steps.map(({ from, to }): [number, number] => [from / 100, to / 100]),
              backgroundColor: steps.map(({ tone }) => colours[tone]),
              borderRadius: 2,
              maxBarThickness: 56,
            },
          ],
        }}
        options={{
          maintainAspectRatio: false,
          animation: false,
          onClick: (_, [bar]) => {
            const note = bar ? (steps[bar.index]?.note ?? null) : null;
            if (note !== null) onNote(note);
          },
          plugins: { legend: { display: false } },
          scales: { x: { grid: { display: false } } },
        }}
      />
    </div>
  );
}

function stepsOf(
  line: LineOnItsWay,
  putRight: ReadonlySet<string>,
  margin: MarkedRows['margin'],
): Step[] {
  let at = line.wanted;
  const between = line.parts
    .filter(({ root }) => root === null || !putRight.has(root))
    .map(({ root, share }): Step => {
      const n = root === null ? null : margin.numberOf(root);
      const step = { from: at, to: at + share, tone: 'vermilion' as const };
      at += share;
      return { label: n === null ? 'no note' : `note ${n}`, note: n, ...step };
    });
  const theirs = figureWith(line, putRight);
  return [
    { label: 'the key’s', from: 0, to: line.wanted, tone: 'teal', note: null },
    ...between,
    { label: 'theirs', from: 0, to: theirs, tone: 'plum', note: null },
  ];
}
