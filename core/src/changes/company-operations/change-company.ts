import type { Book, Company } from '../../model/book/book.js';
import { isDay } from '../../model/day/calendar.js';
import { plainly } from '../book-file/read-book.js';
import { isVisible } from '../../model/shape/visible.js';
import { notACurrency } from '../../model/shapes/company.js';
import { notADay } from '../../model/shapes/day.js';
import { minorDigits } from '../../model/money/amount.js';
import { done, refusal, refused, type Refusal } from '../../model/refusal/refusal.js';
import { inWords, isShipped, type Scheme } from '../../model/scheme/index.js';
import { type Change, noNotices } from '../operation/operation.js';
import type { Operation } from '../../model/shapes/operation.js';

const companyNameless = refusal(
  'company.nameless',
  () => 'A company needs a name of 1 to 120 characters.',
);
const currencyFixed = refusal(
  'company.currency-fixed',
  (f: { from: string; to: string }) =>
    `The amounts in this book have the decimals of ${f.from}; ${f.to} has others. Change the currency before amounts are entered.`,
);
const periodsOdd = refusal(
  'company.periods',
  () => 'The financial year is divided into 1 to 53 periods, usually 12.',
);

/** What is wrong with a company's particulars, each at its field. */
export function faultsOfCompany(company: Company): Refusal[] {
  const faults: Refusal[] = [];
  const length = company.name.trim().length;
  if (length > 120 || !isVisible(company.name)) faults.push(companyNameless({}, 'name'));
  if (!/^[A-Z]{3}$/.test(company.currency))
    faults.push(notACurrency({ text: company.currency }, 'currency'));
  if (!isDay(company.firstDay)) faults.push(notADay({ text: company.firstDay }, 'firstDay'));
  if (!Number.isInteger(company.periods) || company.periods < 1 || company.periods > 53)
    faults.push(periodsOdd({}, 'periods'));
  return faults;
}

/** A scheme of somebody's own comes back name by name: its words can't be told from those it had. */
function inverseOf(book: Book, next: Scheme): Operation {
  const back = { kind: 'change-company', company: book.company } as const;
  if (next === book.scheme || isShipped(book.scheme)) return back;
  return { kind: 'several', operations: [back, { kind: 'change-scheme', scheme: book.scheme }] };
}

export const changeCompany: Change<'change-company'> = {
  apply(book, { company }) {
    const faults = faultsOfCompany(company);
    const from = book.company.currency;
    const hasAmounts = book.entries.length > 0 || Object.keys(book.opening.balances).length > 0;
    if (hasAmounts && minorDigits(from) !== minorDigits(company.currency))
      faults.push(currencyFixed({ from, to: company.currency }, 'currency'));
    if (faults.length > 0) return refused(...faults);
    const scheme = inWords(book.scheme, company.words ?? 'international');
    return done({
      book: { ...book, company: plainly({ ...company, name: company.name.trim() }), scheme },
      inverse: inverseOf(book, scheme),
      notices: noNotices,
    });
  },
};
