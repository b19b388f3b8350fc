import type { Book } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import { balancesOf } from '../ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { statementOfClass, type ProfitLine, type Section } from '../../model/scheme/scheme.js';
import { sectionFigures, type Level, type SectionFigures } from './section-figures.js';

export interface ProfitAndLoss {
  readonly from: string;
  readonly to: string;
  readonly sections: readonly SectionFigures[];
  readonly totals: Readonly<Record<ProfitLine, Amount>>;
}

/** The subtotals in the order shown, each after the sections of its step. */
export const PROFIT_LINES: readonly { line: ProfitLine; step: number; name: string }[] = [
  { line: 'revenue', step: 1, name: 'Revenue' },
  { line: 'grossProfit', step: 2, name: 'Gross profit' },
  { line: 'operatingProfit', step: 3, name: 'Operating profit' },
  { line: 'profitBeforeTax', step: 4, name: 'Profit before tax' },
  { line: 'profit', step: 5, name: 'Profit for the period' },
];

const COUNTS_IN: Readonly<Record<string, ProfitLine>> = {
  revenue: 'revenue',
  'cost-of-sales': 'grossProfit',
  'operating-expenses': 'operatingProfit',
  'income-tax': 'profit',
};

/** The first subtotal that a section of profit and loss counts in. */
export const countsIn = (section: Pick<Section, 'id' | 'countsIn'>): ProfitLine =>
  section.countsIn ?? COUNTS_IN[section.id] ?? 'profitBeforeTax';

const STEPS = new Map(PROFIT_LINES.map(({ line, step }) => [line, step]));

/** That subtotal's place in the order shown, from 1. */
export const profitStep = (section: Pick<Section, 'id' | 'countsIn'>): number =>
  STEPS.get(countsIn(section)) ?? 4;

/**
 * Profit and loss for a period, both days included. Entries of the kind closing never count; opening
 * balances and opening entries count when their date lies in the period (a book begun in mid-year).
 */
export function profitAndLoss(book: Book, period: Period, level: Level = 'account'): ProfitAndLoss {
  const balances = balancesOf(book, { ...period, closing: false, opening: true });
  const sections = sectionFigures(book, balances, level).filter(
    (section) => statementOfClass(section.class) === 'profit-and-loss',
  );
  const upToStep = (step: number) =>
    sum(sections.filter((each) => profitStep(each) <= step).map(contribution));
  const totals = Object.fromEntries(
    PROFIT_LINES.map(({ line, step }) => [line, upToStep(step)]),
  ) as Record<ProfitLine, Amount>;
  return { from: period.from, to: period.to, sections, totals };
}

const contribution = (section: SectionFigures): Amount =>
  section.class === 'income' ? section.total : -section.total;
