import { Button } from 'antd';
import { DayField } from '../../platform/figures/DayField';
import type { StatementDate } from '@gleddo/core';

interface DatesProps {
  readonly dates: readonly StatementDate[];
  onChange(dates: readonly StatementDate[]): void;
}

/** The last day and period that are compared: what another one begins with. */
function lastOf(dates: readonly StatementDate[]) {
  const sheet = dates.findLast((date) => date.statement === 'balance-sheet');
  const profit = dates.findLast((date) => date.statement === 'profit-and-loss');
  const at = sheet?.at ?? profit?.to ?? '';
  return {
    sheet: sheet ?? { statement: 'balance-sheet' as const, at },
    profit: profit ?? { statement: 'profit-and-loss' as const, from: at, to: at },
  };
}

/** The days and periods at which the statements are compared: any number of them. */
export function ComparedDates({ dates, onChange }: DatesProps) {
  const { sheet, profit } = lastOf(dates);
  return (
    <>
      {dates.map((date, i) => (
        <DateRow
          key={i}
          date={date}
          onChange={(next) => onChange(dates.with(i, next))}
          {...(dates.length > 1 ? { onRemove: () => onChange(dates.toSpliced(i, 1)) } : {})}
        />
      ))}
      <div className="slip-actions">
        <Button size="small" onClick={() => onChange([...dates, sheet])}>
          Another day
        </Button>
        <Button size="small" onClick={() => onChange([...dates, profit])}>
          Another period
        </Button>
      </div>
    </>
  );
}

interface DateRowProps {
  readonly date: StatementDate;
  onChange(date: StatementDate): void;
  onRemove?(): void;
}

function DateRow({ date, onChange, onRemove }: DateRowProps) {
  return (
    <div style={{ marginBlock: '0.5rem' }}>
      {date.statement === 'balance-sheet' ? (
        <>
          Balance sheet as at{' '}
          <Day
            label="Balance sheet as at"
            value={date.at}
            onChange={(at) => onChange({ ...date, at })}
          />
        </>
      ) : (
        <>
          Profit and loss from{' '}
          <Day
            label="Profit and loss from"
            value={date.from}
            onChange={(from) => onChange({ ...date, from })}
          />{' '}
          to{' '}
          <Day
            label="Profit and loss to"
            value={date.to}
            onChange={(to) => onChange({ ...date, to })}
          />
        </>
      )}{' '}
      {onRemove && (
        <Button size="small" type="link" onClick={onRemove}>
          Leave out
        </Button>
      )}
    </div>
  );
}

interface DayProps {
  readonly label: string;
  readonly value: string;
  onChange(day: string): void;
}

const Day = (props: DayProps) => <DayField size="small" {...props} />;
