import {
  accountOf,
  openingOf,
  type Account,
  type Book,
  type Entry,
} from '../../model/book/book.js';
import { minorDigits, type Amount } from '../../model/money/amount.js';
import { sideOf } from '../../model/money/side.js';
import {
  normalSide,
  sectionOfType,
  statementOfClass,
  typeOf,
  type ClassId,
} from '../../model/scheme/scheme.js';
import { statementName } from '../../model/scheme/words.js';
import type { HintPiece } from '../../model/exercise-shapes/hint-pieces.js';
import { kindOfAccount, whyOfEntry } from '../../assessment/principle/index.js';
import { amountSaid } from '../../model/money/format-amount.js';
import { saidOn, writingOf } from '../../model/place/writing.js';

/** What each piece says; empty: there is nothing to say. */
export type Pieces = Readonly<Record<HintPiece, string>>;

function moneyOf({ company }: Book): (amount: Amount) => string {
  const writing = writingOf(company);
  return (amount) => amountSaid(amount, writing);
}

const SIDES: Readonly<Record<ClassId, string>> = {
  asset: 'What is owned stands in debit.',
  expense: 'What is used up stands in debit.',
  liability: 'What is owed stands in credit.',
  equity: 'What belongs to the owners stands in credit.',
  income: 'What is earned stands in credit.',
};

export function placeOf({ scheme }: Book, { type }: Account): string {
  const section = sectionOfType(scheme, type);
  if (!section) return '';
  const statement = statementName(scheme, statementOfClass(section.class));
  return `${section.name}, on the ${statement.toLowerCase()}`;
}

const quoted = (names: readonly string[]): string => names.map((name) => `“${name}”`).join(' or ');

const sameName = (one: string, other: string): boolean => one.toLowerCase() === other.toLowerCase();

/** Help for an account that is not set up yet. */
export function accountPieces(book: Book, account: Account): Pieces {
  const type = typeOf(book.scheme, account.type);
  const place = placeOf(book, account);
  const others = (type?.examples ?? []).filter((name) => !sameName(name, account.name));
  const number = account.number === null ? '' : `, number ${account.number}`;
  return {
    where: place === '' ? '' : `An account is not there yet. It stands under ${place}.`,
    rule: type ? `What it is for: ${type.says}` : '',
    example:
      others.length === 0
        ? ''
        : `Elsewhere such an account is called ${quoted(others.slice(0, 3))}.`,
    answer: `It is “${account.name}”${number}: ${type?.name ?? 'without a type'}.`,
  };
}

/** On which side such an account usually stands, and why; empty: nobody can say. */
export function sideRule({ scheme }: Book, { type }: Account): string {
  const section = sectionOfType(scheme, type);
  if (!section) return '';
  const turned = typeOf(scheme, type)?.contra
    ? ' This one lowers another, so it stands on the other side from what it lowers.'
    : '';
  return `${SIDES[section.class]}${turned}`;
}

/** Help for an opening balance that is not entered yet. */
export function openingPieces(book: Book, account: Account): Pieces {
  const section = sectionOfType(book.scheme, account.type);
  const type = typeOf(book.scheme, account.type);
  const amount = openingOf(book, account.id);
  const money = moneyOf(book);
  const side = type ? normalSide(book.scheme, type) : 'debit';
  const stands = sideOf(amount) ?? side;
  const unusual =
    stands === side ? '' : ' This one stands on the other side: look which way it is.';
  return {
    where: section ? `An opening balance under ${section.name} is not entered yet.` : '',
    rule: section ? `${sideRule(book, account)}${unusual}` : '',
    example: `Were it 1,000 in the last balance sheet, it would open with 1,000 in ${stands}.`,
    answer: `“${account.name}” opens with ${money(amount)} in ${stands}.`,
  };
}

interface SaidLine {
  readonly name: string;
  readonly amount: Amount;
}

function linesSaid(lines: readonly SaidLine[], money: (amount: Amount) => string): string {
  const of = (isDebit: boolean) =>
    lines
      .filter(({ amount }) => amount > 0 === isDebit)
      .map(({ name, amount }) => `“${name}” ${money(amount)}`)
      .join(' and ');
  return `debit ${of(true)}, credit ${of(false)}`;
}

/** In whole units of the currency: what the largest side of a like case comes to. */
const LIKE_TOTAL = 1_200;

/** The same kinds of accounts with other figures, each side in the same parts as far as whole amounts allow. */
function likeLines(book: Book, { lines }: Entry): SaidLine[] {
  const total = lines.reduce((sum, { amount }) => sum + Math.max(0, amount), 0);
  const unit = 10 ** minorDigits(book.company.currency);
  const share = (sign: 1 | -1) => {
    const side = lines.filter(({ amount }) => Math.sign(amount) === sign);
    let left = LIKE_TOTAL;
    return side.map(({ account, amount }, at) => {
      const part = Math.max(1, Math.round((Math.abs(amount) * LIKE_TOTAL) / total));
      const own = at === side.length - 1 ? left : Math.min(part, left - (side.length - 1 - at));
      left -= own;
      const type = accountOf(book, account)?.type ?? null;
      return { name: typeOf(book.scheme, type)?.name ?? 'an account', amount: sign * own * unit };
    });
  };
  return [...share(1), ...share(-1)];
}

/** Help for what happened and is not recorded yet. */
export function entryPieces(book: Book, entry: Entry): Pieces {
  const money = moneyOf(book);
  const kinds = (sign: 1 | -1) =>
    entry.lines
      .filter(({ amount }) => Math.sign(amount) === sign)
      .map(({ account }) =>
        kindOfAccount(book.scheme, { type: accountOf(book, account)?.type ?? null }),
      );
  const named = entry.lines.map(({ account, amount }) => ({
    ...{ name: accountOf(book, account)?.name ?? account, amount },
  }));
  return {
    where: `What happened on ${saidOn(book, entry.date)} is not in the books yet.`,
    rule: whyOfEntry({ debits: kinds(1), credits: kinds(-1) }),
    example: `With other figures: ${linesSaid(likeLines(book, entry), money)}.`,
    answer: `On ${saidOn(book, entry.date)}: ${linesSaid(named, money)}.`,
  };
}
