import { weightsOf, type AnswerKey, type Book } from '@gleddo/core';
import styles from './weighs.module.css';

interface WhatWeighsProps {
  readonly of: AnswerKey;
  readonly start: Book;
}

/** What can go wrong, and what it costs: a bar each, the heaviest first. */
export function WhatWeighs({ of, start }: WhatWeighsProps) {
  const weights = weightsOf(of, start);
  const most = weights[0]?.points ?? 0;
  if (most === 0) return null;
  return (
    <>
      <h3>What weighs how much</h3>
      <table className={styles['weighs']} aria-label="What weighs how much">
        <tbody>
          {weights.map(({ fault, points }) => (
            <tr key={fault}>
              <th scope="row">{fault}</th>
              <td className="figure">{points}</td>
              <td aria-hidden>
                <span
                  className={styles['bar']}
                  style={{ inlineSize: `${(100 * points) / most}%` }}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
