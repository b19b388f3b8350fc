import { Big } from 'big.js';
import type { Book } from '../../model/book/book.js';
import { evaluate } from '../../accounting/expression/index.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { askedPeriod, keyScope } from '../../assessment/question/right-answer.js';
import type { Guide, Step } from '../../model/exercise-shapes/guide.js';
import type { Question, QuestionKind } from '../../model/exercise-shapes/question.js';
import { checkpoint } from './checkpoint.js';
import { wordsBy } from '../../assessment/question/fill-words.js';
import { withLooseQuestions } from './progress.js';
import { drawnSheet, type DrawnSheet } from './sheet-rows.js';

/** A question in the words of whoever it is asked. */
export interface LedQuestion {
  readonly id: string;
  readonly kind: QuestionKind;
  readonly text: string;
  readonly options: readonly string[];
  readonly several: boolean;
}

/** A check figure, and what is right: of the key as it stands at the end of the step. */
export interface LedFigure {
  readonly name: string;
  readonly says: string;
  readonly right: Big;
}

export interface LedStep {
  readonly step: Step;
  readonly words: string;
  readonly figures: readonly LedFigure[];
  readonly questions: readonly LedQuestion[];
}

/** What of a guide is the same whatever stands in the work. */
export interface Led {
  readonly key: AnswerKey;
  readonly assumes: string;
  readonly steps: readonly LedStep[];
  readonly sheets: readonly DrawnSheet[];
}

interface Known {
  readonly start: Book;
  readonly guide: Guide;
  readonly led: Led;
}

const known = new WeakMap<AnswerKey, Known>();

/** What leads by a key, a start and a guide: told once for these, since it is asked for after each change of each work. */
export function ledBy(key: AnswerKey, start: Book, guide: Guide): Led {
  const before = known.get(key);
  if (before?.start === start && before.guide === guide) return before.led;
  const led = lead(key, start, withLooseQuestions(guide, key));
  known.set(key, { start, guide, led });
  return led;
}

function lead(key: AnswerKey, start: Book, guide: Guide): Led {
  const fill = wordsBy(key);
  const questions = new Map(key.questions.map((each) => [each.id, ledQuestion(each, fill)]));
  const { to } = askedPeriod(key);
  return {
    key,
    assumes: fill(guide.assumes ?? ''),
    steps: (guide.steps ?? []).map((step, i) => ({
      step,
      words: fill(step.words ?? ''),
      figures: step.figures
        ? ledFigures(step, key, checkpoint(key, start, { guide, upTo: i }))
        : [],
      questions: (step.questions ?? []).flatMap((id) => questions.get(id) ?? []),
    })),
    sheets: (guide.sheets ?? []).map((sheet) =>
      drawnSheet(key.book, guide, { sheet, lastDay: to }),
    ),
  };
}

const ledQuestion = (question: Question, fill: (words: string) => string): LedQuestion => ({
  ...{ id: question.id, kind: question.kind, text: fill(question.text) },
  options: question.kind === 'choice' ? question.options.map(({ text }) => fill(text)) : [],
  several: question.kind === 'choice' && question.several === true,
});

function ledFigures({ figures = [] }: Step, key: AnswerKey, moment: Book): LedFigure[] {
  const scope = keyScope(key, moment);
  return figures.flatMap(({ name, says }) => {
    const right = evaluate(says, scope);
    return right.ok && right.value instanceof Big ? [{ name, says, right: right.value }] : [];
  });
}
