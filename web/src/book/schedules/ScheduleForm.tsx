import {
  lockedRows,
  planRows,
  proposedSchedule,
  SCHEDULE_KINDS,
  scheduleKindFor,
  sum,
  type Book,
  type Schedule,
  type ScheduleKind,
} from '@gleddo/core';
import { Segmented, Select } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { counted } from '../../platform/figures/counted';
import { DayField } from '../../platform/figures/DayField';
import { moneyWith } from '../../platform/figures/money';
import { AccountChoice } from '../business/AccountChoice';
import css from '../business/business.module.css';
import { amountsOf, numberFrom, typedAmount } from '../business/document-draft';
import { FormFoot } from '../business/FormFoot';
import { LabelledInput } from '../business/LabelledInput';
import { useChange } from '../open-book/use-change';

interface ScheduleFormProps {
  readonly book: Book;
  /** The one that is changed; null: a new one. */
  readonly schedule: Schedule | null;
  /** The account from whose slip one comes; null for none. */
  readonly account: string | null;
  onDone(): void;
}

interface KindWords {
  readonly name: string;
  readonly total: string;
  readonly says: string;
}

const KINDS: Readonly<Record<ScheduleKind, KindWords>> = {
  prepayment: {
    name: 'Prepayment',
    total: 'Paid ahead',
    says: 'Each month uses up a part of what was paid ahead.',
  },
  'deferred-income': {
    name: 'Deferred income',
    total: 'Received ahead',
    says: 'Each month earns a part of what was received ahead.',
  },
  accrual: {
    name: 'Accrual',
    total: 'To be invoiced',
    says: 'Each month owes for a part that is used and not yet invoiced.',
  },
  depreciation: {
    name: 'Depreciation, straight-line',
    total: 'Cost',
    says: 'Each month takes an equal part of the cost, less what is left at the end.',
  },
};

interface Typed {
  readonly kind: ScheduleKind;
  readonly text: string;
  readonly debit: string | null;
  readonly credit: string | null;
  readonly total: string;
  readonly residual: string;
  readonly from: string;
  /** From mid-month the days count; else each month is one. */
  readonly byDays: boolean;
  readonly months: string;
}

function beginOf(book: Book, kind: ScheduleKind, id: string | null): Typed {
  const { debit, credit, total } = proposedSchedule(book, kind, id);
  return {
    ...{ kind, debit, credit, text: '', residual: '' },
    total: total === null ? '' : typedAmount(book, total),
    ...{ from: book.company.firstDay, byDays: false, months: '12' },
  };
}

/** From mid-month to mid-month: as many as lie between the first day and the month in which the last row stands. */
function monthsFrom(begins: string, last = begins): number {
  const months = (day: string) => 12 * Number(day.slice(0, 4)) + Number(day.slice(5, 7));
  return months(last) - months(begins);
}

function typedOf(book: Book, schedule: Schedule): Typed {
  const { kind, text, debit, credit, total, residual, rows, begins } = schedule;
  return {
    ...{ kind, text, debit, credit },
    total: typedAmount(book, total),
    residual: typedAmount(book, residual),
    from: begins ?? rows[0]?.date ?? book.company.firstDay,
    byDays: begins !== null,
    months: String(begins === null ? rows.length : monthsFrom(begins, rows.at(-1)?.date)),
  };
}

const isFirst = (day: string): boolean => day.endsWith('-01');

/** The schedule that is typed, or why it is none. */
function scheduleFrom(book: Book, typed: Typed, before: Schedule | null): Schedule | string {
  const total = numberFrom(typed.total, amountsOf(book));
  const residual = numberFrom(typed.residual, amountsOf(book));
  const months = numberFrom(typed.months, { ...amountsOf(book), digits: 0 });
  for (const each of [total, residual, months]) if (typeof each === 'string') return each;
  if (typeof total !== 'number' || total <= 0)
    return 'Say how much is spread. Enter an amount over zero.';
  if (typeof months !== 'number' || months < 1 || months > 600)
    return 'Say over how many months it is spread: from 1 to 600.';
  if (typed.debit === null || typed.credit === null) return 'Choose both accounts.';
  const left = typeof residual === 'number' ? residual : 0;
  if (left >= total) return 'What is left at the end must be less than the whole.';
  const made = before?.rows.filter((row) => row.made).at(-1)?.date ?? '';
  const { kind, text, debit, credit, from } = typed;
  const byDays = typed.byDays && !isFirst(from);
  const rows = planRows(
    { total: total - left, from, months, byDays },
    lockedRows(book, before),
  ).map((row) => (row.date <= made ? { ...row, made: true } : row));
  const id = before?.id ?? `s-${nanoid(10)}`;
  const begins = byDays ? from : null;
  return { ...{ id, kind, text: text.trim(), debit, credit, total, residual: left, begins }, rows };
}

