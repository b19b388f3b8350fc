import type { AnswerKey, Guide, Question, SourceSheet, Step } from '@gleddo/core';

/** What leads through an exercise, as it is being written: the guide, and the key’s questions. */
export interface GuideDraft {
  readonly guide: Guide;
  readonly questions: readonly Question[];
  /** By check and what it is about; null: as usual. */
  readonly points: Readonly<Record<string, number | null>>;
}

/** Under which name the points of a question stand in a key. */
export const pointsRef = (question: string): string => `question.answer:${question}`;

export const stepsOf = ({ guide }: GuideDraft): readonly Step[] => guide.steps ?? [];
export const sheetsOf = ({ guide }: GuideDraft): readonly SourceSheet[] => guide.sheets ?? [];

/** An id that nobody of a list has. */
export function freshId(prefix: string, taken: readonly { readonly id: string }[]): string {
  const ids = new Set(taken.map(({ id }) => id));
  let n = taken.length + 1;
  while (ids.has(`${prefix}${n}`)) n++;
  return `${prefix}${n}`;
}

const put = <T extends { readonly id: string }>(all: readonly T[], one: T): T[] =>
  all.some(({ id }) => id === one.id)
    ? all.map((each) => (each.id === one.id ? one : each))
    : [...all, one];

const without = <T extends { readonly id: string }>(all: readonly T[], gone: string): T[] =>
  all.filter(({ id }) => id !== gone);

const withSteps = (draft: GuideDraft, steps: readonly Step[]): GuideDraft => ({
  ...draft,
  guide: { ...draft.guide, steps: [...steps] },
});

export const withStep = (draft: GuideDraft, step: Step): GuideDraft =>
  withSteps(draft, put(stepsOf(draft), step));

export const withoutStep = (draft: GuideDraft, id: string): GuideDraft =>
  withSteps(draft, without(stepsOf(draft), id));

/** A step one place up (−1) or down (1). */
export function movedStep(draft: GuideDraft, id: string, by: -1 | 1): GuideDraft {
  const steps = [...stepsOf(draft)];
  const at = steps.findIndex((step) => step.id === id);
  const [step] = steps.splice(at, 1);
  if (step) steps.splice(Math.max(0, at + by), 0, step);
  return withSteps(draft, steps);
}

export const withSheet = (draft: GuideDraft, sheet: SourceSheet): GuideDraft => ({
  ...draft,
  guide: { ...draft.guide, sheets: put(sheetsOf(draft), sheet) },
});

export function withoutSheet(draft: GuideDraft, id: string): GuideDraft {
  const guide = { ...draft.guide, sheets: without(sheetsOf(draft), id) };
  const steps = stepsOf(draft).map((step) => ({
    ...step,
    sheets: (step.sheets ?? []).filter((each) => each !== id),
  }));
  return withSteps({ ...draft, guide }, steps);
}

/** A question, and the step that asks it. */
export function withQuestion(draft: GuideDraft, question: Question, step: Step): GuideDraft {
  const asked = step.questions ?? [];
  const isAsked = asked.includes(question.id);
  const questions = put(draft.questions, question);
  const next = { ...draft, questions };
  return isAsked ? next : withStep(next, { ...step, questions: [...asked, question.id] });
}

export function withoutQuestion(draft: GuideDraft, gone: string): GuideDraft {
  const questions = without(draft.questions, gone);
  const steps = stepsOf(draft).map((step) => ({
    ...step,
    questions: (step.questions ?? []).filter((id) => id !== gone),
  }));
  return withSteps(
    { ...draft, questions, points: { ...draft.points, [pointsRef(gone)]: null } },
    steps,
  );
}

/** The key with the questions as they are being written. */
export const keyWith = (key: AnswerKey, { questions }: GuideDraft): AnswerKey => ({
  ...key,
  questions,
});
