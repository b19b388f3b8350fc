import { addMonths, hasBudgets, periodEnds, type Book } from '@gleddo/core';
import { Segmented, Select } from 'antd';
import type { ReactNode } from 'react';
import { DayField } from '../../platform/figures/DayField';
import { useDays } from '../../platform/figures/written-days';
import { BUDGET, type Choice } from './use-choice';
import styles from './statements.module.css';

/** Another day beside which the statements are shown: the opening, a year before, the end of a period. */
function CompareWith({ book, choice }: { book: Book; choice: Choice }) {
  const { longDay } = useDays();
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
      style={{ width: '9.375rem' }}
      value={choice.budget ? BUDGET : (against?.to ?? '')}
      options={[
        { value: '', label: 'Nothing beside it' },
        ...(hasBudgets(book) ? [{ value: BUDGET, label: 'beside the budget' }] : []),
        ...days.map((day) => ({
          value: day,
          label: `beside ${named.get(day) ?? longDay(day)}`,
        })),
      ]}
      onChange={(day: string) => set({ against: day || null })}
    />
  );
}

/** The day beside which the statements stand: any one, once there is one. */
function OtherDay({ choice: { against, set } }: { choice: Choice }) {
  if (!against) return null;
  return (
    <DayField
      label="The day beside it"
      value={against.to}
      onChange={(day) => set({ against: day })}
      style={{ width: '7.875rem' }}
    />
  );
}

/** What is a form or a part of another. */
const SEGMENT_OF: Readonly<Partial<Record<Choice['shown'], Choice['shown']>>> = {
  worksheet: 'trial',
  cost: 'spread',
  basis: 'cash',
};

const STATEMENTS: { value: Choice['shown']; label: string }[] = [
  { value: 'spread', label: 'Two statements' },
  { value: 'time', label: 'Through time' },
  { value: 'trial', label: 'Trial balance' },
  { value: 'ledger', label: 'Ledger' },
  { value: 'equity', label: 'Equity' },
  { value: 'cash', label: 'Cash flow' },
];

/** Accounts that stand at nothing are left out. */
const NO_ZEROS = 'no-zeros';

const LEVELS: { value: Choice['level'] | typeof NO_ZEROS; label: string }[] = [
  { value: 'account', label: 'Accounts' },
  { value: NO_ZEROS, label: 'Without zeros' },
  { value: 'parent', label: 'Parents' },
  { value: 'section', label: 'Sections' },
];

interface DayOfProps {
  readonly name: 'from' | 'to';
  readonly book: Book;
  readonly choice: Choice;
}

/** The first or the last day; the ends of the company’s periods are offered. */
function DayOf({ name, book, choice }: DayOfProps) {
  return (
    <DayField
      label={name === 'from' ? 'First day' : 'Last day'}
      value={choice.period[name]}
      {...(name === 'to' ? { offered: periodEnds(book) } : {})}
      onChange={(value) => choice.set({ [name]: value })}
      style={{ width: '7.875rem' }}
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
    <div className={styles['bar']}>
      <Segmented
        aria-label="Statement"
        value={SEGMENT_OF[shown] ?? shown}
        options={STATEMENTS}
        onChange={(value) => set({ show: value })}
      />
      <DayOf name="from" book={book} choice={choice} />
      <span className="quiet">–</span>
      <DayOf name="to" book={book} choice={choice} />
      {shown === 'spread' && (
        <>
          <CompareWith book={book} choice={choice} />
          <OtherDay choice={choice} />
        </>
      )}
      {shown === 'spread' && (
        <Select
          aria-label="Detail"
          style={{ width: '7.625rem' }}
          value={level === 'account' && !choice.zeros ? NO_ZEROS : level}
          options={LEVELS}
          onChange={(value) =>
            set(
              value === NO_ZEROS
                ? { level: 'account', zeros: 'no' }
                : { level: value, zeros: null },
            )
          }
        />
      )}
      <span className="end">{children}</span>
    </div>
  );
}
