import type { Account, Book } from '../../model/book/book.js';
import type { Period } from '../../model/day/calendar.js';
import { sectionIdOf } from '../../model/book/place.js';
import { balancesOf } from '../ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { statementOfClass, type Section } from '../../model/scheme/scheme.js';
import { cashFlow } from './cash-flow.js';

/** What an account did to the profit, income positive: as it was earned and used up, and as money came and went. */
interface BasisLine {
  readonly account: Account;
  readonly accrual: Amount;
  readonly cash: Amount;
}

/** A section of profit and loss with what belongs to it, or (null) money that belongs to none of them. */
interface BasisPart {
  readonly section: Section | null;
  readonly lines: readonly BasisLine[];
  readonly accrual: Amount;
  readonly cash: Amount;
}

export interface CashBasis {
  readonly parts: readonly BasisPart[];
  /** The profit for the period. */
  readonly accrual: Amount;
  /** What operations brought in money: the operating part of the cash flow, interest and dividends with it. */
  readonly cash: Amount;
}

/** To which section of profit and loss the money belongs that moves through an account of a balance-sheet type. */
const BELONGS: Readonly<Record<string, string>> = {
  'trade-receivables': 'revenue',
  'note-receivable': 'revenue',
  'accrued-income': 'revenue',
  'deferred-income': 'revenue',
  inventory: 'cost-of-sales',
  'goods-in-transit': 'cost-of-sales',
  'work-in-progress': 'cost-of-sales',
  'trade-payables': 'cost-of-sales',
  'note-payable': 'cost-of-sales',
  'goods-received-not-invoiced': 'cost-of-sales',
  supplies: 'operating-expenses',
  prepayment: 'operating-expenses',
  'accrued-expense': 'operating-expenses',
  'wages-payable': 'operating-expenses',
  'card-payable': 'operating-expenses',
  'income-tax-payable': 'income-tax',
};

function partOf(section: Section | null, lines: readonly BasisLine[]): BasisPart {
  const total = (of: 'accrual' | 'cash') => sum(lines.map((line) => line[of]));
  return { section, lines, accrual: total('accrual'), cash: total('cash') };
}

/**
 * The profit of a period on an accrual and on a cash basis, section by section. On a cash basis only money counts: what
 * customers paid instead of what was sold to them, what was paid instead of what was used up; depreciation does not. Money
 * that moved through a receivable or a payable stands in the section that it usually belongs to (what suppliers are owed in
 * the cost of sales); tax that is collected for others stands apart. Minor units, costs negative; the sum of the cash
 * column is the operating part of the cash flow by the older form, exactly, whatever the book.
 */
export function cashBasis(book: Book, period: Period): CashBasis {
  const { cashFlow: _, ...company } = book.company;
  const { direct, operating } = cashFlow({ ...book, company }, period);
  const money = new Map(direct.operating.map(({ account, amount }) => [account.id, amount]));
  const earned = balancesOf(book, { ...period, closing: false, opening: true });
  const results = new Set(
    book.scheme.sections
      .filter((section) => statementOfClass(section.class) === 'profit-and-loss')
      .map(({ id }) => id),
  );
  const lines = book.accounts.map((account) => {
    const own = sectionIdOf(book, account);
    const isResult = results.has(own);
    const section = isResult ? own : (BELONGS[account.type ?? ''] ?? '');
    const accrual = isResult ? -(earned.get(account.id) ?? 0) || 0 : 0;
    return { section, isResult, line: { account, accrual, cash: money.get(account.id) ?? 0 } };
  });
  // The section's own accounts first, then those through which its money moved.
  lines.sort((a, b) => Number(b.isResult) - Number(a.isResult));
  const within = (id: string) =>
    lines.flatMap(({ section, line }) =>
      section === id && (line.accrual !== 0 || line.cash !== 0) ? [line] : [],
    );
  const parts = [
    ...book.scheme.sections
      .filter(({ id }) => results.has(id))
      .map((section) => partOf(section, within(section.id))),
    partOf(
      null,
      lines.flatMap(({ section, line }) =>
        !results.has(section) && line.cash !== 0 ? [line] : [],
      ),
    ),
  ].filter((part) => part.lines.length > 0);
  return { parts, accrual: sum(parts.map((part) => part.accrual)), cash: operating };
}
