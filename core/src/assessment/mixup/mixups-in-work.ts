import { accountOf, type Book } from '../../model/book/book.js';
import type { AnswerKey } from '../key/answer-key.js';
import { acceptedFor } from '../key/answer-key.js';
import type { PairedIds } from '../key/paired-entries.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { distinctionOf, distinctionsOfType, type Distinction } from './distinctions.js';

/** How often a work was asked to tell something apart, and with which accounts it did not. */
export interface MixUpsInWork {
  readonly asked: Readonly<Partial<Record<Distinction, number>>>;
  readonly missed: readonly MissedAccount[];
}

interface MissedAccount {
  readonly distinction: Distinction;
  /** The key’s name of the account. */
  readonly name: string;
  /** What it was taken for: the name of the type. */
  readonly takenFor: string;
}

/** The distinctions that the accounts of a key asked for in a work, and those that were missed. */
export function mixUpsInWork(
  key: AnswerKey,
  work: Book,
  {
    pairs,
    isGiven = () => false,
  }: {
    readonly pairs: readonly PairedIds[];
    readonly isGiven?: (account: string) => boolean | undefined;
  },
): MixUpsInWork {
  const { scheme } = key.book;
  const asked: Partial<Record<Distinction, number>> = {};
  const missed: MissedAccount[] = [];
  const count = (id: Distinction) => (asked[id] = (asked[id] ?? 0) + 1);
  for (const { keys, works } of pairs) {
    const right = accountOf(key.book, keys[0] ?? null);
    const placed = accountOf(work, works[0] ?? null);
    if (!right?.type || !placed?.type || isGiven(right.id)) continue;
    const usual = distinctionsOfType(scheme, right.type);
    const isAccepted = acceptedFor(key, right.id).types.includes(placed.type);
    const found = isAccepted ? null : distinctionOf(scheme, right.type, placed.type);
    for (const id of new Set(found ? [...usual, found] : usual)) count(id);
    if (found)
      missed.push({
        distinction: found,
        name: right.name,
        takenFor: typeOf(work.scheme, placed.type)?.name ?? placed.type,
      });
  }
  return { asked, missed };
}
