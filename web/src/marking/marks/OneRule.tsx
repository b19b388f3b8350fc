import type { ShownResult } from '@gleddo/contract';
import type { ReactNode } from 'react';
import styles from '../../book/spread/margin.module.css';

export const points = (n: number): string => (n === 0 ? '0' : n > 0 ? `+${n}` : `−${-n}`);

/** What all have in common; null where they don’t. */
const shared = (texts: readonly string[]): string | null =>
  new Set(texts).size === 1 ? (texts[0] ?? null) : null;

/** What to do where it is the same for all; empty where each has its own. */
const nowOf = (faults: readonly ShownResult[]): string =>
  shared(faults.map(({ told }) => told.now)) ?? '';

/** A fault of several against one rule, without what stands above them all. */
export function underRule(fault: ShownResult, faults: readonly ShownResult[]): ShownResult {
  if (faults.length === 1) return fault;
  const now = nowOf(faults) === '' ? fault.told.now : '';
  return { ...fault, told: { ...fault.told, why: '', now } };
}

/** More than so many are folded away until they are asked for. */
const MOST_OPEN = 6;

interface OneRuleProps {
  readonly faults: readonly ShownResult[];
  readonly children: ReactNode;
}

/** Faults that go against one rule: the rule, then each by itself; a fault by itself stands alone. */
export function OneRule({ faults, children }: OneRuleProps) {
  const [first] = faults;
  if (!first || faults.length === 1) return children;
  const cost = faults.reduce((sum, { points: got, of }) => sum + got - of, 0);
  const name = shared(faults.map(({ fault }) => fault)) ?? 'One rule';
  const now = nowOf(faults);
  return (
    <section className={styles['rule']} aria-label={`${name}, in ${faults.length} places`}>
      <div className={styles['note']}>
        {cost !== 0 && <span className="cost">{points(cost)}</span>}
        <strong>
          {name}, in {faults.length} places
        </strong>
        <p className={styles['why']}>{first.told.why}</p>
        {now !== '' && <p className={styles['now']}>{now}</p>}
      </div>
      <details open={faults.length <= MOST_OPEN}>
        <summary>Each of them</summary>
        {children}
      </details>
    </section>
  );
}
