import { id } from './account.js';
import { day } from './day.js';
import { record } from '../shape/record.js';
import { amount, flag, list, oneOf, orNull, text, usually, type ValueOf } from '../shape/shape.js';

export const SCHEDULE_KINDS = ['prepayment', 'deferred-income', 'accrual', 'depreciation'] as const;
export type ScheduleKind = (typeof SCHEDULE_KINDS)[number];

const rowShape = record({
  date: day,
  /** Minor units over zero. */
  amount,
  /** Whether its entry stands in the journal. */
  made: usually(flag, false),
});

/** A small table that makes entries: each row one, a debit and a credit of its amount. */
export const scheduleShape = record({
  id: text(100),
  kind: oneOf(SCHEDULE_KINDS),
  text: text(200),
  debit: id,
  credit: id,
  /** What is spread; of depreciation the cost. Minor units. */
  total: amount,
  /** What is left at the end and not spread, minor units. */
  residual: usually(amount, 0),
  /** The day from which it is spread by days; null: by whole months. */
  begins: orNull(day),
  rows: list(rowShape, 600, 'rows in one schedule'),
});

export type ScheduleRow = ValueOf<typeof rowShape>;
export type Schedule = ValueOf<typeof scheduleShape>;
