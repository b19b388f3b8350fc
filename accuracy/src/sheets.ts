import { trialBalance, type AnswerKey, type Book } from '@gleddo/core';

/** One account of a key as files tell it: amounts in minor units, debit positive. */
export interface Row {
  readonly id: string;
  readonly number: string;
  readonly name: string;
  readonly type: string;
  readonly section: string;
  readonly class: string;
  readonly balance: number;
  readonly opening: number;
}

/** The accounts of a key with their balances at a day. */
export function rowsOf({ book }: AnswerKey, at: string): Row[] {
  const closing = balancesAt(book, at);
  const opening = balancesAt(book, book.opening.date);
  return book.accounts.map((account) => {
    const { type, section } = placeOf(book, account.type);
    return {
      id: account.id,
      number: account.number ?? '',
      name: account.name,
      type: type?.name ?? '',
      section: section?.name ?? '',
      class: section?.class ?? '',
      balance: closing.get(account.id) ?? 0,
      opening: opening.get(account.id) ?? 0,
    };
  });
}

const balancesAt = (book: Book, at: string): ReadonlyMap<string, number> =>
  new Map(
    trialBalance(book, at).lines.map(({ account, debit, credit }) => [account.id, debit - credit]),
  );

function placeOf({ scheme }: Book, id: string | null) {
  const type = scheme.types.find((each) => each.id === id);
  return { type, section: scheme.sections.find((each) => each.id === type?.section) };
}

/** How an amount is written. */
export type Writing = (amount: number) => string;

const grouped = (digits: string, mark: string): string =>
  [...digits].reduceRight(
    (after, digit, i) =>
      digit + ((digits.length - i - 1) % 3 === 0 && after !== '' ? mark : '') + after,
    '',
  );

const written =
  (group: string, decimal: string): Writing =>
  (amount) => {
    const cents = String(Math.abs(amount)).padStart(3, '0');
    const text = `${grouped(cents.slice(0, -2), group)}${decimal}${cents.slice(-2)}`;
    return amount < 0 ? `-${text}` : text;
  };

export const WRITINGS: Readonly<Record<string, Writing>> = {
  plain: written('', '.'),
  english: written(',', '.'),
  german: written('.', ','),
  french: written(' ', ','),
  swiss: written('’', '.'),
  brackets: (amount) => {
    const text = written(',', '.')(Math.abs(amount));
    return amount < 0 ? `(${text})` : text;
  },
  behind: (amount) => {
    const text = written('', '.')(Math.abs(amount));
    return amount < 0 ? `${text}-` : text;
  },
  euro: (amount) => `€ ${written(',', '.')(amount)}`,
};
