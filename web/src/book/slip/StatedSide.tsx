import type { Account, Operation, Side } from '@gleddo/core';
import { Radio } from 'antd';
import { useChartState } from '../chart-state/chart-state';

interface StatedSideProps {
  readonly account: Account;
  onChange(operation: Operation): void;
}

/** The question an exercise may ask beside the place: on which side does it usually stand? */
export function StatedSide({ account, onChange }: StatedSideProps) {
  const { mayChange } = useChartState();
  return (
    <>
      <span className="label" id="slip-side">
        Normal side
      </span>
      <Radio.Group
        aria-labelledby="slip-side"
        disabled={!mayChange}
        value={account.statedSide}
        options={[
          { value: 'debit', label: 'Debit' },
          { value: 'credit', label: 'Credit' },
        ]}
        onChange={(event) =>
          onChange({ kind: 'state-side', id: account.id, side: event.target.value as Side })
        }
      />
    </>
  );
}
