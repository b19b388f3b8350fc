import {
  normalSide,
  openingOf,
  otherSide,
  signOf,
  typeOf,
  type Account,
  type Amount,
  type Side,
} from '@gleddo/core';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../book/open-book';
import { AmountField } from './AmountField';

interface OpeningRowProps {
  readonly account: Account;
  readonly depth: number;
}

/** An account's opening balance: its normal side is open, the other can be opened on purpose. */
export function OpeningRow({ account, depth }: OpeningRowProps) {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const [opened, setOpened] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const type = typeOf(book.scheme, account.type);
  const normal: Side = type ? normalSide(book.scheme, type) : 'debit';
  const amount = openingOf(book, account.id);
  const stands: Side | null = amount === 0 ? null : amount > 0 ? 'debit' : 'credit';
  const isOpen = (side: Side) => side === normal || opened || stands === side;
  const set = (side: Side, entered: Amount): string | null => {
    const { refusals } = store.change({
      kind: 'set-opening',
      id: account.id,
      amount: entered === 0 ? 0 : signOf(side) * entered,
    });
    return refusals[0]?.says ?? null;
  };
  const cell = (side: Side) =>
    isOpen(side) ? (
      <span role="gridcell">
        <AmountField
          book={book}
          label={`${account.name}, ${side}`}
          row={account.id}
          amount={stands === side ? Math.abs(amount) : 0}
          disabled={!answer.mayChange}
          onChange={(entered) => set(side, entered)}
          onRefused={setRefused}
        />
      </span>
    ) : (
      <span role="gridcell" className="side-shut">
        {answer.mayChange && (
          <button
            type="button"
            tabIndex={-1}
            aria-label={`Open the ${side} side of ${account.name}`}
            onClick={() => setOpened(true)}
          >
            open this side
          </button>
        )}
      </span>
    );
  const isTurned = stands !== null && stands === otherSide(normal);
  return (
    <>
      <div role="row" className="row account">
        {book.numberPlan && (
          <span className="no" role="gridcell">
            {account.number ?? ''}
          </span>
        )}
        <span className="name" role="gridcell" style={{ paddingLeft: depth * 16 }}>
          {account.name}
          {isTurned && <span className="mark-says">not its usual side</span>}
        </span>
        {cell('debit')}
        {cell('credit')}
      </div>
      {refused !== null && (
        <p className="refusal line-says" role="alert">
          {refused}
        </p>
      )}
    </>
  );
}
