import {
  writingOf,
  normalSide,
  openingOf,
  signOf,
  typeOf,
  type Account,
  type Operation,
} from '@gleddo/core';
import { useState } from 'react';
import { useDays } from '../../platform/figures/written-days';
import { AmountField } from '../opening/AmountField';
import { Refusal } from '../../platform/shell/Refusal';
import { useChartState } from '../chart-state/chart-state';

interface SlipOpeningProps {
  readonly account: Account;
  /** Does it; answers the reason why not. */
  onSet(operation: Operation): string | null;
}

/** What an account stood at when the books began; of an asset that wears out, what it had lost by then, too. */
export function SlipOpening({ account, onSet }: SlipOpeningProps) {
  const { longDay } = useDays();
  const { book } = useChartState();
  const lost = book.accounts.find(
    ({ parent, type }) => parent === account.id && typeOf(book.scheme, type)?.role === GATHERING,
  );
  const type = typeOf(book.scheme, account.type);
  if (!type) return null;
  const day = longDay(book.opening.date);
  return (
    <>
      <OpeningField account={account} label={lost ? 'Cost' : 'Opening'} {...{ day, onSet }} />
      {lost && <OpeningField account={lost} label="Depreciation" {...{ day, onSet }} />}
    </>
  );
}

const GATHERING = 'accumulated-depreciation';

interface OpeningFieldProps extends SlipOpeningProps {
  readonly label: string;
  readonly day: string;
}

/** On the side on which the account usually stands; an amount on the other is shown and changed under Opening. */
function OpeningField({ account, label, day, onSet }: OpeningFieldProps) {
  const { book, mayChange } = useChartState();
  const [refused, setRefused] = useState<string | null>(null);
  const type = typeOf(book.scheme, account.type);
  const sign = signOf(type ? normalSide(book.scheme, type) : 'debit');
  const stands = sign * openingOf(book, account.id);
  return (
    <>
      <span className="quiet">
        {label} <small style={{ display: 'block', whiteSpace: 'nowrap' }}>{day}</small>
      </span>
      <span>
        {stands < 0 ? (
          <span className="quiet">on its other side: see Opening</span>
        ) : (
          <AmountField
            writing={writingOf(book.company)}
            label={`${label}, ${account.name}`}
            row={account.id}
            amount={stands}
            disabled={!mayChange}
            onChange={(amount) =>
              onSet({ kind: 'set-opening', id: account.id, amount: sign * amount })
            }
            onRefused={setRefused}
          />
        )}
      </span>
      <Refusal says={refused} />
    </>
  );
}
