import { asPriorPeriod, type Account, type Amount } from '@gleddo/core';
import { Button } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { Refusal } from '../../platform/shell/Refusal';

interface PriorPeriodProps {
  readonly account: Account;
  /** What it opened at before it was changed, debit positive. */
  readonly before: Amount;
  onDone(): void;
}

/** Said where an opening balance is changed though entries stand already; and the way that alters nothing reported. */
export function PriorPeriod({ account, before, onDone }: PriorPeriodProps) {
  const store = useBookStore();
  const { book } = useOpenBook();
  const [refused, setRefused] = useState<readonly string[]>([]);
  const adjust = () => {
    const made = asPriorPeriod(book, account.id, { before, entryId: `e-${nanoid(12)}` });
    const { refusals } = made.ok ? store.change(made.value) : made;
    setRefused(refusals.map((each) => each.says));
    if (refusals.length === 0) onDone();
  };
  return (
    <div className="line-says notice" role="status">
      Entries are recorded already: this alters what was reported before them. A prior-period
      adjustment leaves that as it was, and tells the difference as an entry of its own.{' '}
      <Button size="small" onClick={adjust}>
        Make it a prior-period adjustment
      </Button>{' '}
      <Button size="small" type="text" onClick={onDone}>
        Leave it changed
      </Button>
      <Refusal says={refused} />
    </div>
  );
}
