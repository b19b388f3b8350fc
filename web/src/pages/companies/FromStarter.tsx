import { starterChart, TRADES, type Book } from '@gleddo/core';
import { Button, Select, Space } from 'antd';
import { useMemo, useState } from 'react';
import { counted } from '../../platform/figures/counted';
import type { Frame } from './begin-from';
import { ChartGlance } from './ChartGlance';

interface FromStarterProps {
  readonly frame: Frame;
  readonly busy: boolean;
  make(book: Book): void;
}

/** A starter chart for a trade, shown on both pages before it is taken. */
export function FromStarter({ frame, busy, make }: FromStarterProps) {
  const [trade, setTrade] = useState('shop');
  const { company, scheme, numberPlan } = frame;
  const book = useMemo(
    () =>
      starterChart(trade, { company, scheme, numberPlan: numberPlan === '' ? null : numberPlan }),
    [trade, company, scheme, numberPlan],
  );
  return (
    <>
      <Space wrap style={{ margin: '12px 0 8px' }}>
        <Select
          aria-label="Starter chart of"
          style={{ width: '14.375rem' }}
          value={trade}
          options={TRADES.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setTrade}
        />
        <span className="quiet">{TRADES.find(({ id }) => id === trade)?.says}</span>
      </Space>
      <ChartGlance book={book} />
      <div className="slip-actions">
        <Button type="primary" loading={busy} onClick={() => make(book)}>
          Open the book with {counted(book.accounts.length, 'account')}
        </Button>
        <span className="quiet" style={{ alignSelf: 'center' }}>
          The equity follows the legal form.
        </span>
      </div>
    </>
  );
}
