import type { ShownResult } from '@gleddo/contract';
import type { ReactNode } from 'react';
import { ruleOf } from './one-rule';
import styles from '../../book/spread/margin.module.css';

export const points = (n: number): string => (n === 0 ? '0' : n > 0 ? `+${n}` : `−${-n}`);

/** More than so many are folded away until they are asked for. */
const MOST_OPEN = 6;

interface OneRuleProps {
  readonly faults: readonly ShownResult[];
  readonly children: ReactNode;
}

/** Faults that go against one rule: the rule, then each by itself; a fault by itself stands alone. */
export function OneRule({ faults, children }: OneRuleProps) {
  const rule = ruleOf(faults);
  if (!rule) return children;
  const { name, why, now } = rule;
  const cost = faults.reduce((sum, { points: got, of }) => sum + got - of, 0);
  return (
    <section className={styles['rule']} aria-label={name}>
      <div className={styles['note']}>
        {cost !== 0 && <span className="cost">{points(cost)}</span>}
        <strong>{name}</strong>
        <p className={styles['why']}>{why}</p>
        {now !== '' && <p className={styles['now']}>{now}</p>}
      </div>
      <details open={faults.length <= MOST_OPEN}>
        <summary>Each of them</summary>
        {children}
      </details>
    </section>
  );
}
