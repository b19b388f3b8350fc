import { weightsOf, type Weighing } from '@gleddo/core';
import styles from './weighs.module.css';

/** What can go wrong, and what it costs: a bar each, the heaviest first. */
export function WhatWeighs({ weighing }: { readonly weighing: Weighing }) {
  const weights = weightsOf(weighing);
  const most = Math.max(...weights.map(({ points }) => points));
  return (
    <table className={styles['weighs']} aria-label="What weighs how much">
      <tbody>
        {weights.map(({ fault, points }) => (
          <tr key={fault}>
            <th scope="row">{fault}</th>
            <td className="figure">{points}</td>
            <td aria-hidden>
              <span className={styles['bar']} style={{ inlineSize: `${(100 * points) / most}%` }} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
