import { faultsOfAccount } from '../../model/book/book-faults.js';
import { LARGEST_AMOUNT } from '../../model/money/amount.js';
import { amountTooLarge } from '../../model/money/parse-amount.js';
import { particularsOf } from '../../model/shapes/account.js';
import { done, refused } from '../../model/refusal/refusal.js';
import { replaced, wanted } from './account-changes.js';
import { type Change, noNotices } from '../operation/operation.js';

/** The particulars of an account that say nothing of its place: description, cash flow, taxes, budget, when it takes entries. */
export const describeAccount: Change<'describe-account'> = {
  apply(book, { kind, id, ...particulars }) {
    const found = wanted(book, id);
    if (!found.ok) return found;
    const next = {
      ...found.value,
      ...particulars,
      description: particulars.description?.trim() || null,
      bankDetails: particulars.bankDetails?.trim() || null,
    };
    const faults = faultsOfAccount(book, next);
    if (Math.abs(next.budget ?? 0) > LARGEST_AMOUNT)
      faults.push(amountTooLarge({ text: String(next.budget) }, 'budget'));
    if (faults.length > 0) return refused(...faults);
    return done({
      book: replaced(book, next),
      inverse: { kind, id, ...particularsOf(found.value) },
      notices: noNotices,
    });
  },
};
