import {
  carriedOn,
  checkpoint,
  givenToStudents,
  keyOfRules,
  ownKey,
  ownStart,
  proposedGuide,
  proposedQuestions,
  startingPoint,
  usualKeyRules,
  type AnswerKey,
  type Book,
  type Entry,
  type Guide,
  type Question,
} from '@gleddo/core';
import { ternIsland } from '@gleddo/core/demo';
import type { MadeExercise } from '../exercises/exercises.service.js';

const MISSING = new Set([
  ...['allowance', 'slipway-prepaid', 'insurance-prepaid', 'fleet-dep', 'van-dep'],
  ...['season-passes', 'depreciation', 'fleet-charge', 'van-charge'],
]);

const QUESTIONS: readonly Question[] = [
  {
    id: 'expired',
    kind: 'figure',
    text: 'How much of the insurance is still paid ahead at the end of March?',
    right: 'balance("insurance-prepaid")',
    explains: 'What was paid ahead at first, less what has been used up since.',
  },
  {
    id: 'forgotten',
    kind: 'choice',
    text: 'The wages owed for March are forgotten. What becomes of the profit?',
    options: [
      { text: 'It is too high', right: 'true' },
      { text: 'It is too low', right: 'false' },
      { text: 'It is not affected', right: 'false' },
    ],
  },
  {
    id: 'lowers',
    kind: 'account',
    text: 'Which account lowers the hire fleet?',
    right: ['fleet-dep'],
  },
  {
    id: 'profit',
    kind: 'figure',
    text: 'What is the profit for the quarter?',
    right: 'total("profit")',
  },
  {
    id: 'guides',
    kind: 'choice',
    several: true,
    text: 'A judgement call: where can the guides’ fees stand, if one says why?',
    options: [
      { text: 'Under cost of sales: no tour without a guide', right: 'true' },
      { text: 'Under operating expenses, with the staff', right: 'true' },
      { text: 'Under non-current assets', right: 'false' },
    ],
  },
];

const FIGURES = { each: { from: '0.6', to: '1.4' } };

