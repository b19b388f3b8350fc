import { openingOf, type Book } from '../../model/book/book.js';
import { Marking } from '../../assessment/all-checks/index.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import type { Guide, Step } from '../../model/exercise-shapes/guide.js';
import { ASKED_KINDS, givenByStart, type AskedKind } from './asked.js';

/** What of a kind a step asks for, and how much of it stands. */
export interface AskedShown {
  readonly kind: AskedKind;
  readonly done: number;
  readonly of: number;
}

interface Done {
  readonly work: Book;
  readonly answers: ReadonlyMap<string, string>;
}

/** How far a work is: whether something stands, never whether it is right. */
export class Progress {
  private readonly marking: Marking;
  private readonly given: ReturnType<typeof givenByStart>;
  private readonly work: Book;
  private readonly answers: Done['answers'];

  constructor(
    private readonly key: AnswerKey,
    start: Book,
    { work, answers }: Done,
  ) {
    this.work = work;
    this.answers = answers;
    this.marking = new Marking(key, work, { start, answers });
    this.given = givenByStart(start, key);
  }

  /** The account of the work that stands for one of the key; null while there is none. */
  accountFor(key: string): string | null {
    return this.marking.pairOf(key)?.works[0]?.id ?? null;
  }

  private hasOpening(id: string): boolean {
    const works = this.marking.pairOf(id)?.works ?? [];
    return works.some(
      (account) =>
        openingOf(this.work, account.id) !== 0 ||
        (this.marking.workTraits.get(account.id)?.opening ?? 0) !== 0,
    );
  }

  private hasEntry(id: string): boolean {
    return (this.marking.entryPairOf(id)?.works.length ?? 0) > 0 || this.given.entries.has(id);
  }

  private hasDocument(id: string): boolean {
    if (this.given.documents.has(id)) return true;
    const made = this.key.book.entries.filter(({ document }) => document === id);
    if (made.length > 0) return made.every((entry) => this.hasEntry(entry.id));
    const of = this.key.book.subledgers?.documents.find((each) => each.id === id);
    return (this.work.subledgers?.documents ?? []).some(
      ({ kind, date }) => kind === of?.kind && date === of.date,
    );
  }

  stands(kind: AskedKind, id: string): boolean {
    switch (kind) {
      case 'accounts':
        return this.accountFor(id) !== null;
      case 'openings':
        return this.hasOpening(id);
      case 'entries':
        return this.hasEntry(id);
      case 'documents':
        return this.hasDocument(id);
      case 'questions':
        return (this.answers.get(id) ?? '') !== '';
    }
  }

  askedOf(step: Step): AskedShown[] {
    return ASKED_KINDS.flatMap((kind) => {
      const ids = step[kind] ?? [];
      if (ids.length === 0) return [];
      return [{ kind, done: ids.filter((id) => this.stands(kind, id)).length, of: ids.length }];
    });
  }
}

/** Questions that no step asks stand with the last one. */
export function withLooseQuestions(guide: Guide, key: AnswerKey): Guide {
  const asked = new Set((guide.steps ?? []).flatMap(({ questions = [] }) => questions));
  const loose = key.questions.map(({ id }) => id).filter((id) => !asked.has(id));
  const known = new Set(key.questions.map(({ id }) => id));
  const steps = (guide.steps ?? []).map((step) => ({
    ...step,
    questions: (step.questions ?? []).filter((id) => known.has(id)),
  }));
  if (loose.length === 0) return { ...guide, steps };
  const last = steps.at(-1) ?? { id: 'questions', title: 'Questions', questions: [] };
  const asking = { ...last, questions: [...last.questions, ...loose] };
  return { ...guide, steps: [...steps.slice(0, -1), asking] };
}
