import type { ClassRow } from '@gleddo/contract';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { Bar } from 'react-chartjs-2';
import { useChartColours } from '../../platform/figures/charts';

Chart.register(BarElement, CategoryScale, LinearScale, Tooltip);

const STEP = 10;

/** How many students have which share of the points, in steps of ten per cent. */
export function MarksChart({ rows }: { rows: readonly ClassRow[] }) {
  const colour = useChartColours();
  const shares = rows.flatMap((row) =>
    row.points !== null && row.of ? [(100 * row.points) / row.of] : [],
  );
  if (shares.length === 0) return <p className="quiet">Nobody has handed in yet.</p>;
  const steps = Array.from({ length: 100 / STEP }, (_, i) => i * STEP);
  const counts = steps.map(
    (from) =>
      shares.filter(
        (share) => Math.min(99.99, share) >= from && Math.min(99.99, share) < from + STEP,
      ).length,
  );
  const says = steps
    .map((from, i) => (counts[i] ? `${counts[i]} between ${from} and ${from + STEP}%` : ''))
    .filter((each) => each !== '')
    .join(', ');
  return (
    <div style={{ height: '15rem' }}>
      <Bar
        role="img"
        aria-label={`Marks of the class: ${says}`}
        data={{
          labels: steps.map((from) => `${from}–${from + STEP}%`),
          datasets: [{ data: counts, backgroundColor: colour.plum, borderRadius: 3 }],
        }}
        options={{
          maintainAspectRatio: false,
          animation: false,
          plugins: { legend: { display: false } },
          scales: {
            x: { grid: { display: false } },
            y: { ticks: { precision: 0 }, title: { display: true, text: 'students' } },
          },
        }}
      />
    </div>
  );
}
