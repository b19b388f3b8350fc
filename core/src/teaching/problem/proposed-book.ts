import type { Account, Book, Entry } from '../../model/book/book.js';
import { account, freeId, newBook, slugOf } from '../../model/book/new-book.js';
import { SHIPPED_PLANS } from '../../model/numbering/shipped-plans.js';
import { renumberedChart } from '../../model/placing/renumber-chart.js';
import { SHIPPED_SCHEMES } from '../../model/scheme/index.js';
import { minorDigits, type Amount } from '../../model/money/amount.js';
import { formatDecimal } from '../../model/money/format-amount.js';
import { bookToJson } from '../../changes/book-file/index.js';
import type { KnownAccount, KnownLine } from './known.js';
import type { Proposal, ProposedEntry } from './propose.js';

/** Period-end entries are told apart: they move neither money nor what somebody is asked for. */
const isAdjusting = ({ lines }: ProposedEntry): boolean =>
  lines.some(({ account: { type } }) => ADJUSTED.has(type)) &&
  lines.every(({ account: { type } }) => type !== 'bank' && type !== 'cash-in-hand');

const ADJUSTED: ReadonlySet<string> = new Set([
  ...['prepayment', 'accumulated-depreciation', 'accumulated-amortisation', 'accrued-expense'],
  ...['wages-payable', 'accrued-income', 'deferred-income', 'allowance-doubtful-debts', 'supplies'],
  ...['stock-change', 'income-tax-payable'],
]);

/** The book’s accounts with those that a proposal needs besides, and the id of each. */
function accountsFor(base: Book, accounts: readonly KnownAccount[]) {
  const taken = new Set(base.accounts.map(({ id }) => id));
  const ids = new Map<KnownAccount, string>();
  const made: Account[] = [];
  for (const known of accounts) {
    const same = base.accounts.find(
      ({ name, type }) =>
        (name === known.name && (type === known.type || type === null)) ||
        (type === 'retained-earnings' && type === known.type),
    );
    const id = same?.id ?? freeId(slugOf(known.name) || 'account', taken);
    taken.add(id);
    ids.set(known, id);
    if (!same) made.push(account(id, known.name, { type: known.type }));
  }
  return { ids, made };
}

/** A new book’s accounts, in the order of the scheme’s types, with numbers where the book has a plan. */
function numbered(base: Book, made: readonly Account[]): Account[] {
  const at = new Map(base.scheme.types.map(({ id }, i) => [id, i]));
  const rank = ({ type }: Account) => at.get(type ?? '') ?? at.size;
  const all = [...base.accounts, ...made].sort((a, b) => rank(a) - rank(b));
  const chart = base.numberPlan && renumberedChart({ ...base, accounts: all }, base.numberPlan);
  if (!chart?.ok) return all;
  const numbers = new Map(chart.value.map(({ id, number }) => [id, number]));
  return all.map((each) => ({ ...each, number: numbers.get(each.id) ?? null }));
}

/** Hundredths in the minor units of a book’s currency. */
const inMinor = ({ company }: Book, amount: Amount): Amount =>
  Math.round(amount * 10 ** (minorDigits(company.currency) - 2));

const usualBook = ({ company }: Proposal): Book =>
  newBook({
    company,
    scheme: SHIPPED_SCHEMES[0]?.id ?? '',
    numberPlan: SHIPPED_PLANS[0]?.id ?? null,
  });

/** Which of a proposal’s entries are taken, by the place of their sentence. */
export interface Taking {
  readonly book?: Book | undefined;
  /** Null: all that are understood. */
  readonly sentences: ReadonlySet<number> | null;
}

/** The book that a proposal makes, or what it adds to one: accounts that are used, opening balances, entries. */
export function proposedBook(proposal: Proposal, { book, sentences }: Taking): Book {
  const base = book ?? usualBook(proposal);
  const taken = proposal.sentences.flatMap(({ entries }, at) =>
    sentences === null || sentences.has(at) ? entries : [],
  );
  const used = new Set([
    ...proposal.opening.map((line) => line.account),
    ...taken.flatMap(({ lines }) => lines.map((line) => line.account)),
  ]);
  const wanted = proposal.accounts.filter((each) => each.isGiven || used.has(each));
  const { ids, made } = accountsFor(base, wanted);
  const idOf = (known: KnownAccount): string => ids.get(known) ?? '';
  const said = new Map<string, Amount>();
  for (const { account: known, amount } of proposal.opening)
    said.set(idOf(known), (said.get(idOf(known)) ?? 0) + inMinor(base, amount));
  const balances = { ...base.opening.balances, ...Object.fromEntries(said) };
  return {
    ...base,
    accounts: book ? [...book.accounts, ...made] : numbered(base, made),
    opening: { ...base.opening, balances },
    entries: [...base.entries, ...entriesOf(base, taken, idOf)],
  };
}

function entriesOf(
  base: Book,
  taken: readonly ProposedEntry[],
  idOf: (known: KnownAccount) => string,
): Entry[] {
  const ids = new Set(base.entries.map(({ id }) => id));
  return taken.map((each) => {
    const id = freeId('told', ids);
    ids.add(id);
    const kind = isAdjusting(each) ? 'adjusting' : 'general';
    const lines = each.lines.map(({ account: known, amount }) => ({
      account: idOf(known),
      amount: inMinor(base, amount),
    }));
    return { id, date: each.date, kind, reference: '', text: each.text, lines };
  });
}

const side = (amount: number): object =>
  amount >= 0 ? { debit: formatDecimal(amount, 2) } : { credit: formatDecimal(-amount, 2) };

const lineToJson = ({ account: { name, type, isGuess }, amount }: KnownLine): object => ({
  ...{ account: name, type },
  ...(isGuess ? { guess: true } : {}),
  ...side(amount),
});

/** A proposal as a document: what was understood of each sentence, and the book that all of it makes. */
export function proposalToJson(proposal: Proposal, book?: Book): object {
  const { company, accounts, opening, sentences } = proposal;
  return {
    company: { name: company.name, firstDay: company.firstDay },
    accounts: accounts.map(({ name, type, isGuess }) => ({
      ...{ name, type },
      ...(isGuess ? { guess: true } : {}),
    })),
    opening: opening.map(({ account: { name }, amount }) => ({ account: name, ...side(amount) })),
    sentences: sentences.map(({ text, entries, why }) => ({
      ...{ text, understood: why === null },
      ...(why === null ? {} : { why }),
      entries: entries.map(({ date, text: words, lines }) => ({
        ...{ date, text: words },
        lines: lines.map(lineToJson),
      })),
    })),
    book: bookToJson(proposedBook(proposal, { book, sentences: null })),
  };
}
