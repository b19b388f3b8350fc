import { openingOf, type Account, type Book } from '../../model/book/book.js';
import { counterparts } from '../../model/book/since-start.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';

/**
 * The key for whoever begins with their own work of the chapter before: it opens with what that work ended with, whatever it
 * was worth there, so that no mark is lost twice. Accounts that only their work has belong to it, too.
 */
export function keyFromOwnWork(key: AnswerKey, begun: Book): AnswerKey {
  const before = counterparts(begun, key.book);
  const theirs = new Set([...before.values()].map(({ id }) => id));
  const taken = new Set(key.book.accounts.map(({ id }) => id));
  const alone = begun.accounts.filter(({ id }) => !theirs.has(id) && openingOf(begun, id) !== 0);
  const own = alone.map((account): Account => ({
    ...account,
    id: taken.has(account.id) ? `own-${account.id}` : account.id,
    parent: null,
  }));
  const balances: [string, number][] = [
    ...key.book.accounts.map(({ id }): [string, number] => [
      id,
      openingOf(begun, before.get(id)?.id ?? ''),
    ]),
    ...alone.map(({ id }, i): [string, number] => [own[i]?.id ?? id, openingOf(begun, id)]),
  ];
  const opened = Object.fromEntries(balances.filter(([, amount]) => amount !== 0));
  return {
    ...key,
    book: {
      ...key.book,
      accounts: [...key.book.accounts, ...own],
      opening: { ...key.book.opening, balances: opened },
    },
  };
}
