import type { Book } from '../book/book.js';
import { addDays, firstYear, type Period } from '../book/calendar.js';
import { sectionOfAccount } from '../book/place.js';
import { proportion } from '../money/quantity.js';
import { signOf } from '../money/side.js';
import { normalSide, statementOfClass, typeOf } from '../scheme/scheme.js';
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

/**
 * The budgets of a period as both statements show figures: of income and expenses the part of the year's budget, of
 * the balance sheet what it should stand at. Accounts without a budget stand at nothing.
 */
export function budgetFigures(book: Book, period: Period, level: Level = 'account'): SpreadFigures {
  const [part, of] = shareOfYear(book, period);
  const balances = book.accounts.flatMap((account) => {
    const type = typeOf(book.scheme, account.type);
    const section = sectionOfAccount(book, account);
    if (account.budget === null || !type || !section) return [];
    const isResult = statementOfClass(section.class) === 'profit-and-loss';
    const amount = isResult ? proportion(account.budget, part, of) : account.budget;
    return amount === 0
      ? []
      : [[account.id, signOf(normalSide(book.scheme, type)) * amount] as const];
  });
  const opening = { date: period.to, balances: Object.fromEntries(balances) };
  return spreadFigures({ ...book, opening, entries: [] }, period, level);
}

/** Whether any account has a budget. */
export const hasBudgets = (book: Book): boolean =>
  book.accounts.some(({ budget }) => budget !== null);
