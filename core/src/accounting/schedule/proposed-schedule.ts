import { accountOf, type Book } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { SCHEDULE_KINDS, type Schedule, type ScheduleKind } from '../../model/shapes/schedule.js';
import type { ScheduleRow } from '../../model/shapes/schedule.js';
import { linesOf } from '../ledger/balances.js';

interface Sides {
  /** Types of the accounts that are usually debited and credited, the usual first. */
  readonly debit: readonly string[];
  readonly credit: readonly string[];
}

const SIDES: Readonly<Record<ScheduleKind, Sides>> = {
  prepayment: { debit: ['insurance', 'premises', 'sundry-operating'], credit: ['prepayment'] },
  'deferred-income': { debit: ['deferred-income'], credit: ['service-fees', 'goods-sales'] },
  accrual: {
    debit: ['interest-paid', 'premises', 'sundry-operating'],
    credit: ['accrued-expense'],
  },
  depreciation: { debit: ['depreciation-charge'], credit: ['accumulated-depreciation'] },
};

/** Types whose balance is what is left to be spread. */
const SPREAD: readonly string[] = ['prepayment', 'deferred-income'];

const firstOf = (book: Book, types: readonly string[]): string | null =>
  types
    .map((type) => book.accounts.find((each) => each.type === type && !each.retired)?.id)
    .find((id) => id !== undefined) ?? null;

/** The account that collects what an asset has lost so far; of that one, itself; null where there is none. */
const accumulatedDepreciationOf = (book: Book, id: string | null): string | null =>
  book.accounts.find(
    (each) =>
      id !== null &&
      (each.id === id || each.parent === id) &&
      typeOf(book.scheme, each.type)?.role === 'accumulated-depreciation',
  )?.id ?? null;

/** Which kind of schedule an account suggests: of an asset its depreciation, of what was paid ahead its being used up. */
export function scheduleKindFor(book: Book, id: string | null): ScheduleKind {
  if (accumulatedDepreciationOf(book, id) !== null) return 'depreciation';
  const type = accountOf(book, id)?.type ?? '';
  const isOf = (kind: ScheduleKind) => [...SIDES[kind].credit, ...SIDES[kind].debit].includes(type);
  return SCHEDULE_KINDS.find(isOf) ?? 'prepayment';
}

/** What is to be spread of an account: what stands there, of an asset its cost; null where neither is meant. Minor units. */
function wholeOf(book: Book, id: string | null): Amount | null {
  const accumulated = accumulatedDepreciationOf(book, id);
  const isWhole =
    SPREAD.includes(accountOf(book, id)?.type ?? '') ||
    (accumulated !== null && accumulated !== id);
  if (id === null || !isWhole) return null;
  return Math.abs(linesOf(book, id).at(-1)?.balance ?? 0);
}

/** The accounts and the amount that a schedule of a kind usually has, for the account from which one comes (null: none). */
export function proposedSchedule(
  book: Book,
  kind: ScheduleKind,
  id: string | null,
): { debit: string | null; credit: string | null; total: Amount | null } {
  const type = accountOf(book, id)?.type ?? '';
  const { debit, credit } = SIDES[kind];
  const collects = kind === 'depreciation' ? accumulatedDepreciationOf(book, id) : null;
  return {
    debit: debit.includes(type) ? id : firstOf(book, debit),
    credit: collects ?? (credit.includes(type) ? id : firstOf(book, credit)),
    total: wholeOf(book, id),
  };
}

/** The rows that stay as they are when a schedule is changed: those made whose days are locked. */
export const lockedRows = (book: Book, schedule: Schedule | null): readonly ScheduleRow[] =>
  (schedule?.rows ?? []).filter(({ made, date }) => made && date <= (book.locked ?? ''));
