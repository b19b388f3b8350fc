import { accountOf } from '../../model/book/book.js';
import { evaluate } from '../../accounting/expression/index.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { keyScope, rightAnswer } from '../../assessment/question/right-answer.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import { join } from '../../model/shape/explain.js';
import type { Guide } from '../../model/exercise-shapes/guide.js';
import { faultsInWords } from '../../assessment/question/fill-words.js';

const twice = refusal(
  'guide.twice',
  (f: { id: string }) => `“${f.id}” stands twice. Give each an id of its own.`,
);
const gone = refusal(
  'guide.gone',
  (f: { what: string }) => `The step asks for ${f.what} that the key has no longer. Choose anew.`,
);

const noPicture = refusal(
  'guide.no-picture',
  (f: { title: string }) => `“${f.title}” has no picture yet. Choose one, or remove the paper.`,
);

const eachOnce = (ids: readonly string[], at: string): Refusal[] =>
  ids.flatMap((id, i) => (ids.indexOf(id) < i ? [twice({ id }, join(at, i))] : []));

/** What is wrong with the questions of a key: formulas that can’t be reckoned, accounts that are gone. */
export function faultsOfQuestions(key: AnswerKey): Refusal[] {
  const scope = keyScope(key);
  return [
    ...eachOnce(
      key.questions.map(({ id }) => id),
      'questions',
    ),
    ...key.questions.flatMap((question, i) => {
      const right = rightAnswer(question, key.book, scope);
      const at = join('questions', i);
      return right.ok ? [] : right.refusals.map((each) => ({ ...each, at }));
    }),
  ];
}

/** What is wrong with a guide beside its key; none of it keeps the guide from being kept. */
export function faultsOfGuide(guide: Guide, key: AnswerKey): Refusal[] {
  const scope = keyScope(key);
  const { steps = [], sheets = [] } = guide;
  const entries = new Set(key.book.entries.map(({ id }) => id));
  const documents = new Set((key.book.subledgers?.documents ?? []).map(({ id }) => id));
  return [
    ...eachOnce(
      steps.map(({ id }) => id),
      'steps',
    ),
    ...eachOnce(
      sheets.map(({ id }) => id),
      'sheets',
    ),
    ...sheets.flatMap(({ kind, picture, title }, i) =>
      kind === 'picture' && picture === undefined ? [noPicture({ title }, join('sheets', i))] : [],
    ),
    ...steps.flatMap((step, i) => {
      const at = join('steps', i);
      const isAccount = (id: string) => accountOf(key.book, id) !== null;
      const missing = [
        [[...(step.accounts ?? []), ...(step.openings ?? [])].every(isAccount), 'accounts'],
        [(step.entries ?? []).every((id) => entries.has(id)), 'entries'],
        [(step.documents ?? []).every((id) => documents.has(id)), 'documents'],
      ] as const;
      return [
        ...missing.flatMap(([isThere, what]) => (isThere ? [] : [gone({ what }, at)])),
        ...faultsInWords(step.words ?? '', scope).map((each) => ({ ...each, at })),
        ...(step.figures ?? []).flatMap(({ says }) => {
          const worth = evaluate(says, scope);
          return worth.ok ? [] : worth.refusals.map((each) => ({ ...each, at }));
        }),
      ];
    }),
  ];
}
