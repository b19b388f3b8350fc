import { Big } from 'big.js';
import { accountOf, type Book } from '../../model/book/book.js';
import { evaluate, type Scope } from '../../accounting/expression/index.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { figureText } from '../../assessment/question/judge-answer.js';
import { keyScope } from '../../assessment/question/right-answer.js';
import type { Revealed, Guide } from '../../model/exercise-shapes/guide.js';
import { ledBy, type Led, type LedFigure, type LedQuestion, type LedStep } from './led.js';
import { Progress, type AskedShown } from './progress.js';
import type { DrawnPaper } from './drawn-papers.js';
import type { DrawnSheet, SheetColumns } from './sheet-rows.js';

/** A check figure beside one’s own. */
interface FigureShown {
  readonly name: string;
  readonly value: string;
  readonly own: string;
  readonly agrees: boolean;
}

/** A question as it is asked, and what was answered: nothing of what is right. */
export interface QuestionShown extends LedQuestion {
  readonly answer: string;
}

export interface StepShown {
  readonly id: string;
  readonly title: string;
  readonly section: string;
  readonly words: string;
  readonly asks: readonly AskedShown[];
  readonly figures: readonly FigureShown[];
  readonly questions: readonly QuestionShown[];
  readonly sheets: readonly string[];
  /** What was kept back until here. */
  readonly brings: readonly Revealed[];
}

export interface RowShown {
  readonly cells: readonly string[];
  /** Whether it is in the books; null where that can’t be told. */
  readonly stands: boolean | null;
  /** What differs from it, in words. */
  readonly says?: string;
  readonly paper?: DrawnPaper;
}

export interface SheetShown {
  readonly id: string;
  readonly title: string;
  readonly note: string;
  readonly columns: readonly SheetColumns[];
  readonly rows: readonly RowShown[];
  /** Under which name its picture is kept; null: it is none. */
  readonly picture: string | null;
}

/** What leads a student: no key in it, but the words, figures and papers that are published. */
export interface GuideShown {
  readonly company: string;
  readonly assumes: string;
  readonly steps: readonly StepShown[];
  readonly sheets: readonly SheetShown[];
  readonly words: readonly { readonly word: string; readonly says: string }[];
}

export interface Guided {
  readonly key: AnswerKey;
  readonly start: Book;
  readonly work: Book;
  readonly guide: Guide;
  readonly answers: ReadonlyMap<string, string>;
}

/** What the parts of a guide are shown by: what leads, and how far the work is. */
interface Showing {
  readonly led: Led;
  readonly progress: Progress;
  readonly ofWork: Scope;
  readonly answers: ReadonlyMap<string, string>;
}

/** Formulas of a key, asked of a work: its accounts are those that stand for the key’s. What is missing there is zero. */
function workScope(key: AnswerKey, work: Book, progress: Progress): Scope {
  const scope = keyScope(key, work);
  return {
    ...scope,
    call(name, args) {
      const [first, ...rest] = args;
      if (typeof first !== 'string' || accountOf(key.book, first) === null)
        return scope.call(name, args);
      const own = progress.accountFor(first);
      return own === null ? new Big(0) : scope.call(name, [own, ...rest]);
    },
  };
}

function figureShown({ name, says, right }: LedFigure, { led, ofWork }: Showing): FigureShown {
  const own = evaluate(says, ofWork);
  const theirs = own.ok && own.value instanceof Big ? own.value : new Big(0);
  const shown = (value: Big) => figureText(value, led.key.book);
  return { name, value: shown(right), own: shown(theirs), agrees: right.eq(theirs) };
}

function stepShown({ step, words, figures, questions }: LedStep, shown: Showing): StepShown {
  return {
    ...{ id: step.id, title: step.title, section: step.section ?? '', words },
    asks: shown.progress.askedOf(step),
    figures: figures.map((figure) => figureShown(figure, shown)),
    questions: questions.map((question) => ({
      ...question,
      answer: shown.answers.get(question.id) ?? '',
    })),
    ...{ sheets: step.sheets ?? [], brings: step.brings ?? [] },
  };
}

const sheetShown = (
  { rows, kind: _, ...sheet }: DrawnSheet,
  { progress }: Showing,
): SheetShown => ({
  ...sheet,
  rows: rows.map(({ about, ...row }) => ({
    ...row,
    stands: about && progress.stands(about.kind, about.id),
  })),
});

/** The guide of an exercise as a student sees it over a work: what stands there, never whether it is right. */
export function guideShown({ key, start, work, guide, answers }: Guided): GuideShown {
  const led = ledBy(key, start, guide);
  const progress = new Progress(key, start, { work, answers });
  const shown: Showing = { led, progress, ofWork: workScope(key, work, progress), answers };
  return {
    company: key.book.company.name,
    assumes: led.assumes,
    steps: led.steps.map((step) => stepShown(step, shown)),
    sheets: led.sheets.map((sheet) => sheetShown(sheet, shown)),
    words: guide.words ?? [],
  };
}
