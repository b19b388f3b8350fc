import { accountLabel, type Account, type Book, type Entry } from '../../model/book/book.js';
import { openingOf } from '../../model/book/book.js';
import { ACCOUNT_FIELDS } from '../../model/shapes/account.js';
import type { Question } from '../../model/exercise-shapes/question.js';
import type { AnswerKey } from './answer-key.js';

/** What a newer version of a key changed, each in a sentence; nothing where both say the same. */
export function keyChanges(before: AnswerKey, after: AnswerKey): string[] {
  return [
    ...accountChanges(before.book, after.book),
    ...entryChanges(before.book, after.book),
    ...rulesChanged(before, after),
    ...questionChanges(before, after),
    ...(same(before.figures ?? null, after.figures ?? null) ? [] : ['Own figures changed.']),
  ];
}

/** The things of both by id: those that are gone, come or were changed. */
function compared<T extends { readonly id: string }>(
  before: readonly T[],
  after: readonly T[],
  isSame: (one: T, other: T) => boolean,
) {
  const old = new Map(before.map((each) => [each.id, each]));
  const now = new Map(after.map((each) => [each.id, each]));
  return {
    gone: before.filter(({ id }) => !now.has(id)),
    come: after.filter(({ id }) => !old.has(id)),
    changed: after.flatMap((each) => {
      const was = old.get(each.id);
      return was && !isSame(was, each) ? [{ was, is: each }] : [];
    }),
  };
}

const same = (one: unknown, other: unknown): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

const FIELDS = Object.entries(ACCOUNT_FIELDS) as [keyof Account, { says: string }][];

function accountChanges(before: Book, after: Book): string[] {
  const isSame = (one: Account, other: Account) =>
    same(one, other) && openingOf(before, one.id) === openingOf(after, other.id);
  const { gone, come, changed } = compared(before.accounts, after.accounts, isSame);
  return [
    ...come.map((account) => `Account added: ${accountLabel(account)}.`),
    ...gone.map((account) => `Account gone: ${accountLabel(account)}.`),
    ...changed.map(({ was, is }) => {
      const fields = FIELDS.flatMap(([field, { says }]) =>
        same(was[field], is[field]) ? [] : [says],
      );
      if (openingOf(before, is.id) !== openingOf(after, is.id)) fields.push('opening balance');
      return `Account changed: ${accountLabel(is)} (${fields.join(', ')}).`;
    }),
  ];
}

const entryName = ({ date, text, reference }: Entry): string =>
  `“${text || reference || 'entry'}” of ${date}`;

function entryChanges(before: Book, after: Book): string[] {
  const { gone, come, changed } = compared(before.entries, after.entries, same);
  return [
    ...come.map((entry) => `Entry added: ${entryName(entry)}.`),
    ...gone.map((entry) => `Entry gone: ${entryName(entry)}.`),
    ...changed.map(({ is }) => `Entry changed: ${entryName(is)}.`),
  ];
}

const questionName = ({ text }: Question): string =>
  `“${(text.split('\n')[0] ?? '').slice(0, 80)}”`;

function questionChanges(before: AnswerKey, after: AnswerKey): string[] {
  const { gone, come, changed } = compared(before.questions, after.questions, same);
  return [
    ...come.map((question) => `Question added: ${questionName(question)}.`),
    ...gone.map((question) => `Question gone: ${questionName(question)}.`),
    ...changed.map(({ is }) => `Question changed: ${questionName(is)}.`),
  ];
}

function rulesChanged(before: AnswerKey, after: AnswerKey): string[] {
  const named = new Map(after.book.accounts.map((account) => [account.id, accountLabel(account)]));
  const accepted = (key: AnswerKey) =>
    key.accepts.map(({ account, ...rest }) => ({ id: account, ...rest }));
  const { gone, come, changed } = compared(accepted(before), accepted(after), same);
  const touched = [...come, ...gone, ...changed.map(({ is }) => is)];
  const points = Object.keys({ ...before.points, ...after.points }).filter(
    (ref) => before.points[ref] !== after.points[ref],
  );
  return [
    ...touched.map(({ id }) => `What else is right for ${named.get(id) ?? 'an account'} changed.`),
    ...(same(before.acceptsEntries, after.acceptsEntries)
      ? []
      : ['What else is right for entries changed.']),
    ...(points.length === 0 ? [] : [`Points changed: ${points.join(', ')}.`]),
    ...(same(before.statementDates, after.statementDates)
      ? []
      : ['The days on which statements are compared changed.']),
    ...(same(before.settings, after.settings)
      ? []
      : ['Which settings of the company are compared changed.']),
    ...(before.aim === after.aim
      ? []
      : ['What the exercise is about changed, and with it what its checks usually count.']),
    ...(before.total === after.total
      ? []
      : [`The whole counts ${after.total ?? 'what its checks add up to'}.`]),
  ];
}