/** What is typed of a schedule, and its being kept. */
function useTypedSchedule({ book, schedule, account, onDone }: ScheduleFormProps) {
  const [typed, setTyped] = useState(() =>
    schedule ? typedOf(book, schedule) : beginOf(book, scheduleKindFor(book, account), account),
  );
  const { change, refused } = useChange();
  const made = scheduleFrom(book, typed, schedule);
  const save = () => {
    if (change(typeof made === 'string' ? made : { kind: 'put-schedule', schedule: made }))
      onDone();
  };
  return { typed, setTyped, made, save, refused };
}

/** An amount, the months over which it is spread, and the two accounts of each entry. */
export function ScheduleForm(props: ScheduleFormProps) {
  const { book, schedule, onDone } = props;
  const { typed, setTyped, made, save, refused } = useTypedSchedule(props);
  const set = (rest: Partial<Typed>) => setTyped((now) => ({ ...now, ...rest }));
  const words = KINDS[typed.kind];
  return (
    <form
      className={css['form']}
      aria-label={schedule ? 'Change a schedule' : 'New schedule'}
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <KindField
        value={typed.kind}
        onChange={(kind) => setTyped({ ...beginOf(book, kind, null), text: typed.text })}
      />
      <LabelledInput
        wide
        label="What is spread"
        value={typed.text}
        onType={(text) => set({ text })}
      />
      <Amounts {...{ typed, set, words }} />
      <Accounts {...{ book, typed, set }} />
      <FormFoot
        isChange={schedule !== null}
        refused={refused}
        says={typeof made === 'string' ? words.says : comesOut(book, made, schedule)}
        onLeave={onDone}
      />
    </form>
  );
}

interface KindFieldProps {
  readonly value: ScheduleKind;
  onChange(kind: ScheduleKind): void;
}

const KindField = ({ value, onChange }: KindFieldProps) => (
  <label className={css['double']}>
    Kind
    <Select
      aria-label="Kind"
      style={{ width: '100%' }}
      value={value}
      options={SCHEDULE_KINDS.map((kind) => ({ value: kind, label: KINDS[kind].name }))}
      onChange={onChange}
    />
  </label>
);

interface PartProps {
  readonly typed: Typed;
  set(rest: Partial<Typed>): void;
}

function Amounts({ typed, set, words }: PartProps & { readonly words: KindWords }) {
  return (
    <>
      <LabelledInput label={words.total} value={typed.total} onType={(total) => set({ total })} />
      {typed.kind === 'depreciation' ? (
        <LabelledInput
          label="Left at the end"
          value={typed.residual}
          onType={(residual) => set({ residual })}
        />
      ) : (
        <span />
      )}
      {/* Enter takes the day that was typed; it does not yet add the schedule. */}
      <label onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}>
        From
        <DayField
          label="From"
          style={{ width: '100%' }}
          value={typed.from}
          onChange={(from) => set({ from, byDays: !isFirst(from) })}
        />
      </label>
      <LabelledInput label="Months" value={typed.months} onType={(months) => set({ months })} />
      {!isFirst(typed.from) && (
        <div className={css['whole']}>
          <Segmented
            aria-label="What of the first month counts"
            value={typed.byDays}
            options={[
              { value: true, label: 'By days, from that day on' },
              { value: false, label: 'Whole months, that one too' },
            ]}
            onChange={(byDays) => set({ byDays })}
          />
        </div>
      )}
    </>
  );
}

const Accounts = ({ book, typed, set }: PartProps & { readonly book: Book }) => (
  <>
    <AccountChoice
      {...{ book, label: 'Debit each time', value: typed.debit, wide: true }}
      onChange={(debit) => set({ debit })}
    />
    <AccountChoice
      {...{ book, label: 'Credit each time', value: typed.credit, wide: true }}
      onChange={(credit) => set({ credit })}
    />
  </>
);

/** What comes out of it, before it is kept; of one that is changed which rows stay and which change. */
function comesOut(book: Book, made: Schedule, before: Schedule | null): string {
  const money = moneyWith(
    book,
    made.rows.map(({ amount }) => amount),
  );
  const kept = lockedRows(book, before);
  const open = made.rows.slice(kept.length);
  const first = money(open[0]?.amount ?? 0);
  const then = made.begins === null ? '' : `, then ${money(open[1]?.amount ?? 0)}`;
  const all = `${counted(open.length, 'row')} of ${first}${then}`;
  const stay = money(sum(kept.map(({ amount }) => amount)));
  return kept.length === 0
    ? `${all}.`
    : `${all}; ${counted(kept.length, 'row')}, ${stay} in all, locked: they stay.`;
}
