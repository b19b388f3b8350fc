import { bandOfType, freeNearby, inBand, type Account } from '@gleddo/core';
import { Input } from 'antd';
import { useFollowing } from '../../platform/kept/use-following';
import { useChartState } from '../chart-state/chart-state';
import styles from './slip.module.css';

interface NumberFieldProps {
  readonly account: Account;
  onChange(number: string | null): boolean;
}

/** The account's number, with free ones nearby to be taken with a click. */
export function NumberField({ account, onChange }: NumberFieldProps) {
  const { book, taken, mayChange, help } = useChartState();
  const [text, setText] = useFollowing(account.number ?? '');
  const plan = book.numberPlan;
  const band = plan && help.bands ? bandOfType(plan, book.scheme, account.type) : null;
  const near =
    plan && band ? freeNearby(plan, { band, number: account.number ?? band.from, taken }) : [];
  const isOutside = band !== null && account.number !== null && !inBand(band, account.number);
  const keep = () => {
    const number = text.trim() === '' ? null : text.trim();
    if (number !== account.number) onChange(number);
  };
  return (
    <div>
      <Input
        id="slip-number"
        data-kept={text === (account.number ?? '') ? '' : undefined}
        value={text}
        disabled={!mayChange}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onPressEnter={keep}
        onKeyDown={(event) => {
          if (event.key === 'Escape') setText(account.number ?? '');
        }}
        suffix={
          <span className={styles['free-nearby']}>
            {mayChange && near.length > 0 && <FreeNearby numbers={near} onTake={onChange} />}
          </span>
        }
      />
      {isOutside && (
        <p className="notice" style={{ margin: '3px 0 0' }}>
          Outside {band.from}–{band.to}, the numbers kept for this place.
        </p>
      )}
    </div>
  );
}

interface FreeNearbyProps {
  readonly numbers: readonly string[];
  onTake(number: string): void;
}

function FreeNearby({ numbers, onTake }: FreeNearbyProps) {
  return (
    <>
      free nearby:
      {numbers.map((number) => (
        <button
          key={number}
          type="button"
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => onTake(number)}
        >
          {number}
        </button>
      ))}
    </>
  );
}
