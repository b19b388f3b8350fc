import { addMonths, periodEnds, type Book } from '@gleddo/core';
import { Segmented, Select } from 'antd';
import type { ReactNode } from 'react';
import { DayField } from '../figures/DayField';
import { longDay } from '../figures/days';
import type { Choice } from './use-choice';

/** Another day beside which the statements are shown: the opening, a year before, the end of a period. */
function CompareWith({ book, choice }: { book: Book; choice: Choice }) {
  const { period, against, set } = choice;
  const named = new Map([
    [addMonths(period.to, -12), 'a year before'],
    [book.opening.date, 'the opening'],
  ]);
  const days = [
    ...new Set([...named.keys(), ...periodEnds(book), ...(against ? [against.to] : [])]),
  ]
    .filter((day) => day !== period.to)
    .sort();
  return (
    <Select
      aria-label="Compare with"
      style={{ width: 184 }}
      value={against?.to ?? ''}
      options={[
        { value: '', label: 'Nothing beside it' },
        ...days.map((day) => ({
          value: day,
          label: `beside ${named.get(day) ?? longDay(day)}`,
        })),
      ]}
      onChange={(day: string) => set({ against: day || null })}
    />
  );
}

const STATEMENTS: { value: Choice['shown']; label: string }[] = [
  { value: 'spread', label: 'Two statements' },
  { value: 'trial', label: 'Trial balance' },
  { value: 'ledger', label: 'Ledger' },
  { value: 'equity', label: 'Equity' },
  { value: 'cash', label: 'Cash flow' },
];

const LEVELS: { value: Choice['level']; label: string }[] = [
  { value: 'account', label: 'Accounts' },
  { value: 'parent', label: 'Parents' },
  { value: 'section', label: 'Sections' },
];

function DayOf({ name, choice }: { name: 'from' | 'to'; choice: Choice }) {
  return (
    <DayField
      label={name === 'from' ? 'First day' : 'Last day'}
      value={choice.period[name]}
      onChange={(value) => choice.set({ [name]: value })}
      style={{ width: 122 }}
    />
  );
}

interface StatementBarProps {
  readonly book: Book;
  readonly choice: Choice;
  /** What can be done with what is shown. */
  readonly children: ReactNode;
}

/** What is shown, for which period, in how much detail. */
export function StatementBar({ book, choice, children }: StatementBarProps) {
  const { shown, level, set } = choice;
  return (
    <div className="statement-bar">
      <Segmented
        aria-label="Statement"
        value={shown}
        options={STATEMENTS}
        onChange={(value) => set({ show: value })}
      />
      <label>from</label>
      <DayOf name="from" choice={choice} />
      <label>to</label>
      <DayOf name="to" choice={choice} />
      <Select
        aria-label="Period end"
        placeholder="end of …"
        value={null}
        style={{ width: 116 }}
        options={periodEnds(book).map((end) => ({ value: end, label: longDay(end) }))}
        onChange={(end: string | null) => end !== null && set({ to: end })}
      />
      {shown === 'spread' && <CompareWith book={book} choice={choice} />}
      {shown === 'spread' && (
        <Segmented
          aria-label="Detail"
          value={level}
          options={LEVELS}
          onChange={(value) => set({ level: value })}
        />
      )}
      <span className="end">{children}</span>
    </div>
  );
}
