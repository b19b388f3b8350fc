import { DatePicker } from 'antd';
import dayjs from 'dayjs';
import { useMemo } from 'react';
import { useDayFormats } from './day-formats';

interface DaysFieldProps {
  readonly label: string;
  /** Null: from the beginning on; until the end. */
  readonly from: string | null;
  readonly to: string | null;
  /** Spans offered beside the calendar, by their names. */
  readonly offered: readonly (readonly [name: string, from: string, to: string])[];
  onChange(from: string | null, to: string | null): void;
}

const asDay = (day: string | null) => (day === null ? null : dayjs(day));

/** From one day to another, either of them left open. */
export function DaysField({ label, from, to, offered, onChange }: DaysFieldProps) {
  const days = useMemo(
    (): [dayjs.Dayjs | null, dayjs.Dayjs | null] => [asDay(from), asDay(to)],
    [from, to],
  );
  const presets = useMemo(
    () =>
      offered.map(([name, first, last]): { label: string; value: [dayjs.Dayjs, dayjs.Dayjs] } => ({
        label: name,
        value: [dayjs(first), dayjs(last)],
      })),
    [offered],
  );
  const formats = useDayFormats();
  const first = presets[0]?.value;
  return (
    <DatePicker.RangePicker
      aria-label={label}
      style={{ width: '15.75rem' }}
      placeholder={['From day', 'to day']}
      allowEmpty={[true, true]}
      format={[...formats]}
      value={days}
      presets={presets}
      {...(first ? { defaultPickerValue: first } : {})}
      onChange={(chosen) => {
        const [begin, end] = chosen ?? [];
        onChange(begin?.format('YYYY-MM-DD') ?? null, end?.format('YYYY-MM-DD') ?? null);
      }}
    />
  );
}
