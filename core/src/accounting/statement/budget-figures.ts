import type { Account, Book } from '../../model/book/book.js';
import {
  addDays,
  addMonths,
  financialYearOf,
  firstYear,
  type Period,
} from '../../model/day/calendar.js';
import { sectionOfAccount } from '../../model/book/place.js';
import type { Amount } from '../../model/money/amount.js';
import { proportion } from '../../model/money/quantity.js';
import { signOf } from '../../model/money/side.js';
import { normalSide, statementOfClass, typeOf } from '../../model/scheme/scheme.js';
import type { Level } from './section-figures.js';
import { spreadFigures, type SpreadFigures } from './spread-figures.js';

const daysIn = ({ from, to }: Period): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000) + 1;

const monthsIn = ({ from, to }: Period): number =>
  12 * (Number(to.slice(0, 4)) - Number(from.slice(0, 4))) +
  Number(to.slice(5, 7)) -
  Number(from.slice(5, 7)) +
  1;

/** Which part of a year a period is: its months where it is whole ones, else its days. */
function shareOfYear(book: Book, period: Period): readonly [part: number, of: number] {
  const isMonths = period.from.endsWith('-01') && addDays(period.to, 1).endsWith('-01');
  return isMonths
    ? [monthsIn(period), 12]
    : [daysIn(period), daysIn(firstYear(book.company.firstDay))];
}

/** Whether a budget of an account is one of income or expenses: only these are spread over a year. */
function isBudgeted(book: Book, account: Account): boolean {
  const section = sectionOfAccount(book, account);
  const isResult = section !== null && statementOfClass(section.class) === 'profit-and-loss';
  return isResult && account.budget !== null;
}

/** The days that two periods have in common. */
function overlap(a: Period, b: Period): number {
  const from = a.from > b.from ? a.from : b.from;
  const to = a.to < b.to ? a.to : b.to;
  return Math.max(0, daysIn({ from, to }));
}

/** Of the budgets by period what falls into a period: whole ones whole, of others their days; the same each year. */
function byPeriods({ company }: Book, period: Period, budgets: readonly Amount[]): Amount {
  const months = 12 / budgets.length;
  let total = 0;
  for (
    let year = financialYearOf(company.firstDay, period.from);
    year.from <= period.to;
    year = financialYearOf(company.firstDay, addDays(year.to, 1))
  )
    budgets.forEach((budget, i) => {
      const from = addMonths(year.from, months * i);
      const own = { from, to: addDays(addMonths(year.from, months * (i + 1)), -1) };
      total += proportion(budget, overlap(own, period), daysIn(own));
    });
  return total;
}

/** How many budgets by period an account has, where they are told: one for each period of whole months. */
export function budgetPeriods({ company }: Book): number {
  return 12 % company.periods === 0 ? company.periods : 12;
}

/** An account's budget for a period: by its periods where these are told for as many as there are, else spread evenly. */
function budgetFor(book: Book, { budget, budgets }: Account, period: Period): Amount {
  if (budgets.length === budgetPeriods(book)) return byPeriods(book, period, budgets);
  const [part, of] = shareOfYear(book, period);
  return proportion(budget ?? 0, part, of);
}

/**
 * The budgets of a period as profit and loss shows figures: of each income and expense the part of its budget for the
 * year. Of the balance sheet nothing is said; accounts without a budget stand at nothing.
 */
export function budgetFigures(book: Book, period: Period, level: Level = 'account'): SpreadFigures {
  const balances = book.accounts.flatMap((account) => {
    const type = typeOf(book.scheme, account.type);
    if (!type || !isBudgeted(book, account)) return [];
    const amount = budgetFor(book, account, period);
    return amount === 0
      ? []
      : [[account.id, signOf(normalSide(book.scheme, type)) * amount] as const];
  });
  const opening = { date: period.to, balances: Object.fromEntries(balances) };
  return spreadFigures({ ...book, opening, entries: [] }, period, level);
}

/** Whether any income or expense has a budget. */
export const hasBudgets = (book: Book): boolean =>
  book.accounts.some((account) => isBudgeted(book, account));
