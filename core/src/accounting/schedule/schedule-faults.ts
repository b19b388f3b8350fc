import { accountOf, type Book } from '../../model/book/book.js';
import { accountUnknown } from '../../model/book/book-faults.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import type { Schedule } from '../../model/shapes/schedule.js';
import { isVisible } from '../../model/shape/visible.js';

const nameless = refusal('schedule.nameless', () => 'Say what is spread. Type a few words.');
const sameAccount = refusal(
  'schedule.same-account',
  () => 'Debit and credit are one account, so nothing would move. Choose two.',
);
const notWhole = refusal(
  'schedule.not-whole',
  () => 'The rows do not add up to what is spread. Plan them anew.',
);
const notOver = refusal('schedule.not-over-zero', () => 'Each row needs an amount over zero.');
const notInOrder = refusal(
  'schedule.not-in-order',
  () => 'The rows must stand in the order of their days, each on a day of its own.',
);

/** What is wrong with a schedule: accounts that are not there, rows that do not add up to what is spread. */
export function faultsOfSchedule(book: Book, schedule: Schedule): Refusal[] {
  const faults: Refusal[] = isVisible(schedule.text) ? [] : [nameless({}, 'text')];
  for (const side of ['debit', 'credit'] as const)
    if (!accountOf(book, schedule[side])) faults.push(accountUnknown({ id: schedule[side] }, side));
  if (schedule.debit === schedule.credit) faults.push(sameAccount({}, 'credit'));
  const sum = schedule.rows.reduce((all, { amount }) => all + amount, 0);
  if (sum !== schedule.total - schedule.residual) faults.push(notWhole({}, 'rows'));
  if (
    schedule.residual < 0 ||
    schedule.rows.length === 0 ||
    schedule.rows.some(({ amount }) => amount <= 0)
  )
    faults.push(notOver({}, 'rows'));
  if (schedule.rows.some(({ date }, i) => i > 0 && date <= (schedule.rows[i - 1]?.date ?? '')))
    faults.push(notInOrder({}, 'rows'));
  return faults;
}
