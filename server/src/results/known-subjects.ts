import type { AnswerKey } from '@gleddo/core';

/** The accounts and entries of a key, in its order, as column ids. */
export const knownSubjects = (key: AnswerKey): Set<string> =>
  new Set([
    ...key.book.accounts.map((account) => `account:${account.id}`),
    ...key.book.entries.map((entry) => `entry:${entry.id}`),
  ]);
