import type { Book, Subledgers } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { stockCourse } from '../document/stock.js';
import { whoOwes } from '../party/who-owes.js';
import type { Schedule } from '../../model/shapes/schedule.js';

/** What of a schedule is left to do after a day; null where nothing is. */
function scheduleLeft(schedule: Schedule, at: string): Schedule | null {
  const rows = schedule.rows.filter(({ date }) => date > at);
  const left = rows.reduce((sum, { amount }) => sum + amount, 0);
  if (rows.length === 0) return null;
  const open = rows.map((row) => ({ ...row, made: false }));
  const begins = open.length === schedule.rows.length ? schedule.begins : null;
  return { ...schedule, begins, total: left + schedule.residual, rows: open };
}

/**
 * What goes on into the next year: what parties owe and are owed, what lies in stock, goods that wait for their invoice, and the rows of schedules that
 * are still to come. Documents stay behind.
 */
export function subledgersCarried(book: Book, at: string): Partial<Subledgers> {
  const subledgers = subledgersOf(book);
  const owed = new Map(
    (['customer', 'supplier'] as const).flatMap((kind) =>
      whoOwes(book, kind, at).parties.map((each) => [each.party.id, each.owed] as const),
    ),
  );
  const { standing, open } = stockCourse(subledgers, at);
  return {
    documents: [],
    openGoods: open,
    parties: subledgers.parties.map((party) => ({ ...party, opening: owed.get(party.id) ?? 0 })),
    items: subledgers.items.map((item) => {
      const { quantity = 0, value = 0 } = standing.get(item.id) ?? {};
      return {
        ...item,
        openingQuantity: Math.max(0, quantity),
        openingValue: Math.max(0, value),
      };
    }),
    schedules: subledgers.schedules.flatMap((schedule) => scheduleLeft(schedule, at) ?? []),
  };
}
