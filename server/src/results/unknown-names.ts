import type { UnknownNameShown } from '@gleddo/contract';
import {
  acceptedFor,
  accountOf,
  formatAmount,
  writingOf,
  sectionOfAccount,
  type AnswerKey,
  type Overview,
} from '@gleddo/core';

const plain = (name: string): string => name.trim().toLowerCase();

interface WorkSeen {
  readonly tryId: string;
  readonly student: string;
  readonly overview: Overview;
}

/** What was decided of a name since the works were checked, so that it is asked no longer. */
function isDecided(key: AnswerKey, account: string, name: string): boolean {
  const { names, otherNames = [] } = acceptedFor(key, account);
  return [...names, ...otherNames].some((each) => plain(each) === plain(name));
}

/** The names of a class that the program does not know: each once for an account of the key, those of most works first. */
export function unknownNamesIn(key: AnswerKey, works: readonly WorkSeen[]): UnknownNameShown[] {
  const writing = writingOf(key.book.company);
  const found = new Map<string, UnknownNameShown>();
  for (const { tryId, student, overview } of works)
    for (const { account: id, name, balance } of overview.unknownNames ?? []) {
      const account = accountOf(key.book, id);
      if (!account || isDecided(key, id, name)) continue;
      const at = JSON.stringify([id, plain(name)]);
      const work = { tryId, student, balance: formatAmount(balance, writing) };
      const before = found.get(at);
      const place = sectionOfAccount(key.book, account)?.name ?? '';
      found.set(at, {
        ...(before ?? { account: id, called: account.name, place, name }),
        works: [...(before?.works ?? []), work],
      });
    }
  return [...found.values()].sort((a, b) => b.works.length - a.works.length);
}
