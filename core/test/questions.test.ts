import {
  checkWork,
  faultsOfQuestions,
  keyFromJson,
  keyOf,
  keyToJson,
  proposedQuestions,
  sentenceOf,
  startingPoint,
  type AnswerKey,
  type Book,
  type Question,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { change, shop } from './builder.js';

const DATES = [
  { statement: 'balance-sheet', at: '2027-03-31' },
  { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
] as const;

const QUESTIONS: readonly Question[] = [
  { id: 'profit', kind: 'figure', text: 'What is the profit?', right: 'total("profit")' },
  { id: 'bank', kind: 'figure', text: 'The bank?', right: 'balance("bank")', tolerance: '1' },
  {
    id: 'rise',
    kind: 'choice',
    several: true,
    text: 'Which rise?',
    options: [
      { text: 'Bank', right: 'balance("bank") > opening("bank")' },
      { text: 'Van', right: 'balance("van") > opening("van")' },
      { text: 'Neither', right: 'false' },
      { text: 'Depreciation so far', right: 'balance("van-dep") >= opening("van-dep")' },
    ],
  },
  { id: 'lowers', kind: 'account', text: 'Which lowers the van?', right: ['van-dep'] },
  { id: 'side', kind: 'side', text: 'On which side?', right: 'side("van-dep")' },
  { id: 'day', kind: 'date', text: 'On which day?', right: '"2027-03-31"' },
];

const key = (questions = QUESTIONS, rest: Partial<AnswerKey> = {}): AnswerKey =>
  keyOf(shop(), { statementDates: [...DATES], questions, ...rest });

const results = (answers: Record<string, string>, of = key(), work = of.book) => {
  const checked = checkWork(of, work, { answers: new Map(Object.entries(answers)) });
  const asked = checked.results.filter(({ check }) => check === 'question.answer');
  return new Map(
    asked.map((each) => {
      const { outcome, points, of: most, facts } = each;
      return [each.subject.id, { outcome, points, of: most, facts, says: sentenceOf(each) }];
    }),
  );
};

const profit = (): string => {
  const says = results({}).get('profit')?.says ?? '';
  return /Right is ([-\d.,]+)\.$/.exec(says)?.[1] ?? '';
};

it('takes the right answers, however they are written, and says what is right where nothing was answered', () => {
  const right = { profit: profit(), lowers: 'van-dep', side: 'credit', day: '2027-03-31' };
  const found = results(right);
  for (const id of Object.keys(right))
    expect(found.get(id)).toMatchObject({ outcome: 'met', points: 2 });
  expect(found.get('bank')).toMatchObject({ outcome: 'not-met', points: 0, of: 2 });
  expect(found.get('bank')?.says).toMatch(/^The bank\? Not answered\. Right is [\d,.]+\.$/);
  expect(results({ profit: ` ${profit().replaceAll(',', '')}.00 ` }).get('profit')?.outcome).toBe(
    'met',
  );
});

it('gives part of the points for a part of what is right, and takes some for what is wrong', () => {
  const rise = results({}).get('rise')?.facts['right'];
  const texts = ['Bank', 'Van', 'Neither', 'Depreciation so far'];
  const right = String(rise)
    .split('; ')
    .map((each) => texts.indexOf(each.slice(1, -1)));
  const points = (chosen: readonly number[]) =>
    results({ rise: chosen.join() }, key(QUESTIONS, { points: { 'question.answer:rise': 4 } })).get(
      'rise',
    )?.points;
  expect(right).toEqual([0, 3]);
  expect(points([0, 3])).toBe(4);
  expect(points([0])).toBe(2);
  expect(points([0, 1])).toBe(0);
  expect(points([0, 1, 2, 3])).toBe(0);
  expect(points([9, -1])).toBe(0);
});

it('says which well-known figure a wrong one is', () => {
  const says = (id: string, answer: string) => results({ [id]: answer }).get(id)?.says;
  expect(says('profit', `-${profit()}`)).toMatch(/its sign is turned round\.$/);
  const opening = String((shop().opening.balances['bank'] ?? 0) / 100);
  expect(says('bank', opening)).toMatch(/That is the opening balance\.$/);
  expect(says('bank', 'a lot')).toMatch(/You answered a lot\. Right is [\d,.]+\.$/);
});

it('knows an account by what it stands for, under whatever name', () => {
  const work = change(shop(), 'van-dep', { name: 'Van: cost used up' });
  expect(results({ lowers: 'van-dep' }, key(), work).get('lowers')?.outcome).toBe('met');
  expect(results({ lowers: 'van' }, key(), work).get('lowers')?.outcome).toBe('not-met');
  expect(results({ lowers: 'nobody' }, key(), work).get('lowers')?.outcome).toBe('not-met');
});

it('judges no questions of a work that came without answers, and takes them from the sum; an untouched start earns nothing', () => {
  const start = startingPoint(shop(), 'accounts', { faults: {}, seed: 1 });
  const bare = checkWork(key([]), shop(), { start });
  const without = checkWork(key(), shop(), { start });
  expect([without.points, without.of]).toEqual([bare.points, bare.of]);
  const none = checkWork(key(), shop(), { start, answers: new Map() });
  expect([none.points, none.of]).toEqual([bare.points, bare.of + 12]);
  const untouched = checkWork(key(), start, { start, answers: new Map() });
  expect(untouched.points).toBe(0);
});

it('tells a question that can’t be asked', () => {
  const odd = (question: Partial<Question>) =>
    faultsOfQuestions(key([{ ...QUESTIONS[0], ...question } as Question])).map(({ code }) => code);
  expect(odd({ right: 'balance("gone")' })).toEqual(['expression.unknown']);
  expect(odd({ right: '"2027-01-01"' })).toEqual(['question.not-of-kind']);
  expect(odd({ kind: 'account', right: ['gone'] } as Partial<Question>)).toEqual([
    'question.account-gone',
  ]);
  expect(odd({ kind: 'side', right: '"left"' } as Partial<Question>)).toEqual([
    'question.not-of-kind',
  ]);
  expect(faultsOfQuestions(key([...QUESTIONS, ...QUESTIONS])).length).toBe(QUESTIONS.length);
});

it('says why a question can’t be judged where its key has lost what it asks about', () => {
  const odd = key([{ ...QUESTIONS[0], right: 'balance("gone")' } as Question]);
  const found = results({ profit: '5' }, odd).get('profit');
  expect(found).toMatchObject({ outcome: 'cannot-judge', of: 2 });
  expect(found?.says).toMatch(/can’t be judged\. The formula names/);
});

it('proposes questions that can be asked, and are answered by the key', () => {
  const asked = proposedQuestions(keyOf(ternIsland())).map(
    (each, i) => ({ ...each, id: `q${i}` }) as Question,
  );
  expect(asked.length).toBeGreaterThan(8);
  expect(faultsOfQuestions(keyOf(ternIsland(), { questions: asked }))).toEqual([]);
});

it('reads a key with its questions as it was written', () => {
  const json = keyToJson(key());
  const read = keyFromJson(JSON.parse(JSON.stringify(json)));
  expect(read.ok && keyToJson(read.value)).toEqual(json);
  const odd = keyFromJson({ ...json, questions: [{ id: 'a', kind: 'riddle', text: 'x' }] });
  expect(odd).toMatchObject({ ok: false, refusals: [{ at: 'questions[0].kind' }] });
});

it('reads an answer as its student’s own book writes amounts, wherever the key is', () => {
  const of = key();
  const work = { ...of.book, company: { ...of.book.company, place: 'DE' } };
  const bank = (answer: string, by: Book = work) => results({ bank: answer }, of, by).get('bank');
  const plain = Number(/Right is ([\d,]+)/.exec(bank('')?.says ?? '')?.[1]?.replace(/,/g, ''));
  const german = new Intl.NumberFormat('de-DE', { minimumFractionDigits: 2 }).format(plain);
  expect(german).toMatch(/^\d\.\d{3},00$/);
  expect(bank(german)?.outcome).toBe('met');
  expect(bank(german.replace(',00', ''))?.outcome).toBe('met');
  expect(bank(german.replace(',00', ''), of.book)?.outcome).toBe('not-met');
});
