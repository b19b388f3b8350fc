import type { Account } from '@gleddo/core';
import { InputNumber } from 'antd';

export type Shares = Readonly<Record<string, number>>;

interface ProfitSharesProps {
  readonly takers: readonly Account[];
  /** A weight for each; nothing said: equal parts. */
  readonly shares: Shares;
  onChange(shares: Shares): void;
}

/** In which proportion partners share the profit. */
export function ProfitShares({ takers, shares, onChange }: ProfitSharesProps) {
  return (
    <div className="field" role="group" aria-label="Parts of the profit">
      <strong className="wide">Parts of the profit</strong>
      {takers.map(({ id, name }) => (
        <ShareField
          key={id}
          id={`share-${id}`}
          name={name}
          value={shares[id] ?? 1}
          onChange={(value) =>
            onChange({
              ...Object.fromEntries(takers.map((each) => [each.id, 1])),
              ...shares,
              [id]: value,
            })
          }
        />
      ))}
    </div>
  );
}

interface ShareFieldProps {
  readonly id: string;
  readonly name: string;
  readonly value: number;
  onChange(value: number): void;
}

function ShareField({ id, name, value, onChange }: ShareFieldProps) {
  return (
    <>
      <label htmlFor={id}>{name}</label>
      <InputNumber
        id={id}
        min={0}
        max={1000}
        precision={0}
        style={{ width: '5.625rem' }}
        value={value}
        onChange={(next) => onChange(next ?? 0)}
      />
    </>
  );
}
