import { FAULT_KINDS, type FaultKind, type Planting } from '@gleddo/core';
import { InputNumber } from 'antd';
import styles from './exercises.module.css';

const NAMES: Readonly<Record<FaultKind, string>> = {
  'wrong-statement': 'on the wrong statement',
  'wrong-section': 'in the wrong section',
  'no-contra': 'without its contra side',
  'number-outside-band': 'number outside its band',
  'no-parent': 'not under its account',
  'names-crossed': 'names crossed',
  'opening-amount': 'opening amount, digits swapped',
  'opening-side': 'opening balance on the wrong side',
};

interface FaultCountsProps {
  readonly planting: Planting;
  onChange(planting: Planting): void;
}

/** How many faults of each kind are planted, and from which seed. */
export function FaultCounts({ planting, onChange }: FaultCountsProps) {
  const { faults, seed } = planting;
  return (
    <div className={styles['fault-counts']}>
      {FAULT_KINDS.map((kind) => (
        <label key={kind}>
          <InputNumber
            size="small"
            min={0}
            max={20}
            precision={0}
            value={faults[kind] ?? 0}
            onChange={(n) => onChange({ seed, faults: { ...faults, [kind]: n ?? 0 } })}
          />{' '}
          {NAMES[kind]}
        </label>
      ))}
      <label className={styles['of-seed']}>
        <InputNumber
          size="small"
          min={0}
          max={1_000_000_000}
          precision={0}
          value={seed}
          onChange={(n) => onChange({ faults, seed: n ?? 0 })}
        />{' '}
        seed: the same seed plants the same faults
      </label>
    </div>
  );
}
