import type { Book } from '../../model/book/book.js';
import { sectionIdOf } from '../../model/book/place.js';
import { postingOf } from '../check/marking.js';
import type { CauseShare } from '../all-checks/index.js';
import type { StatementDate } from '../key/answer-key.js';
import { balancesOf, statementAccounts } from '../../accounting/ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { linesOfStatement, type StatementLine } from '../../accounting/statement/lines.js';

/** What a statement check found, as far as it is looked at here. */
export interface LineResult {
  readonly check: string;
  readonly ref: string;
  readonly subject: { readonly id: string };
  readonly difference: Amount | null;
  readonly causes: readonly CauseShare[];
  readonly date: StatementDate | null;
}

/** What one fault makes of a figure: theirs less the key's, in the figure's own sign; null: what no note explains. */
interface LinePart {
  readonly root: string | null;
  readonly share: Amount;
}

/** A figure of a statement on its way from the key's to theirs. */
export interface LineOnItsWay {
  readonly name: string;
  readonly line: StatementLine;
  readonly date: StatementDate;
  readonly wanted: Amount;
  readonly parts: readonly LinePart[];
}

/** A figure of a book: each account by its place and its balance. */
function figureOf(book: Book, line: StatementLine, date: StatementDate): Amount {
  const balances = balancesOf(book, postingOf(date));
  let figure = 0;
  for (const account of statementAccounts(book, balances))
    figure += line.weigh(book.scheme, sectionIdOf(book, account)) * (balances.get(account.id) ?? 0);
  return figure === 0 ? 0 : figure;
}

/** The shares of a difference by the faults that answer for them. */
function partsOf(causes: readonly CauseShare[]): LinePart[] {
  const sums = new Map<string | null, Amount>();
  for (const { roots = [], share } of causes) {
    const root = roots[0] ?? null;
    sums.set(root, (sums.get(root) ?? 0) + share);
  }
  return [...sums].flatMap(([root, share]) => (share === 0 ? [] : [{ root, share }]));
}

/** The figures of the statements that differ or in which faults cancel each other, each with what made it so. */
export function linesOnTheirWay(key: Book, results: readonly LineResult[]): LineOnItsWay[] {
  return results.flatMap(({ subject, causes, date, ref }): LineOnItsWay[] => {
    if (!date || !ref.startsWith('statement.') || causes.length === 0) return [];
    const line = linesOfStatement(key.scheme, date.statement).find(({ id }) => id === subject.id);
    if (!line) return [];
    const parts = partsOf(causes);
    return [{ name: line.name, line, date, wanted: figureOf(key, line, date), parts }];
  });
}

/** A figure once some faults are put right. */
export const figureWith = (
  { wanted, parts }: LineOnItsWay,
  putRight: ReadonlySet<string>,
): Amount =>
  parts.reduce(
    (figure, { root, share }) => figure + (root !== null && putRight.has(root) ? 0 : share),
    wanted,
  );
