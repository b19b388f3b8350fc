import { faultsOfSubledgers } from '../../accounting/document/subledger-faults.js';
import type { Refusal } from '../../model/refusal/refusal.js';
import { faultsOfScheme } from '../../model/scheme/index.js';
import { accountShape } from '../../model/shapes/account.js';
import { companyShape } from '../../model/shapes/company.js';
import { SUBLEDGERS } from '../../model/shapes/subledgers.js';
import { day } from '../../model/shapes/day.js';
import { entryShape } from '../../model/shapes/entry.js';
import { join } from '../../model/shape/explain.js';
import { schemeShape } from '../../model/shapes/scheme.js';
import { amount, fitting, type Shape } from '../../model/shape/shape.js';
import { taxListsShape } from '../../model/shapes/tax-list.js';
import {
  accountOf,
  type Account,
  type Book,
  type Subledgers,
  type Entry,
} from '../../model/book/book.js';
import {
  eachAt,
  faultsOfAccount,
  faultsOfAccounts,
  faultsOfEntries,
  faultsOfEntry,
  faultsOfOpening,
  faultsOfSize,
} from '../../model/book/book-faults.js';
import { faultsOfPlan } from '../../model/book/read-classification.js';
import { faultsOfTaxLists } from '../../model/book/tax-lists.js';

const misshapen = <T>(shape: Shape<T>, value: T): readonly Refusal[] => {
  const fits = fitting(shape.value, value);
  return fits.ok ? [] : fits.refusals;
};

/**
 * What would make a changed book one that can't be read again: judged by the reader's rules and limits. What the
 * change left as it was is the same value as before, and is not judged again.
 */
export function faultsOfChange(before: Book, after: Book): Refusal[] {
  if (before === after) return [];
  return [
    ...faultsOfSize(after),
    ...(before.company === after.company ? [] : misshapen(companyShape, after.company)),
    ...faultsOfClassification(before, after),
    ...faultsOfChart(before, after),
    ...faultsOfBalances(before, after),
    ...faultsOfJournal(before, after),
    ...faultsOfDoings(before, after),
  ];
}

function faultsOfClassification(before: Book, after: Book): Refusal[] {
  const { scheme, numberPlan, taxLists } = after;
  const faults: Refusal[] = [];
  if (before.scheme !== scheme)
    faults.push(...misshapen(schemeShape, scheme), ...faultsOfScheme(scheme));
  if (before.numberPlan !== numberPlan && numberPlan) faults.push(...faultsOfPlan(numberPlan));
  if (before.taxLists !== taxLists)
    faults.push(...misshapen(taxListsShape, taxLists), ...faultsOfTaxLists(taxLists));
  return faults;
}

const isSameChart = (before: Book, after: Book): boolean =>
  before.accounts === after.accounts &&
  before.scheme === after.scheme &&
  before.taxLists === after.taxLists;

function faultsOfChart(before: Book, after: Book): Refusal[] {
  if (isSameChart(before, after)) return [];
  const known = new Set<Account>(before.accounts);
  const misshaped = eachAt(after.accounts, '', {
    name: 'accounts',
    judge: (account) => (known.has(account) ? [] : misshapen(accountShape, account)),
  });
  return [
    ...misshaped,
    ...faultsOfAccounts(after, ''),
    ...eachAt(after.accounts, '', {
      name: 'accounts',
      judge: (account) => faultsOfAccount(after, account),
    }),
  ];
}

/** Whether every account of before is still there. */
const keepsAccounts = (before: Book, after: Book): boolean =>
  before.accounts === after.accounts ||
  (before.accounts.length <= after.accounts.length &&
    before.accounts.every(({ id }) => accountOf(after, id)));

function faultsOfBalances(before: Book, after: Book): Refusal[] {
  const { date, balances } = after.opening;
  const faults: Refusal[] = [];
  if (before.opening.date !== date) faults.push(...misshapen(day, date));
  if (before.opening.balances !== balances)
    for (const value of Object.values(balances)) faults.push(...misshapen(amount, value));
  const isJudged = before.opening.balances !== balances || !keepsAccounts(before, after);
  return isJudged ? [...faults, ...faultsOfOpening(after, '')] : faults;
}

/** Documents and the like are few against accounts and entries: judged whole, where one of them or its account changed. */
function faultsOfDoings(before: Book, after: Book): Refusal[] {
  const isSame = before.subledgers === after.subledgers && keepsAccounts(before, after);
  if (isSame || !after.subledgers) return [];
  const faults = Object.entries(SUBLEDGERS).flatMap(([part, shape]) =>
    misshapen(shape as Shape<unknown>, after.subledgers?.[part as keyof Subledgers]).map(
      (fault) => ({
        ...fault,
        at: join(part, fault.at),
      }),
    ),
  );
  return faults.length > 0 ? faults : faultsOfSubledgers(after);
}

function faultsOfJournal(before: Book, after: Book): Refusal[] {
  const isKept = keepsAccounts(before, after);
  if (before.entries === after.entries && isKept) return [];
  const known = new Set<Entry>(before.entries);
  return [
    ...eachAt(after.entries, '', {
      name: 'entries',
      judge: (entry) => {
        if (known.has(entry)) return isKept ? [] : faultsOfEntry(after, entry);
        return [...misshapen(entryShape, entry), ...faultsOfEntry(after, entry)];
      },
    }),
    ...faultsOfEntries(after, ''),
  ];
}
