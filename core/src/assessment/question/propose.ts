import { accountOf, type Account, type Book } from '../../model/book/book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import type { AnswerKey } from '../key/answer-key.js';
import { defensible } from '../mixup/index.js';
import { typeOf } from '../../model/scheme/scheme.js';
import type { Question, QuestionKind } from '../../model/exercise-shapes/question.js';

/** A question without its id, as it is proposed from a key. */
export type ProposedQuestion = Question extends infer Q
  ? Q extends { readonly kind: QuestionKind }
    ? Omit<Q, 'id'>
    : never
  : never;

const quoted = (id: string): string => JSON.stringify(id);

const figure = (text: string, right: string): ProposedQuestion => ({ kind: 'figure', text, right });

const yesNo = (is: boolean): string => (is ? 'true' : 'false');

/** From the number alone: which section. */
function sectionQuestion(book: Book, account: Account): ProposedQuestion[] {
  const section = sectionOfAccount(book, account);
  if (account.number === null || !section) return [];
  return [
    {
      kind: 'choice',
      text: `An account has the number ${account.number}. In which section does it stand, from the number alone?`,
      options: book.scheme.sections.map(({ id, name }) => ({
        text: name,
        right: yesNo(id === section.id),
      })),
    },
  ];
}

const EFFECTS = ['too high', 'too low', 'not affected'] as const;
type Effect = (typeof EFFECTS)[number];

/** What follows for assets, debts and profit where an entry is left out. */
function effectOfOmission(book: Book, entry: string): Readonly<Record<string, Effect>> {
  const of = book.entries.find(({ id }) => id === entry);
  const sums = { assets: 0, debts: 0, profit: 0 };
  for (const { account, amount } of of?.lines ?? []) {
    const known = accountOf(book, account);
    const section = known ? sectionOfAccount(book, known) : null;
    if (section?.class === 'asset') sums.assets += amount;
    if (section?.class === 'liability') sums.debts -= amount;
    if (section?.class === 'income' || section?.class === 'expense') sums.profit -= amount;
  }
  const described = (sum: number): Effect =>
    sum > 0 ? 'too low' : sum < 0 ? 'too high' : 'not affected';
  return {
    assets: described(sums.assets),
    debts: described(sums.debts),
    profit: described(sums.profit),
  };
}

function omissionQuestions(book: Book): ProposedQuestion[] {
  const entry =
    book.entries.find(({ kind }) => kind === 'adjusting') ?? book.entries.find((each) => each.text);
  if (!entry) return [];
  const effects = effectOfOmission(book, entry.id);
  return Object.entries(effects).map(([what, effect]) => ({
    kind: 'choice' as const,
    text: `“${entry.text || entry.date}” is forgotten. What becomes of the ${what}?`,
    options: EFFECTS.map((each) => ({
      text: `They are ${each}`,
      right: yesNo(each === effect),
    })).map((option) =>
      what === 'profit' ? { ...option, text: option.text.replace('They are', 'It is') } : option,
    ),
  }));
}

/** An account of which two places can be right, asked with its reason: a judgement call. */
function judgementQuestions(book: Book): ProposedQuestion[] {
  const found = book.accounts.find(({ type }) => defensible(book.scheme, type).length > 0);
  const own = found && typeOf(book.scheme, found.type);
  if (!found || !own) return [];
  const also = defensible(book.scheme, found.type);
  const wrong = book.scheme.types
    .filter(
      ({ id, section }) =>
        id !== own.id && section !== own.section && !also.some((each) => each.id === id),
    )
    .slice(0, 2);
  return [
    {
      kind: 'choice',
      several: true,
      text: `A judgement call: under which of these types can “${found.name}” stand, if one says why?`,
      options: [own, ...also, ...wrong].map(({ id, name }) => ({
        text: name,
        right: yesNo(id === own.id || also.some((each) => each.id === id)),
      })),
    },
  ];
}

function contraQuestions({ scheme, accounts }: Book): ProposedQuestion[] {
  const contra = accounts.filter(
    ({ type, retired }) => !retired && typeOf(scheme, type)?.contra === true,
  );
  const [first] = contra;
  if (!first) return [];
  return [
    {
      kind: 'side',
      text: `On which side does “${first.name}” normally stand?`,
      right: `side(${quoted(first.id)})`,
    },
    {
      kind: 'account',
      text: 'Which account lowers another and stands on the other side from it?',
      right: contra.map(({ id }) => id),
    },
  ];
}

function busiestOf({ accounts, entries }: Book): Account | undefined {
  const moved = entries.flatMap(({ lines }) => lines.map(({ account }) => account));
  const inUse = accounts.filter(({ retired }) => !retired);
  return inUse.find(({ id }) => moved.filter((each) => each === id).length > 1);
}

function dateQuestion({ entries }: Book): ProposedQuestion[] {
  const entry = entries.find(({ kind }) => kind === 'adjusting') ?? entries[0];
  if (!entry) return [];
  const what = entry.text || entry.reference || 'the first entry';
  return [
    {
      kind: 'date',
      text: `On which day is “${what}” recorded?`,
      right: `date(${quoted(entry.id)})`,
    },
  ];
}

const balanceQuestion = ({ id, name }: Account): ProposedQuestion =>
  figure(`What is the balance of “${name}” at the end?`, `balance(${quoted(id)})`);

/** Questions that can be asked about a key, the most useful first. */
export function proposedQuestions({ book }: AnswerKey): ProposedQuestion[] {
  const busiest = busiestOf(book);
  return [
    ...judgementQuestions(book),
    figure('What is the profit for the period?', 'total("profit")'),
    figure('What do the assets come to?', 'total("assets")'),
    figure('What is the gross profit?', 'total("gross-profit")'),
    ...(busiest ? [balanceQuestion(busiest)] : []),
    ...contraQuestions(book),
    ...omissionQuestions(book),
    ...(busiest ? sectionQuestion(book, busiest) : []),
    ...dateQuestion(book),
  ];
}
