import type { Account, Book } from '../../model/book/book.js';
import { subledgersOf, withSubledgers } from '../../model/book/subledgers.js';
import { withoutDrafts } from '../../model/book/drafts.js';
import { counterparts } from '../../model/book/since-start.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import type { Guide } from '../../model/exercise-shapes/guide.js';
import { givenByStart, stepOfEach } from './asked.js';

/**
 * The key as it stands at the end of a step (the first is 0; −1: before the first): what the start gives and what the steps
 * up to it ask for, with the accounts that these need.
 */
export function checkpoint(
  key: AnswerKey,
  start: Book,
  { guide, upTo }: { readonly guide: Guide; readonly upTo: number },
): Book {
  const book = withoutDrafts(key.book);
  const given = givenByStart(start, key);
  const until = (kind: 'accounts' | 'openings' | 'entries' | 'documents', id: string) =>
    ofKind[kind](id) <= upTo;
  const ofKind = {
    accounts: stepOfEach('accounts', guide, accountsThere(start, key)),
    openings: stepOfEach('openings', guide, given.openings),
    entries: stepOfEach('entries', guide, given.entries),
    documents: stepOfEach('documents', guide, given.documents),
  };
  const { documents, schedules, ...dealt } = subledgersOf(book);
  const kept = documents.filter(({ id }) => until('documents', id));
  const made = new Set(kept.map(({ id }) => id));
  const entries = book.entries.filter(({ id, document }) =>
    document === undefined ? until('entries', id) : made.has(document),
  );
  const openings = Object.entries(book.opening.balances).filter(([id]) => until('openings', id));
  const bySchedule = new Set(entries.flatMap(({ schedule }) => schedule ?? []));
  const keptSchedules = schedules.filter(({ id }) => bySchedule.has(id));
  const needed = withParents(book, [
    ...openings.map(([id]) => id),
    ...entries.flatMap(({ lines }) => lines.map(({ account }) => account)),
    ...keptSchedules.flatMap(({ debit, credit }) => [debit, credit]),
    ...book.accounts.map(({ id }) => id).filter((id) => until('accounts', id)),
  ]);
  const cut = {
    ...book,
    accounts: accountsGiven(book, needed),
    opening: { ...book.opening, balances: Object.fromEntries(openings) },
    entries,
  };
  if (!book.subledgers) return cut;
  return withSubledgers(cut, { ...dealt, documents: kept, schedules: keptSchedules });
}

/** What is given is said: nobody is asked whether its type was guessed. */
const accountsGiven = ({ accounts }: Book, needed: ReadonlySet<string>): Account[] =>
  accounts.filter(({ id }) => needed.has(id)).map((account) => ({ ...account, guessed: false }));

/** The key’s accounts that the start has, whatever of them is still to be changed. */
const accountsThere = (start: Book, key: AnswerKey): ReadonlySet<string> =>
  new Set(counterparts(start, key.book).keys());

function withParents(book: Book, ids: readonly string[]): ReadonlySet<string> {
  const parents = new Map(book.accounts.map(({ id, parent }) => [id, parent]));
  const needed = new Set<string>();
  for (const id of ids)
    for (let at: string | null = id; at !== null && !needed.has(at); at = parents.get(at) ?? null)
      needed.add(at);
  return needed;
}
