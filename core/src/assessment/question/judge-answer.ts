import { Big } from 'big.js';
import { accountOf, type Book } from '../../model/book/book.js';
import { formatAmount } from '../../model/money/format-amount.js';
import { parseAmount } from '../../model/money/parse-amount.js';
import { isDay } from '../../model/day/calendar.js';
import type { Question } from '../../model/exercise-shapes/question.js';
import type { AnswerBeside } from './answer-beside.js';
import { knownFigure } from './known-figures.js';
import type { RightAnswer } from './right-answer.js';
import { saidOn, writingOf } from '../../model/place/writing.js';

/** What an answer is worth, and what its sentence is made from. */
interface AnswerJudged {
  /** From 0 to 1. */
  readonly share: number;
  /** As it was given; empty: nothing was answered. */
  readonly answer: string;
  readonly right: string;
  /** What well-known figure a wrong one is; empty: none. */
  readonly known: string;
}

/** A figure as a sentence shows it, with decimals only where it has any. */
export function figureText(value: Big, book: Book): string {
  const writing = writingOf(book.company);
  const minor = value.times(new Big(10).pow(writing.digits)).round(0, Big.roundHalfUp);
  const isWhole = value.round(0, Big.roundDown).eq(value);
  return formatAmount(Number(minor), writing, isWhole ? 0 : writing.digits);
}

/** A figure as it was typed beside a book, in its way of writing; null where it can’t be read as one. */
function figureFrom(text: string, book: Book): Big | null {
  const writing = writingOf(book.company);
  const read = parseAmount(text.replace(/%$/, ''), writing);
  if (read.ok) return new Big(read.value).div(new Big(10).pow(writing.digits));
  const plain = text.trim().replace(writing.decimal, '.');
  return /^-?\d{1,12}(\.\d{1,6})?$/.test(plain) ? new Big(plain) : null;
}

const WRONG = { share: 0, known: '' };

function figure(beside: AnswerBeside, right: RightAnswer & { kind: 'figure' }, answer: string) {
  const given = figureFrom(answer, beside.work);
  const said = { answer, right: figureText(right.value, beside.key) };
  if (given === null) return { ...said, ...WRONG };
  const isRight = given.minus(right.value).abs().lte(right.tolerance);
  if (isRight) return { ...said, share: 1, known: '' };
  return { ...said, share: 0, known: knownFigure(beside, right.value, given) };
}

/** Right ones chosen, less wrong ones, of all that are right. */
function choice(question: Question, right: readonly number[], answer: string): AnswerJudged {
  const options = question.kind === 'choice' ? question.options : [];
  const text = (list: readonly number[]) =>
    list.map((i) => `“${options[i]?.text ?? ''}”`).join('; ');
  const chosen = [...new Set(answer.split(',').map(Number))].filter((i) => options[i]);
  const hits = chosen.filter((i) => right.includes(i)).length;
  const share = Math.max(0, (hits - (chosen.length - hits)) / right.length);
  return { share, answer: text(chosen), right: text(right), known: '' };
}

function account({ key, work, keysOf }: AnswerBeside, right: readonly string[], answer: string) {
  const given = accountOf(work, answer);
  const isRight = keysOf(answer).some((id) => right.includes(id));
  const names = right.map((id) => accountOf(key, id)?.name ?? id).join(' or ');
  return { share: isRight ? 1 : 0, answer: given?.name ?? answer, right: names, known: '' };
}

const shownText = (book: Book, text: string): string => (isDay(text) ? saidOn(book, text) : text);

/** What an answer is worth. Nothing answered is worth nothing. */
export function judgeAnswer(beside: AnswerBeside, answer: string): AnswerJudged {
  const { right, question } = beside;
  switch (right.kind) {
    case 'figure':
      return figure(beside, right, answer);
    case 'choice':
      return choice(question, right.right, answer);
    case 'account':
      return account(beside, right.accounts, answer);
    case 'text': {
      const said = {
        answer: shownText(beside.key, answer),
        right: shownText(beside.key, right.text),
        known: '',
      };
      return { ...said, share: answer === right.text ? 1 : 0 };
    }
  }
}
