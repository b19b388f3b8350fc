import { accountLabel, type Account, type Book } from '../../model/book/book.js';
import { ancestorsOf, NOT_PLACED, sectionIdOf } from '../../model/book/place.js';
import { isSuspense, statementAccounts } from '../ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { signOf } from '../../model/money/side.js';
import { sideOfClass, type ClassId } from '../../model/scheme/scheme.js';

/** Every account; rolled up to the top-level parents; sections only, for outside readers. */
export type Level = 'account' | 'parent' | 'section';

export const LEVELS: readonly Level[] = ['account', 'parent', 'section'];

export interface FigureLine {
  readonly account: Account;
  /** Positive on the normal side of the section's class; contra amounts are negative. */
  readonly amount: Amount;
}

export interface SectionFigures {
  readonly id: string;
  readonly name: string;
  readonly class: ClassId;
  readonly total: Amount;
  readonly lines: readonly FigureLine[];
}

/** +1 when a debit raises the section's figure, -1 when a credit does. */
export const sectionSign = (of: ClassId): 1 | -1 => signOf(sideOfClass(of));

/**
 * The figures of every section of the scheme, in its order, then of *not placed* when accounts without a
 * place exist (debit positive). A retired account shows only while it is not zero.
 */
export function sectionFigures(
  book: Book,
  balances: ReadonlyMap<string, Amount>,
  level: Level,
): SectionFigures[] {
  const bySection = new Map<string, Account[]>();
  for (const account of statementAccounts(book, balances)) {
    const id = sectionIdOf(book, account);
    const list = bySection.get(id);
    if (list) list.push(account);
    else bySection.set(id, [account]);
  }
  const notPlaced = { id: NOT_PLACED, name: 'Not placed', class: 'asset' as const };
  const sections = bySection.has(NOT_PLACED)
    ? [...book.scheme.sections, notPlaced]
    : book.scheme.sections;
  const figures = sections.map((section) => {
    const accounts = bySection.get(section.id) ?? [];
    const sign = sectionSign(section.class);
    const figure = (account: Account) => sign * (balances.get(account.id) ?? 0);
    let total = 0;
    for (const account of accounts) total += figure(account);
    return { ...section, total, lines: linesAt(book, accounts, { figure, level }) };
  });
  return level === 'section' ? figures.flatMap((each) => apart(book, balances, each)) : figures;
}

/** Where only sections are shown, what waits in suspense is a line of its own behind the section that it stands in. */
function apart(
  book: Book,
  balances: ReadonlyMap<string, Amount>,
  section: SectionFigures,
): SectionFigures[] {
  const waiting = statementAccounts(book, balances).filter(
    (account) =>
      isSuspense(book, account) &&
      sectionIdOf(book, account) === section.id &&
      (balances.get(account.id) ?? 0) !== 0,
  );
  const sign = sectionSign(section.class);
  const lines = waiting.map((account) => ({
    ...{ ...section, id: account.id, name: accountLabel(account), lines: [] },
    total: sign * (balances.get(account.id) ?? 0),
  }));
  const rest = { ...section, total: section.total - sum(lines.map(({ total }) => total)) };
  // The last of equity ends in the profit.
  return section.class === 'equity' ? [...lines, rest] : [rest, ...lines];
}

function linesAt(
  book: Book,
  accounts: readonly Account[],
  { figure, level }: { readonly figure: (account: Account) => Amount; readonly level: Level },
): FigureLine[] {
  if (level === 'section') return [];
  const isShown = (each: Account) => each.parent === null || isSuspense(book, each);
  const shown = level === 'account' ? accounts : accounts.filter(isShown);
  const rolled = level === 'account' ? new Map<string, Amount>() : rollUp(book, accounts, figure);
  return shown
    .map((account) => ({ account, amount: rolled.get(account.id) ?? figure(account) + 0 }))
    .filter((line) => !line.account.retired || line.amount !== 0);
}

function rollUp(book: Book, accounts: readonly Account[], figure: (a: Account) => Amount) {
  const rolled = new Map<string, Amount>();
  for (const account of accounts) {
    const top = isSuspense(book, account)
      ? account
      : (ancestorsOf(book, account).at(-1) ?? account);
    rolled.set(top.id, (rolled.get(top.id) ?? 0) + figure(account));
  }
  return rolled;
}
