import type { Account, Book } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import { ancestorsOf, rankInChart } from '../../model/book/place.js';
import type { Amount } from '../../model/money/amount.js';
import { balanceSheet, type BalanceSheet } from './balance-sheet.js';
import { typeOf, type ProfitLine, type Scheme } from '../../model/scheme/scheme.js';
import { lineNameIn } from '../../model/scheme/words.js';
import { PROFIT_LINES, profitAndLoss, profitStep, type ProfitAndLoss } from './profit-and-loss.js';
import { profitOnSheet, type ProfitOnSheet } from './profit-on-sheet.js';
import type { Level, SectionFigures } from './section-figures.js';

/** Both statements of a book as the open spread shows them: each account's figure at its place. */
export interface SpreadFigures {
  readonly sheet: BalanceSheet;
  readonly profit: ProfitAndLoss;
  /** The lines of profit within equity. */
  readonly onSheet: ProfitOnSheet;
  /** Figures under each account, in the sign of the account's section. */
  readonly amounts: ReadonlyMap<string, Amount>;
  /** Own and children's together, of every account that others stand under. */
  readonly families: ReadonlyMap<string, Amount>;
}

/** The balance sheet at the end of a period beside profit and loss for it. */
export function spreadFigures(book: Book, period: Period, level: Level = 'account'): SpreadFigures {
  const sheet = balanceSheet(book, period.to, level);
  const profit = profitAndLoss(book, period, level);
  const sections = [
    ...sheet.sections,
    ...profit.sections,
    ...(sheet.notPlaced ? [sheet.notPlaced] : []),
  ];
  const amounts = new Map(
    sections.flatMap((section) =>
      section.lines.map((line) => [line.account.id, line.amount] as const),
    ),
  );
  const families = familyAmounts(book, amounts);
  return { sheet, profit, onSheet: profitOnSheet(book, period), amounts, families };
}

function familyAmounts(book: Book, amounts: ReadonlyMap<string, Amount>): Map<string, Amount> {
  const families = new Map<string, Amount>();
  for (const account of book.accounts)
    for (const above of ancestorsOf(book, account)) {
      const before = families.get(above.id) ?? amounts.get(above.id) ?? 0;
      families.set(above.id, before + (amounts.get(account.id) ?? 0));
    }
  return families;
}

/** The lines of a section in the order of the chart; the virtual suspense comes last. */
export const inChartOrder = (book: Book, section: SectionFigures): SectionFigures['lines'] => {
  const rank = rankInChart(book);
  const at = (id: string) => rank.get(id) ?? Infinity;
  return [...section.lines].sort((a, b) => at(a.account.id) - at(b.account.id));
};

/**
 * Behind which sections of profit and loss a subtotal is shown. Left out are gross profit without cost of
 * sales, and any subtotal that would only repeat the line above it or the profit below.
 */
export function subtotalsShown(
  sections: readonly SectionFigures[],
): ReadonlyMap<string, ProfitLine> {
  const filled = new Set(
    sections.filter((each) => each.lines.length > 0 || each.total !== 0).map(profitStep),
  );
  const shown = new Map<string, ProfitLine>();
  for (const { line, step } of PROFIT_LINES) {
    if (line === 'revenue' || line === 'profit' || !filled.has(step)) continue;
    const isLast = ![...filled].some((each) => each > step);
    const last = sections.filter((section) => profitStep(section) === step).at(-1);
    if (!isLast && last) shown.set(last.id, line);
  }
  return shown;
}

/** What the scheme's words call a subtotal of profit and loss. */
export const profitLineName = (scheme: Scheme, line: ProfitLine): string =>
  lineNameIn(scheme, line, PROFIT_LINES.find((each) => each.line === line)?.name ?? line);

/** What the scheme's words call the result of a period. */
export const resultName = (scheme: Scheme, profit: Amount): string =>
  profit < 0
    ? lineNameIn(scheme, 'loss', 'Loss for the period')
    : lineNameIn(scheme, 'profit', 'Profit for the period');

interface ProfitRow {
  readonly id: 'profit' | 'profit-so-far' | 'earlier-profit';
  readonly name: string;
  readonly amount: Amount;
}

/** The lines of profit on a balance sheet with their names: the period's always, earlier ones where there are any. */
export function profitRows(
  scheme: Scheme,
  { onSheet, profit }: Pick<SpreadFigures, 'onSheet' | 'profit'>,
): readonly ProfitRow[] {
  const isClosed = onSheet.period !== profit.totals.profit;
  const name = resultName(scheme, isClosed ? profit.totals.profit : onSheet.period);
  const ofPeriod = { id: 'profit' as const, name, amount: onSheet.period };
  const rest = onSheet.period === 0 ? ', closed' : ', as far as not closed';
  const rows: ProfitRow[] = [isClosed ? { ...ofPeriod, name: name + rest } : ofPeriod];
  const { soFar, earlier } = onSheet;
  if (soFar !== 0)
    rows.unshift({
      id: 'profit-so-far',
      name: `${result(soFar)} of the year before this period`,
      amount: soFar,
    });
  if (earlier !== 0)
    rows.unshift({
      id: 'earlier-profit',
      name: `${result(earlier)} of earlier years, not yet closed`,
      amount: earlier,
    });
  return rows;
}

/** The same beside another date: what only that one has stands there with nothing. */
export function profitRowsBeside(
  scheme: Scheme,
  now: Pick<SpreadFigures, 'onSheet' | 'profit'>,
  then: Pick<SpreadFigures, 'onSheet' | 'profit'> | null,
): readonly (ProfitRow & { readonly other: Amount })[] {
  const rows = profitRows(scheme, now);
  const others = then ? profitRows(scheme, then) : [];
  const other = (id: string) => others.find((each) => each.id === id)?.amount ?? 0;
  const gone = others.filter(({ id }) => !rows.some((row) => row.id === id));
  return [...gone.map((row) => ({ ...row, amount: 0 })), ...rows].map((row) => ({
    ...row,
    other: other(row.id),
  }));
}

/** Sections, with those that only another date has (what waits in suspense then): here with nothing, at their place. */
export function withThoseOf(
  sections: readonly SectionFigures[],
  others: readonly SectionFigures[],
): readonly SectionFigures[] {
  const all = [...sections];
  for (const [i, each] of others.entries()) {
    if (all.some(({ id }) => id === each.id)) continue;
    const before = all.findIndex(({ id }) => id === others[i - 1]?.id);
    all.splice(before + 1, 0, { ...each, total: 0, lines: [] });
  }
  return all;
}

const result = (amount: Amount): string => (amount < 0 ? 'Loss' : 'Profit');

/** An account's budget for the year in the sign of its section, as its figure is shown; null without one. */
export function budgetFigure(book: Book, account: Account): Amount | null {
  if (account.budget === null) return null;
  const type = typeOf(book.scheme, account.type);
  return type?.contra ? -account.budget : account.budget;
}
