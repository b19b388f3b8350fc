import type { Aim, KeyRulesFile } from '../../model/exercise-shapes/key-rules.js';
import type { CheckId } from '../../assessment/all-checks/index.js';
import type { Account, Book } from '../../model/book/book.js';
import { withoutDrafts } from '../../model/book/drafts.js';
import { beforeDoings, withoutTelling } from '../../accounting/document/accounts-named.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { starterStart } from './from-starter.js';
import { plantFaults, type FaultKind } from './plant-faults.js';

/** What students begin with, made from the answer key. */
export const START_KINDS = [
  'company-only',
  'starter-chart',
  'accounts',
  'everything',
  'place-them',
  'number-them',
  'mend-it',
] as const;

export type StartKind = (typeof START_KINDS)[number];

/** Which faults `mend-it` plants, and from which seed; of which trade the starter chart is. */
export interface Planting {
  readonly faults: Readonly<Partial<Record<FaultKind, number>>>;
  readonly seed: number;
  readonly trade?: string;
}

/** Whether an account is the one that every starting point keeps: the one for profits kept. */
export const isKept = (book: Book, account: Account): boolean =>
  typeOf(book.scheme, account.type)?.role === 'retained-earnings';

const withAccounts = (book: Book, change: (account: Account) => Account): Book => ({
  ...book,
  accounts: book.accounts.map((account) => (isKept(book, account) ? account : change(account))),
});

/**
 * A starting point cut down from a key: an empty book; a starter chart; the accounts without amounts; everything; the accounts
 * not placed (*place them*); placed, without numbers (*number them*); with faults planted (*mend it*). The
 * retained-earnings account is always left as it is. Amounts stay where the accounts stay, so that what a
 * student does to an account shows on the statements. What the key's keeper has not recorded stays with them.
 */
export function startingPoint(from: Book, kind: StartKind, planting: Planting): Book {
  const key = withoutDrafts(from);
  const empty = { date: key.opening.date, balances: {} };
  switch (kind) {
    case 'company-only':
      return beforeDoings({
        ...key,
        accounts: key.accounts.filter((account) => isKept(key, account)),
        opening: empty,
        entries: [],
      });
    case 'starter-chart':
      return starterStart(key, planting.trade ?? 'shop');
    case 'accounts':
      return beforeDoings({ ...key, opening: empty, entries: [] });
    case 'everything':
      return key;
    case 'place-them':
      return withAccounts(withoutTelling(key), (account) => ({
        ...account,
        type: null,
        number: null,
        parent: null,
        statedSide: null,
      }));
    case 'number-them':
      return withAccounts(key, (account) => ({ ...account, number: null }));
    case 'mend-it':
      return plantFaults(withoutTelling(key), planting.faults, planting.seed).book;
  }
}

const none = (...checks: CheckId[]): Readonly<Record<string, number>> =>
  Object.fromEntries(checks.map((check) => [check, 0]));

const SETTING_UP: readonly CheckId[] = [
  'account.present',
  'account.name',
  'account.statement',
  'account.section',
  'account.type',
  'account.contra',
  'account.parent',
];
const NUMBERS: readonly CheckId[] = [
  'account.number-in-band',
  'account.number-unique',
  'account.parent',
];

/** Points that leave out what an exercise of this kind does not ask; the rest as usual. */
export const usualPoints = (
  kind: StartKind,
  asksSides = false,
): Readonly<Record<string, number>> => ({
  ...(kind === 'place-them' ? none('account.present', 'account.name', ...NUMBERS) : {}),
  ...(kind === 'number-them' ? none(...SETTING_UP) : {}),
  ...(asksSides ? { 'account.normal-side': 1 } : {}),
});

/** What a whole work counts where nobody says otherwise. */
const USUAL_TOTAL = 100;

/** What is usual of a key’s rules in an exercise of this kind; what it is about its key shows, where its start does not. */
export function usualKeyRules(
  kind: StartKind,
  asksSides = false,
): Pick<KeyRulesFile, 'aim' | 'total' | 'points'> {
  const points = usualPoints(kind, asksSides);
  const aims: Partial<Record<StartKind, Aim>> = { 'place-them': 'types', 'number-them': 'numbers' };
  const aim = aims[kind];
  return { ...(aim ? { aim } : {}), total: USUAL_TOTAL, points };
}
