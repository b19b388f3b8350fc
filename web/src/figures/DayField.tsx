import { DatePicker, type DatePickerProps } from 'antd';
import dayjs from 'dayjs';

type DayFieldProps = Pick<DatePickerProps, 'id' | 'size' | 'disabled' | 'style' | 'status'> & {
  readonly label?: string;
  readonly value: string;
  onChange(day: string): void;
};

/** How a day may be typed; the first is how it is shown. */
const FORMATS = ['D MMM YYYY', 'YYYY-MM-DD', 'D.M.YYYY', 'D/M/YYYY'];

/** A day, chosen or typed. */
export function DayField({ label, value, onChange, ...rest }: DayFieldProps) {
  return (
    <DatePicker
      {...rest}
      {...(label === undefined ? {} : { 'aria-label': label })}
      allowClear={false}
      format={FORMATS}
      value={dayjs(value)}
      onChange={(day) => {
        if (day) onChange(day.format('YYYY-MM-DD'));
      }}
    />
  );
}
