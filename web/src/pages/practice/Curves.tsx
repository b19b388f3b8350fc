import type { DrillCurve } from '@gleddo/contract';
import { DISTINCTIONS } from '@gleddo/core';
import { CategoryScale, Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { useState } from 'react';
import { Line } from 'react-chartjs-2';
import { percentOf } from '../../marking/marks/percent';
import { useChartColours } from '../../platform/figures/charts';
import styles from './practice.module.css';

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, Tooltip);

/** How each distinction stands, and its own curve: the share that was right, some answers at a time. */
export function Curves({ curves }: { curves: readonly DrillCurve[] }) {
  const worst = [...curves].sort((a, b) => b.missed / b.asked - a.missed / a.asked);
  const [chosen, choose] = useState<string | null>(null);
  const shown = worst.find(({ distinction }) => distinction === chosen) ?? worst[0];
  return (
    <>
      <table className="lines-table">
        <thead>
          <tr>
            <th>Distinction</th>
            <th className="figure">asked</th>
            <th className="figure">right</th>
          </tr>
        </thead>
        <tbody>
          {worst.map((curve) => (
            <tr key={curve.distinction} className={curve === shown ? styles['chosen'] : ''}>
              <td>
                <button
                  type="button"
                  className="link-button"
                  aria-pressed={curve === shown}
                  onClick={() => choose(curve.distinction)}
                >
                  {DISTINCTIONS[curve.distinction].name}
                </button>
              </td>
              <td className="figure">{curve.asked}</td>
              <td className="figure">{percentOf(1 - curve.missed / curve.asked)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {shown && <Curve curve={shown} />}
    </>
  );
}

function Curve({ curve: { distinction, points } }: { curve: DrillCurve }) {
  const colour = useChartColours();
  const { name, asks } = DISTINCTIONS[distinction];
  const shares = points.map(({ right }) => Math.round(100 * right));
  const labels = points.map((_, i) =>
    String(points.slice(0, i + 1).reduce((sum, { answers }) => sum + answers, 0)),
  );
  return (
    <div className={styles['curve']}>
      <h3>{name}</h3>
      <p className="mark-note">{asks}</p>
      <div style={{ height: '11.25rem' }}>
        <Line
          role="img"
          aria-label={`${name}, share right: ${shares.map((each) => `${each}%`).join(', ')}`}
          data={{
            labels,
            datasets: [
              {
                data: shares,
                borderColor: colour.plum,
                backgroundColor: colour.plum,
                pointRadius: 4,
              },
            ],
          }}
          options={{
            maintainAspectRatio: false,
            animation: false,
            plugins: { legend: { display: false } },
            scales: {
              x: { grid: { display: false }, title: { display: true, text: 'names asked' } },
              y: { min: 0, max: 100, title: { display: true, text: '% right' } },
            },
          }}
        />
      </div>
    </div>
  );
}
