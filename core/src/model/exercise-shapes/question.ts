import * as z from 'zod/mini';
import { either } from '../shape/either.js';
import { exactly, flag, list, oneOf, text } from '../shape/shape.js';

const optional = z.optional;
const formula = text(500);

const asked = {
  id: text(60).value,
  /** Markdown. */
  text: text(2000).value,
  /** Said beside a wrong answer, once the work is given back. */
  explains: optional(text(1000).value),
};

const figureQuestion = z.strictObject({
  ...asked,
  kind: exactly('figure').value,
  /** The right figure: a formula over the key’s book, in major units. */
  right: formula.value,
  /** How far from it is right, too; a formula. */
  tolerance: optional(formula.value),
});

const optionFile = z.strictObject({
  text: text(300).value,
  /** Whether it is right: a formula that is worth yes or no. */
  right: formula.value,
});

const choiceQuestion = z.strictObject({
  ...asked,
  kind: exactly('choice').value,
  options: z.array(optionFile).check(z.minLength(2), z.maxLength(12)),
  /** Whether several may be chosen. */
  several: optional(flag.value),
});

const accountQuestion = z.strictObject({
  ...asked,
  kind: exactly('account').value,
  /** The key’s accounts of which each is right. */
  right: list(text(200), 50, 'accounts').value,
});

const dateQuestion = z.strictObject({
  ...asked,
  kind: exactly('date').value,
  right: formula.value,
});

const sideQuestion = z.strictObject({
  ...asked,
  kind: exactly('side').value,
  right: formula.value,
});

const QUESTION_KINDS = ['figure', 'choice', 'account', 'date', 'side'] as const;
export type QuestionKind = (typeof QUESTION_KINDS)[number];

const KINDS = {
  figure: figureQuestion,
  choice: choiceQuestion,
  account: accountQuestion,
  date: dateQuestion,
  side: sideQuestion,
};
type AnyQuestion = { [K in QuestionKind]: z.output<(typeof KINDS)[K]> }[QuestionKind];
const someQuestion = z.looseObject({ kind: oneOf(QUESTION_KINDS).value });

/** Something asked beside the book; its right answer is told by the key’s book. */
export const questionFile = either(Object.values(KINDS), (value) => {
  const { kind } = (value ?? {}) as { kind?: unknown };
  return QUESTION_KINDS.includes(kind as QuestionKind) ? KINDS[kind as QuestionKind] : someQuestion;
}) as z.ZodMiniType<AnyQuestion>;

export type Question = z.output<typeof questionFile>;
