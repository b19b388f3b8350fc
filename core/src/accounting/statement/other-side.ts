import type { Account, Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { balancesOf, upTo } from '../ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { whoOwes } from '../party/who-owes.js';
import { sectionOfType, typeOf, type Section } from '../../model/scheme/scheme.js';
import type { PartyKind } from '../../model/shapes/party.js';
import type { SectionFigures } from './section-figures.js';

/** What stands on the side that is not usual, shown where it belongs. */
export interface Reclassified {
  readonly account: Account;
  /** Minor units, above zero: what both sections have more than their accounts say. */
  readonly amount: Amount;
  readonly from: Section;
  readonly to: Section;
  /** What it is, in words. */
  readonly what: string;
}

const ON_SIDE: Readonly<Record<'asset' | 'liability', string>> = {
  asset: 'trade-receivables',
  liability: 'trade-payables',
};

/** The parties of a control account whose balance is on the other side, where the book knows its parties. */
function ofParties(book: Book, account: Account, at: string): readonly [string, Amount] | null {
  const { posting } = subledgersOf(book);
  const kinds: readonly (readonly [PartyKind, string | null, string])[] = [
    ['customer', posting.receivables, 'Customers in credit'],
    ['supplier', posting.payables, 'Suppliers in debit'],
  ];
  const found = kinds.find(([, control]) => control === account.id);
  if (!found) return null;
  const [kind, , what] = found;
  const ahead = whoOwes(book, kind, at).parties.map(({ owed }) => Math.min(owed, 0));
  return [what, -sum(ahead) || 0];
}

const WHAT: Readonly<Record<string, string>> = {
  cash: 'Overdrawn',
  'receivables-control': 'Customers in credit',
  'payables-control': 'Suppliers in debit',
};

/**
 * What stands at a date on the side that is not usual, and where it belongs: an overdraft and customers who have paid
 * ahead among the liabilities, suppliers paid ahead and an overdraft account with money among the assets. Customers and
 * suppliers one by one where the book knows them: what one has paid ahead does not lower what another owes; but at least
 * as much as their account stands on the other side.
 */
export function onOtherSide(book: Book, at: string): Reclassified[] {
  const balances = balancesOf(book, upTo(at));
  return book.accounts.flatMap((account): Reclassified[] => {
    const from = sectionOfAccount(book, account);
    const role = typeOf(book.scheme, account.type)?.role ?? 'none';
    const isSheet = from?.class === 'asset' || from?.class === 'liability';
    if (!from || !isSheet || WHAT[role] === undefined) return [];
    const sign = from.class === 'asset' ? 1 : -1;
    const own = Math.max(0, -sign * (balances.get(account.id) ?? 0));
    const [what, ahead] = ofParties(book, account, at) ?? [WHAT[role], 0];
    const amount = Math.max(own, ahead);
    const to = sectionOfType(book.scheme, ON_SIDE[from.class === 'asset' ? 'liability' : 'asset']);
    return amount === 0 || !to ? [] : [{ account, amount, from, to, what }];
  });
}

/** The figures of the sections with what belongs elsewhere moved there: both rise, and the sheet stays in balance. */
export const reclassified = (
  figures: readonly SectionFigures[],
  moved: readonly Reclassified[],
): SectionFigures[] =>
  figures.map((section) => {
    const more = moved.filter(({ from, to }) => from.id === section.id || to.id === section.id);
    return { ...section, total: section.total + sum(more.map(({ amount }) => amount)) };
  });

/** Whether a company shows what is on the other side where it belongs, to outside readers. */
export const reclassifies = (book: Book): boolean => book.company.otherSide === 'reclassified';

/** What was moved, in a sentence; the amount is written by whoever shows it. */
export const movedSays = ({ account, what, to }: Reclassified, amount: string): string =>
  `${what}, ${account.name}: ${amount} stands in ${to.name}.`;
