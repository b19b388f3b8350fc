import type { Book } from '../../model/book/book.js';
import { givenIn } from '../../assessment/check/given.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import type { Guide } from '../../model/exercise-shapes/guide.js';

/** What a step asks for. */
export const ASKED_KINDS = ['accounts', 'openings', 'entries', 'documents', 'questions'] as const;
export type AskedKind = (typeof ASKED_KINDS)[number];

const FIRST = -1;

/** With which step each thing of a kind comes: −1 with the start; what no step asks for comes with the last. */
export function stepOfEach(
  kind: Exclude<AskedKind, 'questions'>,
  { steps = [] }: Guide,
  given: ReadonlySet<string>,
): (id: string) => number {
  const first = new Map<string, number>();
  steps.forEach((step, i) => {
    for (const id of step[kind] ?? []) if (!first.has(id)) first.set(id, i);
  });
  const rest = first.size === 0 ? FIRST : steps.length - 1;
  return (id) => (given.has(id) ? FIRST : (first.get(id) ?? rest));
}

/** The accounts, openings, entries and documents that a start gives already. */
export function givenByStart(start: Book, key: AnswerKey) {
  const { accounts, entries } = givenIn(start, key.book);
  const opened = Object.keys(key.book.opening.balances).filter((id) => accounts.has(id));
  const documents = (start.subledgers?.documents ?? []).map(({ id }) => id);
  return { accounts, entries, openings: new Set(opened), documents: new Set(documents) };
}
