import { InputNumber } from 'antd';

interface OfSeedProps {
  /** Null: whoever looks draws their own. */
  readonly seed: number | null;
  onSeed(seed: number | null): void;
}

/** By which seed the figures are drawn that are looked at. */
export const OfSeed = ({ seed, onSeed }: OfSeedProps) => (
  <label>
    with the figures of seed{' '}
    <InputNumber
      size="small"
      min={1}
      max={1_000_000}
      precision={0}
      placeholder="my own"
      style={{ width: '5.25rem' }}
      value={seed}
      onChange={onSeed}
    />
  </label>
);
