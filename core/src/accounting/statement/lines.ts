import { NOT_PLACED } from '../../model/book/place.js';
import {
  sectionById,
  statementOfClass,
  type Scheme,
  type StatementId,
} from '../../model/scheme/scheme.js';
import { lineNameIn } from '../../model/scheme/words.js';
import { PROFIT_LINES, profitStep } from './profit-and-loss.js';
import { sectionSign } from './section-figures.js';

/**
 * A section's total, a subtotal or a total of a statement, as a weighing of debit-positive balances by the
 * section where each account stands. Any difference between two books' figures can so be split exactly.
 */
export interface StatementLine {
  /** A section's id, or one of the totals below. */
  readonly id: string;
  readonly name: string;
  readonly isTotal: boolean;
  /** What a debit of 1 on an account of the section adds to the line. Null: accounts not placed. */
  weigh(scheme: Scheme, section: string): number;
}

const TOTAL_IDS: Readonly<Record<string, string>> = {
  revenue: 'revenue',
  grossProfit: 'gross-profit',
  operatingProfit: 'operating-profit',
  profitBeforeTax: 'profit-before-tax',
  profit: 'profit',
};

const classOf = (scheme: Scheme, section: string) => sectionById(scheme, section)?.class ?? null;

const sectionLine = (id: string, name: string): StatementLine => ({
  id,
  name,
  isTotal: false,
  weigh: (scheme, section) => {
    const of = section === id ? classOf(scheme, section) : null;
    return of ? sectionSign(of) : 0;
  },
});

const total = (id: string, name: string, weigh: StatementLine['weigh']): StatementLine => ({
  id,
  name,
  isTotal: true,
  weigh,
});

const weighProfit: StatementLine['weigh'] = (scheme, section) => {
  const of = classOf(scheme, section);
  return of !== null && statementOfClass(of) === 'profit-and-loss' ? -1 : 0;
};

const BALANCE_TOTALS: readonly StatementLine[] = [
  total('assets', 'Total assets', (scheme, section) =>
    section === NOT_PLACED || classOf(scheme, section) === 'asset' ? 1 : 0,
  ),
  total('liabilities', 'Total liabilities', (scheme, section) =>
    classOf(scheme, section) === 'liability' ? -1 : 0,
  ),
  total('equity', 'Total equity', (scheme, section) =>
    classOf(scheme, section) === 'equity' ? -1 : weighProfit(scheme, section),
  ),
];
const PROFIT_ON_SHEET = 'Profit for the period';

/** The lines of a statement that are checked: its sections, then its subtotals and totals. */
export function linesOfStatement(scheme: Scheme, statement: StatementId): StatementLine[] {
  const sections = scheme.sections
    .filter((section) => statementOfClass(section.class) === statement)
    .map((section) => sectionLine(section.id, section.name));
  if (statement === 'balance-sheet') {
    const profit = lineNameIn(scheme, 'profit', PROFIT_ON_SHEET);
    return [...sections, ...BALANCE_TOTALS, total('profit', profit, weighProfit)];
  }
  const totals = PROFIT_LINES.filter(({ line }) => line !== 'revenue').map(({ line, step, name }) =>
    total(TOTAL_IDS[line] ?? line, lineNameIn(scheme, line, name), (of, section) =>
      profitStep(sectionById(of, section) ?? { id: section }) <= step
        ? weighProfit(of, section)
        : 0,
    ),
  );
  return [...sections, ...totals];
}
