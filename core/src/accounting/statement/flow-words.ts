import type { Account, Book } from '../../model/book/book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import type { Amount } from '../../model/money/amount.js';
import { sideOfClass, statementOfClass, typeOf } from '../../model/scheme/scheme.js';
import type { FlowActivity } from './cash-flow.js';

interface FlowWords {
  readonly part: FlowActivity;
  readonly isDirect: boolean;
}

/** Whether an account grew by what it did to cash: an asset by money spent, a liability by money kept. */
function grew(book: Book, account: Account, amount: Amount): boolean | null {
  const section = sectionOfAccount(book, account);
  if (!section || statementOfClass(section.class) !== 'balance-sheet') return null;
  const contra = typeOf(book.scheme, account.type)?.contra ?? false;
  const isDebit = (sideOfClass(section.class) === 'debit') !== contra;
  return amount < 0 === isDebit;
}

/** What is no money by itself: what an asset lost so far, and what its sale was above or below its book value. */
function isOfDisposal(book: Book, account: Account): boolean {
  const type = typeOf(book.scheme, account.type);
  const section = sectionOfAccount(book, account);
  const isResult = section !== null && statementOfClass(section.class) === 'profit-and-loss';
  return type?.role === 'accumulated-depreciation' || (isResult && type?.cashFlow === 'investing');
}

/**
 * What a line of a cash flow is called, with its direction: between profit and money what grew or fell, else what was
 * received or paid. Nothing else is said where an amount is nothing, or a cost or an income is a step of its own.
 */
export function flowLineName(
  book: Book,
  { account, amount }: { readonly account: Account; readonly amount: Amount },
  { part, isDirect }: FlowWords,
): string {
  if (amount === 0) return account.name;
  if (part === 'investing' && isOfDisposal(book, account))
    return `Of what was sold: ${account.name}`;
  if (part !== 'operating' || isDirect)
    return `${amount > 0 ? 'Received' : 'Paid'}: ${account.name}`;
  const isMore = grew(book, account, amount);
  return isMore === null ? account.name : `${isMore ? 'Increase' : 'Decrease'} in ${account.name}`;
}
