import { accountOf, type Book } from '../../model/book/book.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import type { Guide, Step } from '../../model/exercise-shapes/guide.js';
import { ASKED_KINDS, type AskedKind } from './asked.js';
import { Progress, withLooseQuestions } from './progress.js';
import { PLACE_STEP, proposedGuide } from './proposed-guide.js';
import { saidOn } from '../../model/place/writing.js';

/** How far a work is in one step. */
export interface StepReached {
  readonly id: string;
  readonly title: string;
  readonly done: number;
  /** How much the step asks for; 0: it asks for nothing, and is ticked by hand. */
  readonly of: number;
  /** What is the first that does not stand yet, in words of the key; null: all stands. */
  readonly next: string | null;
}

export interface Reached {
  readonly key: AnswerKey;
  readonly start: Book;
  readonly work: Book;
  readonly guide: Guide;
  readonly answers: ReadonlyMap<string, string>;
}

/** How it is kept that a step was ticked by hand. */
export const tickOfStep = (step: string): string => `step ${step}`;

const LONGEST = 60;

function entrySays({ book }: AnswerKey, id: string): string {
  const entry = book.entries.find((each) => each.id === id);
  return entry ? `the entry of ${saidOn(book, entry.date)}: ${entry.text}` : 'an entry';
}

function documentSays({ book }: AnswerKey, id: string): string {
  const document = book.subledgers?.documents.find((each) => each.id === id);
  return document ? `the paper of ${saidOn(book, document.date)}` : 'a paper';
}

function says(key: AnswerKey, kind: AskedKind, id: string): string {
  const name = accountOf(key.book, id)?.name ?? 'an account';
  switch (kind) {
    case 'accounts':
      return name;
    case 'openings':
      return `the opening balance of ${name}`;
    case 'entries':
      return entrySays(key, id);
    case 'documents':
      return documentSays(key, id);
    case 'questions':
      return `the question “${key.questions.find((each) => each.id === id)?.text ?? ''}”`;
  }
}

function reachedIn(key: AnswerKey, progress: Progress, step: Step): StepReached {
  const asked = ASKED_KINDS.flatMap((kind) => (step[kind] ?? []).map((id) => ({ kind, id })));
  const open = asked.filter(({ kind, id }) => !progress.stands(kind, id));
  const [first] = open;
  return {
    id: step.id,
    title: step.title,
    done: asked.length - open.length,
    of: asked.length,
    next: first ? says(key, first.kind, first.id).slice(0, LONGEST) : null,
  };
}

/** What of the start had no place yet, and has one in the work: that is asked for by no list of accounts. */
function placedIn(start: Book, work: Book): Pick<StepReached, 'done' | 'of' | 'next'> {
  const waiting = start.accounts.filter(({ type }) => type === null);
  const open = waiting.filter(({ id }) => accountOf(work, id)?.type === null);
  return {
    done: waiting.length - open.length,
    of: waiting.length,
    next: open[0]?.name.slice(0, LONGEST) ?? null,
  };
}

/**
 * How far a work is, step by step: whether something stands, never whether it is right. An exercise without steps of its
 * own is told by those that its key proposes, as far as these ask for anything. For the instructor: it names the key's things.
 */
export function howFar({ key, start, work, guide, answers }: Reached): StepReached[] {
  const own = (guide.steps ?? []).length > 0;
  const { steps = [] } = withLooseQuestions(own ? guide : proposedGuide(key, start), key);
  const progress = new Progress(key, start, { work, answers });
  const reached = steps.map((step) => ({
    ...reachedIn(key, progress, step),
    ...(step.id === PLACE_STEP ? placedIn(start, work) : {}),
  }));
  return own ? reached : reached.filter(({ of }) => of > 0);
}
