import type { Book, Entry } from '../../model/book/book.js';
import { addDays, type Period } from '../../model/day/calendar.js';
import { subledgersOf, withSubledgers } from '../../model/book/subledgers.js';
import { NOT_PLACED, sectionIdOf } from '../../model/book/place.js';
import { counts, balancesOf, suspenseOf, upTo } from '../ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { sectionById, statementOfClass } from '../../model/scheme/scheme.js';

/** How the books stood after one thing that happened. */
export interface CourseStep {
  /** Null before anything happened. */
  readonly entry: Entry | null;
  readonly date: string;
  /** Minor units: total assets, and the profit of the period so far. */
  readonly assets: Amount;
  readonly profit: Amount;
}

/** Entries in order of their days; those of one day as they were recorded. */
const inOrderOfDay = (entries: readonly Entry[]): readonly Entry[] =>
  [...entries].sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));

/** What a debit of 1 on each account adds to total assets, and to the profit. */
function weights(book: Book): ReadonlyMap<string, readonly [assets: number, profit: number]> {
  const all = [...book.accounts, suspenseOf(book)].map((account) => {
    const section = sectionIdOf(book, account);
    const of = sectionById(book.scheme, section)?.class ?? null;
    const isAsset = section === NOT_PLACED || of === 'asset';
    const isResult = of !== null && statementOfClass(of) === 'profit-and-loss';
    return [account.id, [isAsset ? 1 : 0, isResult ? -1 : 0]] as const;
  });
  return new Map(all);
}

/**
 * What happened in a period, in order of the day: total assets and the profit after each entry. The first step is how
 * things stood before; the last agrees with the statements of the period.
 */
export function courseOf(book: Book, period: Period): CourseStep[] {
  const weighed = weights(book);
  const before = addDays(period.from, -1);
  const start = { ...book, entries: book.entries.filter(({ date }) => date < period.from) };
  let assets = 0;
  for (const [id, amount] of balancesOf(start, upTo(period.to)))
    assets += (weighed.get(id)?.[0] ?? 0) * amount;
  let profit = openingProfit(book, period, weighed);
  const steps: CourseStep[] = [{ entry: null, date: before, assets, profit }];
  const filter = { ...period, closing: false, opening: true };
  for (const entry of inOrderOfDay(book.entries)) {
    if (entry.date < period.from || entry.date > period.to) continue;
    for (const { account, amount } of entry.lines) {
      const [ofAssets, ofProfit] = weighed.get(account) ?? [0, 0];
      assets += ofAssets * amount;
      if (counts(filter, entry)) profit += ofProfit * amount;
    }
    steps.push({ entry, date: entry.date, assets, profit });
  }
  return steps.map((step) => ({ ...step, assets: step.assets || 0, profit: step.profit || 0 }));
}

/** Of a book begun within the period, the profit that stood there when it was begun. */
function openingProfit(
  { opening }: Book,
  { from, to }: Period,
  weighed: ReturnType<typeof weights>,
): Amount {
  if (opening.date < from || opening.date > to) return 0;
  return Object.entries(opening.balances).reduce(
    (sum, [id, amount]) => sum + (weighed.get(id)?.[1] ?? 0) * amount,
    0,
  );
}

/** The book as it stood after a step of its course: without what came later, its documents neither. */
export function bookAfter(book: Book, steps: readonly CourseStep[], at: number): Book {
  const first = steps[0]?.date ?? '';
  const done = steps.slice(1, at + 1).flatMap(({ entry }) => entry ?? []);
  const entries = [...book.entries.filter(({ date }) => date <= first), ...done];
  const made = new Set(entries.flatMap(({ document }) => document ?? []));
  const { documents } = subledgersOf(book);
  const all = new Set(book.entries.flatMap(({ document }) => document ?? []));
  const day = steps[at]?.date ?? first;
  return withSubledgers(
    { ...book, entries },
    {
      documents: documents.filter(({ id, date }) => made.has(id) || (!all.has(id) && date <= day)),
    },
  );
}
