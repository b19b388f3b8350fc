import type { Account, Book } from '../../model/book/book.js';
import { retainedAccounts } from '../../model/book/book-faults.js';
import { subledgersOf, withSubledgers } from '../../model/book/subledgers.js';
import { apply } from '../../changes/apply/apply.js';
import type { Operation } from '../../model/shapes/operation.js';
import { renumberedChart } from '../../model/placing/renumber-chart.js';
import { starterChart } from '../starter/starter-chart.js';

/** The change done, or the book as it was where it can't be. */
function tried(book: Book, operation: Operation): Book {
  const done = apply(book, operation);
  return done.ok ? done.value.book : book;
}

/**
 * A starting point that is a starter chart in the key's company, scheme and numbers: what the students
 * build the key's chart from. The account for profits kept is the key's. Throws for an unknown trade.
 */
export function starterStart(key: Book, trade: string): Book {
  const frame = { company: key.company, scheme: 'current-first', numberPlan: null };
  const chart = tried(starterChart(trade, frame), { kind: 'change-scheme', scheme: key.scheme });
  const placed = { ...chart, scheme: key.scheme, accounts: withKept(key, chart) };
  const numbers = renumberedChart(placed, key.numberPlan);
  const numbered = numbers.ok
    ? tried(placed, {
        kind: 'renumber-all',
        numbers: numbers.value.map(({ id, number }) => ({ id, number })),
        numberPlan: key.numberPlan,
      })
    : placed;
  return {
    ...withSubledgers(numbered, { inventory: subledgersOf(key).inventory }),
    numberPlan: key.numberPlan,
    taxLists: key.taxLists,
    opening: { date: key.opening.date, balances: {} },
  };
}

function withKept(key: Book, chart: Book): Account[] {
  const [own] = retainedAccounts(key);
  const [starters] = retainedAccounts(chart);
  const ids = new Set(chart.accounts.map(({ id }) => id));
  return chart.accounts.map((account) => {
    if (!own || account !== starters) return account;
    const id = ids.has(own.id) ? account.id : own.id;
    return { ...account, id, name: own.name, type: own.type };
  });
}
