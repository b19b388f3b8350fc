import { accountLabel, type Account, type Book } from '../../model/book/book.js';
import { keepsProfits } from '../../model/book/new-book.js';
import { formatAmount } from '../../model/money/format-amount.js';
import { done, refusal, refused, type Refusal } from '../../model/refusal/refusal.js';
import { typeOf, type Role } from '../../model/scheme/scheme.js';
import { balancesOf } from '../../accounting/ledger/balances.js';
import { replaced, wanted } from './account-changes.js';
import { isUsed } from '../../model/book/used.js';
import { type Change, noNotices } from '../operation/operation.js';
import { writingOf } from '../../model/place/writing.js';

const reserved = refusal(
  'account.reserved',
  (f: { name: string; why: string }) => `“${f.name}” must stay: ${f.why}.`,
);
const retiredWithBalance = refusal(
  'account.retired-with-balance',
  (f: { name: string; balance: string }) =>
    `“${f.name}” still stands at ${f.balance}. Retired, it shows on the statements until it is zero.`,
);

const WHY_RESERVED: Partial<Record<Role, string>> = {
  'retained-earnings': 'a company needs its one account for profits kept',
  suspense: 'a difference waits there; place it first',
  'receivables-control': 'it gathers what customers owe, and entries are on it',
  'payables-control': 'it gathers what is owed to suppliers, and entries are on it',
};

/** Why the book cannot do without an account; nothing when it can. */
export function reservedRefusals(book: Book, account: Account): Refusal[] {
  const role = typeOf(book.scheme, account.type)?.role ?? 'none';
  const why = WHY_RESERVED[role];
  if (why === undefined) return [];
  const balance = balancesOf(book).get(account.id) ?? 0;
  const inNeed = {
    'retained-earnings': keepsProfits(book.company.legalForm),
    suspense: balance !== 0,
  }[role as string];
  if (!(inNeed ?? isUsed(book, account.id))) return [];
  return [reserved({ name: accountLabel(account), why }, 'id')];
}

export const retireAccount: Change<'retire-account'> = {
  apply(book, operation) {
    const found = wanted(book, operation.id);
    if (!found.ok) return found;
    const refusals = reservedRefusals(book, found.value);
    if (refusals.length > 0) return refused(...refusals);
    const inverse = found.value.retired
      ? ({ kind: 'retire-account', id: operation.id } as const)
      : ({ kind: 'bring-back-account', id: operation.id } as const);
    return done({
      book: replaced(book, { ...found.value, retired: true }),
      inverse,
      notices: () => retireNotices(book, found.value),
    });
  },
};

/** What to say before an account is retired: that it still stands at an amount. */
export function retireNotices(book: Book, account: Account): Refusal[] {
  const balance = balancesOf(book).get(account.id) ?? 0;
  if (balance === 0) return [];
  const shown = formatAmount(balance, writingOf(book.company));
  const facts = { name: accountLabel(account), balance: shown };
  return [retiredWithBalance(facts, 'id')];
}

export const bringBackAccount: Change<'bring-back-account'> = {
  apply(book, operation) {
    const found = wanted(book, operation.id);
    if (!found.ok) return found;
    const inverse = found.value.retired
      ? ({ kind: 'retire-account', id: operation.id } as const)
      : ({ kind: 'bring-back-account', id: operation.id } as const);
    return done({
      book: replaced(book, { ...found.value, retired: false }),
      inverse,
      notices: noNotices,
    });
  },
};
