import { openingOf, type Book } from '../../model/book/book.js';
import { counterparts } from '../../model/book/since-start.js';
import { distinctionsOfType, type Distinction } from '../../assessment/mixup/index.js';
import { givenIn } from '../../assessment/check/given.js';
import type { Exercise } from '../../teaching/exercise/index.js';

/** How much there is in an exercise, before anybody opens it. */
export interface ReadyFacts {
  /** Accounts to set up or to put in their place, openings to enter, entries to record, questions to answer. */
  readonly accounts: number;
  readonly openings: number;
  readonly entries: number;
  readonly questions: number;
  readonly steps: number;
  /** How many of the accounts that are set up, placed or moved ask for each distinction. */
  readonly asks: Readonly<Partial<Record<Distinction, number>>>;
}

/** The accounts that a student has to think about: those that are not given as they are, and those that entries move. */
function thoughtAbout({ key, start }: Exercise): {
  readonly own: Set<string>;
  readonly all: Set<string>;
} {
  const given = givenIn(start, key.book);
  const own = new Set(
    key.book.accounts.filter(({ id }) => !given.accounts.has(id)).map(({ id }) => id),
  );
  const moved = key.book.entries
    .filter(({ id }) => !given.entries.has(id))
    .flatMap(({ lines }) => lines.map(({ account }) => account));
  return { own, all: new Set([...own, ...moved]) };
}

function asksOf({ accounts, scheme }: Book, ids: ReadonlySet<string>): ReadyFacts['asks'] {
  const asks: Partial<Record<Distinction, number>> = {};
  for (const { id, type } of accounts)
    for (const each of ids.has(id) ? distinctionsOfType(scheme, type ?? '') : [])
      asks[each] = (asks[each] ?? 0) + 1;
  return asks;
}

/** What can be said of a ready exercise in a line. */
export function readyFacts(exercise: Exercise): ReadyFacts {
  const { key, start, guide } = exercise;
  const { own, all } = thoughtAbout(exercise);
  const given = givenIn(start, key.book);
  const there = counterparts(start, key.book);
  const opened = key.book.accounts.filter(({ id }) => {
    const own = there.get(id);
    return openingOf(key.book, id) !== (own ? openingOf(start, own.id) : 0);
  });
  return {
    accounts: own.size,
    openings: opened.length,
    entries: key.book.entries.filter(({ id }) => !given.entries.has(id)).length,
    questions: key.questions.length,
    steps: guide.steps?.length ?? 0,
    asks: asksOf(key.book, all.size > 0 ? all : new Set(key.book.accounts.map(({ id }) => id))),
  };
}
