import { Input } from 'antd';
import dayjs from 'dayjs';
import timezone from 'dayjs/plugin/timezone';
import utc from 'dayjs/plugin/utc';
import { useState } from 'react';

dayjs.extend(utc);
dayjs.extend(timezone);

interface MomentFieldProps {
  readonly label: string;
  /** ISO 8601; null: none. */
  readonly value: string | null;
  /** The time zone in which it is shown and typed. */
  readonly zone: string;
  /** What no moment means: `never`. */
  readonly none: string;
  onChange(value: string | null): void;
}

const WALL = 'YYYY-MM-DDTHH:mm';

/** A day and a time as the clock on the school’s wall has them; the browser’s own field, as it is used to on each device. */
export function MomentField({ label, value, zone, none, onChange }: MomentFieldProps) {
  const local = value === null ? null : dayjs(value).tz(zone);
  const [typed, setTyped] = useState(local?.format(WALL) ?? '');
  const take = (text: string) => {
    setTyped(text);
    const moment = text === '' ? null : dayjs.tz(text, zone);
    if (moment === null || moment.isValid()) onChange(moment?.toISOString() ?? null);
  };
  return (
    <>
      <Input
        type="datetime-local"
        min="2000-01-01T00:00"
        max="2199-12-31T23:59"
        aria-label={label}
        style={{ width: '13.25rem' }}
        value={typed}
        onChange={({ target }) => take(target.value)}
      />
      <span className="quiet" style={{ minWidth: '2.625rem' }}>
        {local ? local.format('ddd') : none}
      </span>
    </>
  );
}
