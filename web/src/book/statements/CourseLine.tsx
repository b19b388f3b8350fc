import type { CourseStep } from '@gleddo/core';
import {
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { useChartColours } from '../../platform/figures/charts';

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, Legend, Tooltip);

interface CourseLineProps {
  readonly steps: readonly CourseStep[];
  readonly at: number;
  readonly money: Money;
}

/** Profit and total assets over all that happened, as steps; a dot where one stands. */
export function CourseLine({ steps, at, money }: CourseLineProps) {
  const { longDay } = useDays();
  const colour = useChartColours();
  const line = (label: string, of: (step: CourseStep) => number, dashed: boolean) => ({
    label,
    data: steps.map((step) => of(step) / 100),
    borderColor: dashed ? colour.plum : colour.teal,
    borderWidth: dashed ? 1.2 : 2,
    ...(dashed ? { borderDash: [4, 3], yAxisID: 'assets' } : {}),
    stepped: true as const,
    pointRadius: steps.map((_, i) => (i === at ? 4 : 0)),
    pointBackgroundColor: colour.plum,
  });
  const here = steps[at];
  return (
    <Line
      role="img"
      aria-label={`Profit ${money(here?.profit ?? 0)}, total assets ${money(here?.assets ?? 0)} on ${longDay(here?.date ?? '')}`}
      data={{
        labels: steps.map(({ date }) => longDay(date)),
        datasets: [
          line('profit', ({ profit }) => profit, false),
          line('total assets', ({ assets }) => assets, true),
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        plugins: {
          legend: { display: true, position: 'right', labels: { boxWidth: 18, boxHeight: 1 } },
        },
        scales: { x: { display: false }, y: { display: false }, assets: { display: false } },
      }}
    />
  );
}
