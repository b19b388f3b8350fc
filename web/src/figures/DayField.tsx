import { DatePicker, type DatePickerProps } from 'antd';
import dayjs from 'dayjs';

type DayFieldProps = Pick<DatePickerProps, 'id' | 'size' | 'disabled' | 'style' | 'status'> & {
  readonly label?: string;
  readonly value: string;
  /** Days offered beside the calendar. */
  readonly offered?: readonly string[];
  onChange(day: string): void;
};

/** How a day is shown, and how it may be typed. */
const SHOWN = 'D MMM YYYY';
const FORMATS = [SHOWN, 'YYYY-MM-DD', 'D.M.YYYY', 'D/M/YYYY'];

const asPreset = (day: string) => ({ label: dayjs(day).format(SHOWN), value: dayjs(day) });

/** A day, chosen or typed. */
export function DayField({ label, value, offered, onChange, ...rest }: DayFieldProps) {
  return (
    <DatePicker
      {...rest}
      {...(label === undefined ? {} : { 'aria-label': label })}
      {...(offered ? { presets: offered.map(asPreset) } : {})}
      allowClear={false}
      format={FORMATS}
      value={dayjs(value)}
      onChange={(day) => {
        if (day) onChange(day.format('YYYY-MM-DD'));
      }}
    />
  );
}
