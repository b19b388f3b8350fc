import { Input } from 'antd';
import css from './business.module.css';

interface LabelledInputProps {
  readonly label: string;
  readonly value: string;
  readonly wide?: boolean;
  onType(value: string): void;
}

/** A field with its name above it. */
export const LabelledInput = ({ label, value, wide = false, onType }: LabelledInputProps) => (
  <label className={wide ? css['double'] : undefined}>
    {label}
    <Input value={value} maxLength={120} onChange={(event) => onType(event.target.value)} />
  </label>
);
