import type { Book } from '../../model/book/book.js';
import { financialYearOf, firstYear, type Period } from '../../model/day/calendar.js';
import { minorDigits, type Amount } from '../../model/money/amount.js';
import { formatDecimal } from '../../model/money/format-amount.js';
import { balanceSheet } from './balance-sheet.js';
import { cashFlow } from './cash-flow.js';
import { changesInEquity } from './changes-in-equity.js';
import { profitAndLoss } from './profit-and-loss.js';
import { profitOnSheet } from './profit-on-sheet.js';
import type { Level, SectionFigures } from './section-figures.js';
import { trialBalance } from './trial-balance.js';

/**
 * The period that statements cover when less is said: up to the end of the first financial year, from the
 * first day of the financial year in which it ends.
 */
export function usualPeriod(book: Book, at: string | null, from: string | null): Period {
  const to = at ?? firstYear(book.company.firstDay).to;
  return { from: from ?? financialYearOf(book.company.firstDay, to).from, to };
}

type Money = (amount: Amount) => string;

const decimals = (money: Money, amounts: object) =>
  Object.fromEntries(Object.entries(amounts).map(([key, amount]) => [key, money(amount)]));

const sections = (money: Money, list: readonly SectionFigures[]) =>
  list.map(({ id, total, lines }) => ({
    id,
    total: money(total),
    lines: lines.map(({ account, amount }) => ({ account: account.id, amount: money(amount) })),
  }));

/** All statements of a book as the document that `gleddo statements --json` prints; amounts as decimals. */
export function statementsToJson(book: Book, period: Period, level: Level): object {
  const digits = minorDigits(book.company.currency);
  const money: Money = (amount) => formatDecimal(amount, digits);
  const sheet = balanceSheet(book, period.to, level);
  const profit = profitAndLoss(book, period, level);
  const { operating, investing, financing, movement } = cashFlow(book, period);
  const placed = sheet.notPlaced ? [...sheet.sections, sheet.notPlaced] : sheet.sections;
  return {
    trialBalance: trialToJson(book, period.to, money),
    balanceSheet: {
      at: sheet.at,
      sections: sections(money, placed),
      totals: decimals(money, sheetTotals(book, period)),
    },
    profitAndLoss: {
      from: profit.from,
      to: profit.to,
      sections: sections(money, profit.sections),
      totals: decimals(money, profit.totals),
    },
    cashFlow: decimals(money, { operating, investing, financing, movement }),
    changesInEquity: equityToJson(book, period, money),
  };
}

/** The profit is the period's, as in profit and loss; what the year earned before it and what earlier years
 * left unclosed is told beside it, where there is any. */
function sheetTotals(book: Book, period: Period) {
  const { assets, liabilities, equity } = balanceSheet(book, period.to, 'section').totals;
  const { period: profit, soFar, earlier } = profitOnSheet(book, period);
  return {
    assets,
    liabilities,
    equity,
    profit,
    ...(soFar === 0 ? {} : { profitSoFar: soFar }),
    ...(earlier === 0 ? {} : { earlierProfit: earlier }),
  };
}

function trialToJson(book: Book, at: string, money: Money): object {
  const { lines, debit, credit } = trialBalance(book, at);
  return {
    at,
    lines: lines.map((line) => ({
      account: line.account.id,
      ...decimals(money, { debit: line.debit, credit: line.credit }),
    })),
    ...decimals(money, { debit, credit }),
  };
}

function equityToJson(book: Book, period: Period, money: Money): object {
  const { from, to, rows, total } = changesInEquity(book, period);
  return {
    from,
    to,
    rows: rows.map(({ account, ...amounts }) => ({
      account: account?.id ?? null,
      ...decimals(money, amounts),
    })),
    total: decimals(money, total),
  };
}
