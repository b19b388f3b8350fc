import {
  normalSide,
  otherSide,
  signOf,
  typeOf,
  type Account,
  type Amount,
  type Scheme,
  type Side,
  type AmountWriting,
} from '@gleddo/core';
import { memo, useState } from 'react';
import { useBookStore } from '../open-book/open-book';
import { Refusal } from '../../platform/shell/Refusal';
import { AmountField } from './AmountField';
import { PriorPeriod } from './PriorPeriod';
import styles from './opening.module.css';

interface OpeningRowProps {
  readonly account: Account;
  readonly depth: number;
  /** Debit positive. */
  readonly amount: Amount;
  readonly scheme: Scheme;
  readonly writing: AmountWriting;
  readonly numbered: boolean;
  readonly mayChange: boolean;
}

/** An account's opening balance: its normal side is open, the other can be opened on purpose. */
export const OpeningRow = memo(function OpeningRow(props: OpeningRowProps) {
  const { account, depth, amount, scheme, numbered } = props;
  const [refused, setRefused] = useState<string | null>(null);
  const [opened, setOpened] = useState(false);
  const [before, setBefore] = useState<Amount | null>(null);
  const type = typeOf(scheme, account.type);
  const normal: Side = type ? normalSide(scheme, type) : 'debit';
  const isTurned = amount !== 0 && standsOn(amount) === otherSide(normal);
  const cell = (side: Side) => (
    <SideCell
      {...props}
      side={side}
      isOpen={side === normal || opened || (amount !== 0 && standsOn(amount) === side)}
      onOpen={() => setOpened(true)}
      onRefused={setRefused}
      onReported={() => setBefore((known) => known ?? amount)}
    />
  );
  return (
    <>
      <div role="row" className="row account">
        {numbered && (
          <span className="no" role="gridcell">
            {account.number ?? ''}
          </span>
        )}
        <span className="name" role="gridcell" style={{ paddingInlineStart: `${depth}rem` }}>
          {account.name}
          {isTurned && <span className="mark-says">not its usual side</span>}
        </span>
        {cell('debit')}
        {cell('credit')}
      </div>
      <Refusal says={refused} className="line-says" />
      {before !== null && <PriorPeriod {...{ account, before }} onDone={() => setBefore(null)} />}
    </>
  );
});

const standsOn = (amount: Amount): Side => (amount > 0 ? 'debit' : 'credit');

interface SideCellProps extends OpeningRowProps {
  readonly side: Side;
  readonly isOpen: boolean;
  onOpen(): void;
  onRefused(says: string | null): void;
  /** It was changed though entries are recorded already. */
  onReported(): void;
}

/** The side on which the account usually does not stand: opened on purpose. */
const ShutSide = ({ account, side, mayChange, onOpen }: SideCellProps) => (
  <span role="gridcell" className={styles['shut']}>
    {mayChange && (
      <button
        type="button"
        tabIndex={-1}
        aria-label={`Open the ${side} side of ${account.name}`}
        onClick={onOpen}
      >
        open this side
      </button>
    )}
  </span>
);

function SideCell(props: SideCellProps) {
  const { account, amount, writing, side, isOpen, mayChange, onRefused } = props;
  const store = useBookStore();
  const set = (entered: Amount): string | null => {
    const stands = entered === 0 ? 0 : signOf(side) * entered;
    const { refusals, notices } = store.change({
      kind: 'set-opening',
      id: account.id,
      amount: stands,
    });
    if (notices.some(({ code }) => code === 'opening.after-entries')) props.onReported();
    return refusals[0]?.says ?? null;
  };
  if (!isOpen) return <ShutSide {...props} />;
  return (
    <span role="gridcell">
      <AmountField
        writing={writing}
        label={`${account.name}, ${side}`}
        row={account.id}
        amount={amount !== 0 && standsOn(amount) === side ? Math.abs(amount) : 0}
        disabled={!mayChange}
        onChange={set}
        onRefused={onRefused}
      />
    </span>
  );
}
