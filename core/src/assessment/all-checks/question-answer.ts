import { Big } from 'big.js';
import { wordsBy } from '../question/fill-words.js';
import { evaluate, type Scope } from '../../accounting/expression/index.js';
import { judgeAnswer, keyScope, rightAnswer } from '../question/index.js';
import type { Question } from '../../model/exercise-shapes/question.js';
import type { Check } from '../check/check.js';
import type { Finding, Subject } from '../check/finding.js';
import type { Marking } from '../check/marking.js';
import { atEach } from '../check/worth.js';

interface Found extends Readonly<Record<string, string>> {
  readonly question: string;
  /** As it was given; empty: nothing was answered. */
  readonly answer: string;
  readonly right: string;
  readonly known: string;
  readonly explains: string;
  /** Why it can’t be judged, whatever was answered; empty: it could. */
  readonly odd: string;
}

const LONGEST = 120;

/** A question in few words: its first line. */
const inShort = ({ text }: Question): string => {
  const line = text.split('\n')[0] ?? '';
  return line.length > LONGEST ? `${line.slice(0, LONGEST - 1)}…` : line;
};

/** A question in the words of whoever it is asked. */
function inWords(question: Question, fill: (words: string) => string): Question {
  const { text, explains } = question;
  const filled = {
    text: fill(text),
    ...(explains === undefined ? {} : { explains: fill(explains) }),
  };
  if (question.kind !== 'choice') return { ...question, ...filled };
  const options = question.options.map((each) => ({ ...each, text: fill(each.text) }));
  return { ...question, ...filled, options };
}

function judged(marking: Marking, asked: Question): Finding<Found> {
  const { key, work, answers } = marking;
  const question = inWords(asked, wordsBy(key));
  const subject: Subject = { kind: 'question', id: question.id };
  const blank = {
    question: inShort(question),
    answer: '',
    right: '',
    known: '',
    explains: '',
    odd: '',
  };
  const scope = keyScope(key);
  const right = rightAnswer(question, key.book, scope);
  if (!right.ok) {
    const odd = right.refusals[0]?.says ?? '';
    return { subject, outcome: 'cannot-judge', facts: () => ({ ...blank, odd }) };
  }
  if (answers === null) return { subject, outcome: 'cannot-judge', facts: () => blank };
  const beside = {
    ...{ question, right: right.value, key: key.book, work },
    keysOf: (id: string) => marking.keysOfWork(id),
    figure: (says: string) => figureOf(says, scope),
  };
  const answer = answers.get(question.id) ?? '';
  const explains = question.explains ?? '';
  const { share, ...found } = judgeAnswer(beside, answer);
  if (answer === '')
    return {
      ...{ subject, outcome: 'not-met' },
      facts: () => ({ ...blank, ...found, answer: '', explains }),
    };
  const outcome = share === 1 ? 'met' : 'not-met';
  return { subject, outcome, share, facts: () => ({ ...blank, ...found, explains }) };
}

function figureOf(says: string, scope: Scope): Big | null {
  const worth = evaluate(says, scope);
  return worth.ok && worth.value instanceof Big ? worth.value : null;
}

/** What is asked beside the book. */
export const questionAnswer: Check<'question.answer', Found> = {
  id: 'question.answer',
  title: 'Questions',
  fault: 'Wrong answer',
  calls: ({ answer }) => (answer === '' ? 'Not answered' : null),
  compares: 'Each question is answered as the key’s book answers it; partly right earns its part.',
  looksAt: { answers: true },
  isFigure: true,
  points: atEach(2),
  run: (marking) => marking.key.questions.map((question) => judged(marking, question)),
  says({ question, answer, right, known, explains, odd }, outcome) {
    if (odd !== '') return `${question} This can’t be judged. ${odd}`;
    if (outcome === 'cannot-judge') return `${question} No answer came with this work.`;
    if (outcome === 'met') return `${question} ${answer} is right.`;
    const said = answer === '' ? 'Not answered.' : `You answered ${answer}.`;
    return {
      there: `${question} ${said}`,
      belongs: `Right is ${right}.`,
      why: [known, explains].filter((each) => each !== '').join(' '),
    };
  },
};
