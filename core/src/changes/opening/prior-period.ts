import {
  accountLabel,
  accountOf,
  openingOf,
  type Book,
  type Entry,
} from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import type { Operation } from '../../model/shapes/operation.js';
import { takersOfProfit } from '../../accounting/year/closing.js';

const noHome = refusal(
  'opening.no-home',
  () =>
    'There is no account that an adjustment of earlier periods could go against. Set up retained earnings or capital first.',
);
const sameHome = refusal(
  'opening.same-home',
  (f: { name: string }) =>
    `“${f.name}” is what adjustments of earlier periods go against, so it can’t be adjusted by itself. Adjust the other account.`,
);

/**
 * What makes an account open as it should have, without altering what was reported: its opening balance stays as it was
 * before a change, and an entry of its own kind on the first day takes the difference to what takes the profit.
 */
export function asPriorPeriod(
  book: Book,
  id: string,
  wanted: { readonly before: Amount; readonly entryId: string },
): Result<Operation> {
  const account = accountOf(book, id);
  const [home] = takersOfProfit(book);
  if (!account || !home) return refused(noHome({}));
  if (home.id === id) return refused(sameHome({ name: accountLabel(account) }));
  const difference = openingOf(book, id) - wanted.before;
  const entry: Entry = {
    id: wanted.entryId,
    date: book.company.firstDay,
    kind: 'prior-period-adjustment',
    reference: '',
    text: `“${account.name}” as it should have been brought forward`,
    lines: [
      { account: id, amount: difference },
      { account: home.id, amount: -difference },
    ],
  };
  return done({
    kind: 'several',
    operations: [
      { kind: 'set-opening', id, amount: wanted.before },
      { kind: 'record-entry', entry },
    ],
  });
}
