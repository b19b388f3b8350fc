import { DatePicker, type DatePickerProps } from 'antd';
import dayjs from 'dayjs';
import { useMemo } from 'react';

type DayFieldProps = Pick<DatePickerProps, 'id' | 'size' | 'disabled' | 'style' | 'status'> & {
  readonly label?: string;
  readonly value: string;
  /** Days offered beside the calendar. */
  readonly offered?: readonly string[];
  onChange(day: string): void;
};

/** How a day is shown, and how it may be typed. */
const SHOWN = 'D MMM YYYY';
export const FORMATS = [SHOWN, 'YYYY-MM-DD', 'D.M.YYYY', 'D/M/YYYY'];

const asPreset = (day: string) => ({ label: dayjs(day).format(SHOWN), value: dayjs(day) });

/** A day, chosen or typed. */
export function DayField({ label, value, offered, onChange, ...rest }: DayFieldProps) {
  // The same day is the same object: another one would take back what is being typed.
  const day = useMemo(() => dayjs(value), [value]);
  return (
    <DatePicker
      {...rest}
      {...(label === undefined ? {} : { 'aria-label': label })}
      {...(offered ? { presets: offered.map(asPreset) } : {})}
      allowClear={false}
      format={FORMATS}
      value={day}
      onChange={(chosen) => {
        if (chosen) onChange(chosen.format('YYYY-MM-DD'));
      }}
    />
  );
}
