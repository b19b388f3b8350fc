import { accountLabel, type Account, type Book } from '../../model/book/book.js';
import { numberTaken } from '../../model/book/book-faults.js';
import { faultsOfPlan, orShippedPlan } from '../../model/book/read-classification.js';
import { numberKey, readNumber } from '../../model/shapes/account-number.js';
import { done, refused, type Refusal } from '../../model/refusal/refusal.js';
import { wanted, withAccounts } from './account-changes.js';
import { type Change, noNotices } from '../operation/operation.js';

/** What is wrong with the numbers of a whole book: characters, length, doubles. */
function faultsOf(accounts: readonly Account[]): Refusal[] {
  const holders = new Map<string, Account>();
  return accounts.flatMap((account): Refusal[] => {
    if (account.number === null) return [];
    const read = readNumber(account.number);
    if (!read.ok) return read.refusals.map((each) => ({ ...each, at: account.id }));
    const holder = holders.get(numberKey(account.number));
    holders.set(numberKey(account.number), account);
    const facts = { number: account.number, holder: holder ? accountLabel(holder) : '' };
    return holder ? [numberTaken(facts, account.id)] : [];
  });
}

/** Gives many accounts other numbers at once, and the book another plan (or none): one step, undone in one. */
export const renumberAll: Change<'renumber-all'> = {
  apply(book, { numbers, numberPlan }) {
    for (const { id } of numbers) {
      const found = wanted(book, id);
      if (!found.ok) return found;
    }
    const next = new Map(numbers.map(({ id, number }) => [id, number?.trim() ?? null]));
    const accounts = book.accounts.map((account) =>
      next.has(account.id) ? { ...account, number: next.get(account.id) ?? null } : account,
    );
    const faults = faultsOf(accounts);
    if (numberPlan) faults.push(...faultsOfPlan(numberPlan));
    if (faults.length > 0) return refused(...faults);
    const plan = numberPlan && orShippedPlan(numberPlan);
    return done({
      book: { ...withAccounts(book, accounts), numberPlan: plan },
      inverse: {
        kind: 'renumber-all',
        numbers: numbersOf(book, next),
        numberPlan: book.numberPlan,
      },
      notices: noNotices,
    });
  },
};

const numbersOf = (book: Book, of: ReadonlyMap<string, unknown>) =>
  book.accounts.filter(({ id }) => of.has(id)).map(({ id, number }) => ({ id, number }));
