import { balancesOf } from '../../accounting/ledger/balances.js';
import { minorDigits, type Amount } from '../../model/money/amount.js';
import type { Book } from '../../model/book/book.js';
import { SHIPPED_SCHEMES, typeOf, type Scheme } from '../../model/scheme/index.js';
import { sideOfClass, statementOfClass, type AccountType } from '../../model/scheme/scheme.js';
import { typeGuess, type TypeGuess } from '../../model/naming/guess-type.js';
import { wordsSpeakFor } from '../../model/naming/type-stems.js';
import { Known, type KnownAccount, type KnownLine } from './known.js';
import type { ListRow } from './list-row.js';
import { bestOf, isGoods, LASTING_TYPES } from './things.js';

type Side = 'debit' | 'credit';

const usualScheme = (): Scheme => SHIPPED_SCHEMES[0] as Scheme;

const NO_STOCK = /\b(?:sales?|cost|purchases?|returns?|sold|fees|depreciation)\b/i;

/** A row of a list becomes an account, its type taken from its name: sure where it is called just so. */
function accountOfRow(known: Known, { name, side, amount }: ListRow): KnownAccount {
  const before = known.accounts.find((each) => each.name.toLowerCase() === name.toLowerCase());
  if (before) return before;
  const isStock = side !== 'credit' && isGoods(name, known) && !NO_STOCK.test(name);
  if (isStock) return known.add({ name, type: 'inventory', isGuess: true, isGiven: true });
  const clear = typeGuess(known.scheme, name, null);
  const fits =
    clear && (side === null || amount === null || sideOf(known.scheme, clear.type) === side);
  const guess = fits ? clear : bySections(known.scheme, name, amount === null ? null : side);
  const isWorn = known.lacksLasting && !guess.isSure && side !== 'credit' && !NO_STOCK.test(name);
  if (isWorn) return known.add({ name, type: 'plant-equipment', isGuess: true, isGiven: true });
  return known.add({ name, type: guess.type.id, isGuess: !guess.isSure, isGiven: true });
}

/** Types of which a name says so by other words than *loan*. */
const NARROW: ReadonlySet<string> = new Set([
  'loan-within-year',
  'lease-within-year',
  'due-from-owner',
]);

/** What no name says clearly: what its words speak for most, among types that have their balance on a side. */
function bySections(scheme: Scheme, name: string, side: Side | null): TypeGuess {
  const types = scheme.types.filter((type) => side === null || sideOf(scheme, type) === side);
  const found = types
    .filter(({ id }) => !NARROW.has(id))
    .map((type) => ({ type, weight: wordsSpeakFor(name, type.id) }))
    .sort((a, b) => b.weight - a.weight)[0];
  const otherwise =
    side === 'credit'
      ? 'sundry-payable'
      : side === 'debit'
        ? 'plant-equipment'
        : 'sundry-operating';
  const usual = scheme.types.find(({ id }) => id === otherwise) as AccountType;
  return { type: found && found.weight > 0 ? found.type : usual, isSure: false };
}

/** The side on which a type of the balance sheet has its balance; null for income and expenses. */
function sideOf(scheme: Scheme, type: AccountType): Side | null {
  const section = scheme.sections.find(({ id }) => id === type.section);
  if (!section || statementOfClass(section.class) !== 'balance-sheet') return null;
  return (sideOfClass(section.class) === 'debit') !== type.contra ? 'debit' : 'credit';
}

/** `Debtors: Abbey School`, `Inkwell Co (creditor)`: who owes, or is owed, by name. */
function keepParty(known: Known, { name, amount }: ListRow, account: KnownAccount): void {
  const isOwed =
    account.type === 'trade-receivables' ? 1 : account.type === 'trade-payables' ? -1 : 0;
  const [party] = name.match(/\p{Lu}\p{Ll}+(?: \p{Lu}\p{Ll}+)*/gu) ?? [];
  const isNamed =
    party !== undefined && !/account|receivable|payable|debtor|creditor|trade|bills/i.test(party);
  if (isOwed === 0 || !isNamed || amount === null) return;
  const line = { account, amount: isOwed * amount };
  for (const each of [party, party.split(' ')[0] ?? party])
    known.remembered.owed.set(each.toLowerCase(), { name: party, line, percent: null });
}

/** `Ada Beam, capital`: whose it is. */
function keepOwner({ owners }: Known, { name }: ListRow, { type }: KnownAccount): void {
  if (!['owner-capital', 'partner-current', 'drawings'].includes(type)) return;
  for (const [word] of name.matchAll(/\p{Lu}\p{Ll}{2,}/gu))
    if (
      !/^(?:capital|drawings|owner|current|account|equity|proprietor|partner|withdrawals)$/i.test(
        word,
      )
    )
      owners.add(word);
}

export function openingLine(known: Known, row: ListRow): KnownLine[] {
  const account = accountOfRow(known, row);
  if (row.amount === null || row.amount === 0) return [];
  const type = typeOf(known.scheme, account.type);
  keepParty(known, row, account);
  keepOwner(known, row, account);
  const side = row.side ?? (type && sideOf(known.scheme, type)) ?? 'debit';
  return [{ account, amount: side === 'debit' ? row.amount : -row.amount }];
}

const OWNS: ReadonlySet<string> = new Set(
  'owner-capital partner-current share-capital retained-earnings reserve drawings'.split(' '),
);

/** Whether a list has what has worn, and nothing by whose name one would know what wears. */
export const lacksLasting = (rows: readonly ListRow[]): boolean =>
  rows.some(({ name }) => /depreciation/i.test(name)) &&
  !rows.some(({ name }) => !/depreciation/i.test(name) && bestOf(name, LASTING_TYPES));

/** What is left to a sole trader of all that was told, where nobody says what the capital is; empty: it is said, or nothing is left. */
export function capitalLeft(known: Known, lines: readonly KnownLine[]): KnownLine[] {
  const left = lines.reduce((sum, { amount }) => sum + amount, 0);
  if (left <= 0 || lines.some(({ account }) => OWNS.has(account.type))) return [];
  const account = known.account({ type: 'owner-capital', name: 'Capital, owner', isGuess: true });
  return [{ account, amount: -left }];
}

export function knownOf(book: Book | undefined): Known {
  const known = new Known(book?.scheme ?? usualScheme());
  const held = book ? balancesOf(book) : new Map<string, Amount>();
  const digits = minorDigits(book?.company.currency ?? 'EUR');
  for (const { id, name, type } of book?.accounts ?? []) {
    const account = known.add({
      name,
      type: type ?? 'sundry-operating',
      isGuess: type === null,
      isGiven: true,
    });
    const amount = Math.round((held.get(id) ?? 0) * 10 ** (2 - digits));
    if (amount !== 0) known.move([{ account, amount }]);
  }
  return known;
}