const DATES = [
  { statement: 'balance-sheet', at: '2027-03-31' },
  { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
];

const RULES = {
  ...usualKeyRules('accounts'),
  questions: QUESTIONS,
  figures: FIGURES,
  statementDates: DATES,
};

function keyOf(book: Book, rules: object): AnswerKey {
  const key = keyOfRules(book, rules);
  if (!key.ok) throw new Error(key.refusals[0]?.says);
  return key.value;
}

/** What was earned on an account on one day. */
const onDay = (account: string, day: string, before: string): string =>
  `balance("${account}", "${day}") - balance("${account}", "${before}")`;

/** The steps as the key proposes them, in words of their own. */
function guideOf(key: AnswerKey, start: Book): Guide {
  const proposed = proposedGuide(key, start);
  const asked: Readonly<Record<string, string[]>> = {
    adjusting: ['expired', 'forgotten'],
    read: ['lowers', 'profit', 'guides'],
  };
  const section: Readonly<Record<string, string>> = {
    look: 'Set up',
    entries: 'The quarter',
    read: 'The statements',
  };
  return {
    ...proposed,
    assumes: 'Amounts are in euros. The financial year begins on 1 January.',
    sheets: [
      ...(proposed.sheets ?? []),
      { id: 'bank', title: 'Bank statement', kind: 'bank-statement' },
    ],
    steps: (proposed.steps ?? []).map((step) => ({
      ...step,
      ...(section[step.id] ? { section: section[step.id] } : {}),
      ...(asked[step.id] ? { questions: asked[step.id] } : {}),
      ...(step.id === 'entries'
        ? {
            sheets: [...(step.sheets ?? []), 'bank'],
            words: `Record what happened. Of what came in for hire and tours at the end of February, {= ${onDay('hire', '2027-02-28', '2027-02-27')} } was for hire; of the school week, {= ${onDay('hire', '2027-03-29', '2027-03-28')} }; of tours and shop at the end of March, {= ${onDay('tours', '2027-03-31', '2027-03-30')} } was for tours.`,
          }
        : {}),
      ...(step.id === 'adjusting'
        ? {
            // The last step asks for the profit: it is not published before.
            figures: (step.figures ?? []).filter(({ name }) => !name.startsWith('Profit')),
            words:
              'At 31 March: of the prepaid insurance, {= balance("insurance") } is used up; the fleet has lost {= balance("fleet-charge") } of its worth, the van {= balance("van-charge") }. Season passes are *deferred income* until the season begins.',
          }
        : {}),
    })),
  };
}

const start = (): Book => {
  const made = startingPoint(ternIsland(), 'accounts', { faults: {}, seed: 1 });
  return { ...made, accounts: made.accounts.filter(({ id }) => !MISSING.has(id)) };
};

/** An exercise that leads: steps, papers, questions, figures for each student. */
export function led(): MadeExercise {
  const key = ternIsland();
  const begun = givenToStudents(start(), 'accounts', 11);
  return {
    title: 'Spring at Tern Island',
    brief:
      'You keep the books of Tern Island Kayaks for the first quarter. The figures are your own: nobody else has them.',
    key,
    start: begun,
    keyRules: RULES,
    guide: guideOf(keyOf(key, RULES), begun),
    rules: { mayPractise: true, mayGoOn: true, goOnCost: null, hintsUpTo: 'answer', hintCost: 1 },
  };
}

const LEDGER: readonly (readonly [string, string, string, Readonly<Record<string, number>>])[] = [
  [
    '2028-01-12',
    'purchases',
    'Kayaks bought for sale',
    { 'shop-stock': 620_000, payables: -620_000 },
  ],
  [
    '2028-02-03',
    'sales',
    'Kayaks sold, the buyer pays later',
    { receivables: 480_000, 'shop-sales': -480_000 },
  ],
  [
    '2028-02-03',
    'adjusting',
    'What the sold kayaks had cost',
    { 'cost-of-goods': 310_000, 'shop-stock': -310_000 },
  ],
  ['2028-02-20', 'cash-receipts', 'The buyer pays', { bank: 480_000, receivables: -480_000 }],
  ['2028-03-05', 'cash-payments', 'The supplier is paid', { payables: 620_000, bank: -620_000 }],
];

const entries = (): Entry[] =>
  LEDGER.map(([date, kind, text, amounts], i) => ({
    ...{ id: `n${i + 1}`, date, kind: kind as Entry['kind'], reference: `N${i + 1}`, text },
    lines: Object.entries(amounts).map(([account, amount]) => ({ account, amount })),
  }));

/** The next year, in which the hire company has become a shop for kayaks. */
export function nextChapter(): Omit<MadeExercise, 'series'> {
  const next = carriedOn(ternIsland(), {
    goes: [
      { account: 'shop-sales', goes: 'becomes', name: 'Sales of kayaks' },
      { account: 'guides', goes: 'leaves' },
      { account: 'tours', goes: 'leaves' },
    ],
    trade: 'shop',
    name: 'Tern Island Boat Shop',
  });
  if (!next.ok) throw new Error(next.refusals[0]?.says);
  const key = { ...next.value, entries: entries() };
  const begun = givenToStudents(next.value, 'everything', 12);
  const rules = {
    statementDates: [
      { statement: 'balance-sheet', at: '2028-03-31' },
      { statement: 'profit-and-loss', from: '2028-01-01', to: '2028-03-31' },
    ],
    questions: proposedQuestions(keyOf(key, {}))
      .slice(1, 3)
      .map((each, i) => ({ ...each, id: `q${i + 1}` })),
  };
  return {
    title: 'A shop at Tern Island, the next year',
    brief: 'The hire company has become a shop. Its books go on where they were closed.',
    key,
    start: begun,
    keyRules: rules,
    guide: proposedGuide(keyOf(key, rules), begun),
  };
}

/** Who of the class has begun it, how far they are, what they answered, and whose figures they copied. */
export interface LedBy {
  readonly name: string;
  /** The step up to which the work stands; all of it is handed in. */
  readonly upTo: number;
  readonly isHandedIn: boolean;
  readonly answers: Readonly<Record<string, string>>;
  /** Types given to accounts that belong elsewhere. */
  readonly misplaced: Readonly<Record<string, string>>;
  readonly copies?: string;
}

const by = (name: string, upTo: number, rest: Partial<LedBy> = {}): LedBy => ({
  ...{ name, upTo, isHandedIn: upTo >= 5, answers: {}, misplaced: {} },
  ...rest,
});

const PASSES = { 'season-passes': 'service-fees' };
const PREPAID = { 'insurance-prepaid': 'insurance' };
const GATHERED = { 'fleet-dep': 'long-term-loan' };
const WELL = { forgotten: '0', lowers: 'fleet-dep', guides: '0,1' };

export const LED: readonly LedBy[] = [
  by('Ade Marlow', 5, { misplaced: { ...PASSES, ...PREPAID }, answers: { ...WELL, guides: '0' } }),
  by('Bea Lindqvist', 5, { answers: WELL }),
  by('Caro Whitby', 5, { misplaced: GATHERED, answers: { forgotten: '1' } }),
  by('Dov Armitage', 5, { misplaced: PASSES, answers: WELL, copies: 'Bea Lindqvist' }),
  by('Ella Nakata', 3),
  by('Farid Osei', 2, { misplaced: PASSES }),
  by('Greta Pohl', 1),
  by('Vera Quill', 1),
];

/** A work of it, as somebody with a seed leaves it. */
export function ledWork(
  { key: book, start: begun, keyRules, guide = {} }: MadeExercise,
  { upTo, misplaced }: LedBy,
  drawing: { readonly seed: number; readonly student: string },
): Book {
  const made = keyOf(book, keyRules);
  const key = ownKey(made, drawing);
  const own = ownStart(begun, made, { own: key, drawing });
  const work = checkpoint(key, own, { guide, upTo });
  return {
    ...work,
    accounts: work.accounts.map((account) => {
      const type = misplaced[account.id];
      return type === undefined ? account : { ...account, type, parent: null, number: null };
    }),
  };
}
