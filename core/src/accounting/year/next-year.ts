import type { Book } from '../../model/book/book.js';
import { addDays, type Period } from '../../model/day/calendar.js';
import { withSubledgers } from '../../model/book/subledgers.js';
import { accountsNamed } from '../document/accounts-named.js';
import { balancesOf, suspenseOf, upTo } from '../ledger/balances.js';
import { done, refused, type Result } from '../../model/refusal/refusal.js';
import { openAt } from './closing.js';
import { subledgersCarried } from './subledgers-carried.js';

/**
 * The book of the next year: the closing balance sheet as its opening balances, no entries yet; scheme, numbers and
 * accounts go on, retired ones that hold nothing stay behind. Refused while the year is not closed. A difference
 * that waited in suspense waits on: it is the difference of the new opening balances.
 */
export function nextYear(book: Book, year: Period): Result<Book> {
  const closed = openAt(book, year.to);
  if (!closed.ok) return refused(...closed.refusals);
  const balances = balancesOf(book, upTo(year.to));
  const own = new Set(book.accounts.map(({ id }) => id));
  if (!own.has(suspenseOf(book).id)) balances.delete(suspenseOf(book).id);
  const held = [...balances].filter(([, amount]) => amount !== 0);
  const parents = new Set(book.accounts.map(({ parent }) => parent));
  const { locked: _, ...rest } = book;
  const carried = withSubledgers(rest, book.subledgers ? subledgersCarried(book, year.to) : {});
  const named = accountsNamed(carried);
  return done({
    ...carried,
    company: { ...book.company, firstDay: addDays(year.to, 1) },
    accounts: book.accounts.filter(
      ({ id, retired }) =>
        !retired || parents.has(id) || named.has(id) || held.some(([each]) => each === id),
    ),
    opening: { date: year.to, balances: Object.fromEntries(held) },
    entries: [],
  });
}
