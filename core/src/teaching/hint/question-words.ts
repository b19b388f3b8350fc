import { linesOfStatement } from '../../accounting/statement/lines.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { figureText, keyScope, rightAnswer } from '../../assessment/question/index.js';
import { accountOf, type Account, type Book } from '../../model/book/book.js';
import { isDay } from '../../model/day/calendar.js';
import type { Question } from '../../model/exercise-shapes/question.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { statementName } from '../../model/scheme/words.js';
import { placeOf, sideRule, type Pieces } from './hint-words.js';
import { saidOn } from '../../model/place/writing.js';

/** What a formula asks about: an account by its id, or a line of a statement. */
const ASKS_ACCOUNT = /\b(?:balance|opening|movement|owed|side)\((?:"([^"]*)"|'([^']*)')/g;
const ASKS_LINE = /\btotal\((?:"([^"]*)"|'([^']*)')/g;

const formulasOf = (question: Question): readonly string[] => {
  if (question.kind === 'choice') return question.options.map(({ right }) => right);
  return question.kind === 'account' ? [] : [question.right];
};

const namedBy = (says: readonly string[], pattern: RegExp): string[] =>
  says.flatMap((each) => [...each.matchAll(pattern)].map(([, one, other]) => one ?? other ?? ''));

function accountsOf(book: Book, question: Question): Account[] {
  const ids =
    question.kind === 'account' ? question.right : namedBy(formulasOf(question), ASKS_ACCOUNT);
  return [...new Set(ids)].flatMap((id) => accountOf(book, id) ?? []);
}

const STATEMENTS = ['balance-sheet', 'profit-and-loss'] as const;

/** The statements on which the lines stand that a question asks about. */
function statementsOf({ scheme }: Book, question: Question): string[] {
  const lines = new Set(namedBy(formulasOf(question), ASKS_LINE));
  return STATEMENTS.filter((statement) =>
    linesOfStatement(scheme, statement).some(({ id }) => lines.has(id)),
  ).map((statement) => `the ${statementName(scheme, statement).toLowerCase()}`);
}

function whereOf(book: Book, question: Question): string {
  if (question.kind === 'date') return 'Look in the journal: each entry has its day.';
  const places = accountsOf(book, question).map((account) => placeOf(book, account));
  const all = [
    ...new Set([...places.filter((each) => each !== ''), ...statementsOf(book, question)]),
  ];
  return all.length === 0
    ? ''
    : `Look at what stands under ${all.join(' and ')}.`.replace('under the', 'on the');
}

function ruleOf(book: Book, question: Question): string {
  const accounts = accountsOf(book, question);
  if (question.kind === 'side') return accounts[0] ? sideRule(book, accounts[0]) : '';
  const says = accounts.flatMap(({ type }) => typeOf(book.scheme, type)?.says ?? []);
  return [...new Set(says)].slice(0, 2).join(' ');
}

function answerOf(key: AnswerKey, question: Question): string {
  const right = rightAnswer(question, key.book, keyScope(key));
  if (!right.ok) return '';
  switch (right.value.kind) {
    case 'figure':
      return figureText(right.value.value, key.book);
    case 'choice': {
      const { options } = question as Extract<Question, { kind: 'choice' }>;
      return right.value.right.map((at) => `“${options[at]?.text ?? ''}”`).join(' and ');
    }
    case 'account':
      return right.value.accounts
        .map((id) => `“${accountOf(key.book, id)?.name ?? id}”`)
        .join(' or ');
    case 'text':
      return isDay(right.value.text) ? saidOn(key.book, right.value.text) : right.value.text;
  }
}

/** Help for a question that is not answered yet; whether an answer given is right is told by none of it. */
export function questionPieces(key: AnswerKey, question: Question): Pieces {
  const answer = answerOf(key, question);
  return {
    where: whereOf(key.book, question),
    rule: ruleOf(key.book, question),
    example: '',
    answer: answer === '' ? '' : `Right is ${answer}.`,
  };
}
