import { DatePicker, type DatePickerProps } from 'antd';
import dayjs from 'dayjs';
import { useMemo } from 'react';
import { useDayFormats } from './day-formats';

type DayFieldProps = Pick<DatePickerProps, 'id' | 'size' | 'disabled' | 'style' | 'status'> & {
  readonly label?: string;
  readonly value: string;
  /** Days offered beside the calendar. */
  readonly offered?: readonly string[];
  onChange(day: string): void;
};

const asPreset = (shown: string) => (day: string) => ({
  label: dayjs(day).format(shown),
  value: dayjs(day),
});

/** A day, chosen or typed. */
export function DayField({ label, value, offered, onChange, ...rest }: DayFieldProps) {
  const formats = useDayFormats();
  // The same day is the same object: another one would take back what is being typed.
  const day = useMemo(() => dayjs(value), [value]);
  return (
    <DatePicker
      {...rest}
      {...(label === undefined ? {} : { 'aria-label': label })}
      {...(offered ? { presets: offered.map(asPreset(formats[0])) } : {})}
      allowClear={false}
      format={[...formats]}
      value={day}
      onChange={(chosen) => {
        if (chosen) onChange(chosen.format('YYYY-MM-DD'));
      }}
    />
  );
}
