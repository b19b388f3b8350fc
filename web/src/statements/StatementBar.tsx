import { periodEnds, type Book } from '@gleddo/core';
import { Segmented, Select } from 'antd';
import { DayField } from '../figures/DayField';
import { longDay } from '../figures/days';
import type { Choice } from './use-choice';

/** What is shown, for which period, in how much detail. */
export function StatementBar({ book, choice }: { book: Book; choice: Choice }) {
  const { shown, period, level, set } = choice;
  const day = (name: 'from' | 'to') => (
    <DayField
      label={name === 'from' ? 'First day' : 'Last day'}
      value={period[name]}
      onChange={(value) => set({ [name]: value })}
      style={{ width: 130 }}
    />
  );
  return (
    <div className="statement-bar">
      <Segmented
        aria-label="Statement"
        value={shown}
        options={[
          { value: 'spread', label: 'Two statements' },
          { value: 'trial', label: 'Trial balance' },
          { value: 'equity', label: 'Equity' },
          { value: 'cash', label: 'Cash flow' },
        ]}
        onChange={(value) => set({ show: value })}
      />
      <label>from</label>
      {day('from')}
      <label>to</label>
      {day('to')}
      <Select
        aria-label="Period end"
        placeholder="or the end of …"
        value={null}
        style={{ width: 140 }}
        options={periodEnds(book).map((end) => ({ value: end, label: longDay(end) }))}
        onChange={(end: string | null) => end !== null && set({ to: end })}
      />
      {shown === 'spread' && (
        <Segmented
          aria-label="Detail"
          value={level}
          options={[
            { value: 'account', label: 'Every account' },
            { value: 'parent', label: 'Parents' },
            { value: 'section', label: 'Sections' },
          ]}
          onChange={(value) => set({ level: value })}
        />
      )}
    </div>
  );
}
