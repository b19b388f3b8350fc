import {
  checkWork,
  exerciseToJson,
  ownExercise,
  ownKey,
  ownStart,
  readExercise,
  rightAnswer,
  setsAmong,
  solvable,
  trySeeds,
  wordsBy,
  writeExercise,
  type AnswerKey,
  type Exercise,
} from '../src/index.js';
import { keyScope } from '../src/assessment/question/right-answer.js';
import { fromShelf, readyFacts, SHELF, SUBJECTS } from '../src/shelf/index.js';

/** `npm run shelf` tries a thousand. */
const SEEDS = Number(process.env['GLEDDO_SEEDS'] ?? 6);

const ready = (id: string): Exercise => {
  const found = fromShelf(id);
  if (!found) throw new Error(id);
  return found;
};

/** What somebody answers who has everything right. */
function rightAnswers(key: AnswerKey): Map<string, string> {
  const scope = keyScope(key);
  return new Map(
    key.questions.map((question) => {
      const right = rightAnswer(question, key.book, scope);
      if (!right.ok) throw new Error(right.refusals[0]?.says);
      const { value } = right;
      if (value.kind === 'figure') return [question.id, value.value.toFixed(2)];
      if (value.kind === 'choice') return [question.id, value.right.join(',')];
      return [question.id, value.kind === 'account' ? (value.accounts[0] ?? '') : value.text];
    }),
  );
}

it('has more than two dozen exercises in eight companies of every legal form, and something of each subject', () => {
  expect(SHELF.length).toBeGreaterThanOrEqual(24);
  expect(new Set(SHELF.map(({ id }) => id)).size).toBe(SHELF.length);
  expect(new Set(SHELF.map(({ title }) => title)).size).toBe(SHELF.length);
  expect(new Set(SHELF.map(({ subject }) => subject))).toEqual(new Set(Object.keys(SUBJECTS)));
  expect(new Set(SHELF.map(({ company }) => company.name)).size).toBe(8);
  expect(new Set(SHELF.map(({ company }) => company.legalForm)).size).toBe(4);
  expect(fromShelf('nothing-of-this-name')).toBeNull();
});

describe.each(SHELF.map(({ id }) => id))('%s', (id) => {
  it('gives full marks for its key and none for what students begin with', () => {
    const { key, start } = ready(id);
    const whole = checkWork(key, key.book, { start, answers: rightAnswers(key) });
    expect([whole.points, whole.of]).toEqual([100, 100]);
    expect(checkWork(key, start, { start, answers: new Map() }).points).toBe(0);
  });

  it('can be solved, in balance and with its full marks, with the figures of each seed', () => {
    const exercise = ready(id);
    const { key, start } = exercise;
    expect(trySeeds(key, start, { count: SEEDS }).broken).toEqual([]);
    for (let seed = 0; seed <= SEEDS; seed++) {
      const of = seed === 0 ? exercise : ownExercise(exercise, { seed });
      const { untold, givesAway } = solvable(of);
      expect([...untold.map(({ says }) => says), ...givesAway]).toEqual([]);
    }
    const own = ownKey(key, { seed: SEEDS });
    const begun = ownStart(start, key, { own, drawing: { seed: SEEDS } });
    const whole = checkWork(own, own.book, { start: begun, answers: rightAnswers(own) });
    expect([whole.points, whole.of]).toEqual([100, 100]);
  });

  it('draws for sixty students sixty sets, no two in one proportion', () => {
    const seeds = Array.from({ length: 60 }, (_, i) => i + 1);
    expect(setsAmong(ready(id).key, seeds)).toEqual({ of: 60, different: 60, inProportion: 0 });
  });

  it('says why each answer is right, and leaves no figure of its words unfilled', () => {
    const { key, guide } = ready(id);
    expect(key.questions.length).toBeGreaterThan(0);
    for (const { explains } of key.questions) expect(explains ?? '').toMatch(/[.?]$/);
    const fill = wordsBy(key);
    for (const { words = '' } of guide.steps ?? []) expect(fill(words)).not.toMatch(/[{}]/);
    const asked = (guide.steps ?? []).flatMap(({ questions = [] }) => questions);
    expect([...asked].sort()).toEqual(key.questions.map((each) => each.id).sort());
  });

  it('is the same when it is read back from its file', () => {
    const text = writeExercise(ready(id));
    const read = readExercise(text);
    expect(read.ok && writeExercise(read.value)).toBe(text);
    expect(exerciseToJson(ready(id))).toMatchObject({ format: 'gleddo-exercise' });
  });
});

it('says of each how much there is in it, and which distinctions it asks for', () => {
  const facts = readyFacts(ready('bakery-types'));
  expect(facts).toMatchObject({ accounts: 27, openings: 0, entries: 0, questions: 3 });
  expect(facts.asks['ahead-or-used']).toBeGreaterThan(0);
  expect(readyFacts(ready('school-ahead'))).toMatchObject({ accounts: 0, entries: 8 });
  expect(readyFacts(ready('club-openings'))).toMatchObject({ openings: 14 });
  expect(readyFacts(ready('studio-contra'))).toMatchObject({ accounts: 3, openings: 3 });
});

/** What a seed may not turn round, since the words of an exercise say it. */
const SAYS: readonly (readonly [string, (key: AnswerKey) => boolean])[] = [
  ['yard-cash', (key) => figureOf(key, 'total("profit")') > 0],
  [
    'studio-read',
    (key) =>
      ['paper-used', 'rent', 'cover', 'presses-charge', 'desks-charge', 'interest'].every(
        (id) => figureOf(key, `movement("${id}")`) < figureOf(key, 'movement("wages")'),
      ),
  ],
  ['lamps-periodic', (key) => figureOf(key, 'total("gross-profit")') > 0],
  ['lamps-periodic', (key) => figureOf(key, 'balance("stock") - opening("stock")') > 0],
  ['yard-perpetual', (key) => figureOf(key, 'total("gross-profit")') > 0],
  ['cycles-closed', (key) => figureOf(key, 'amount("e8", "capital")') > 0],
  ['school-first-year', (key) => figureOf(key, 'balance("kept")') > 0],
  ['lighting-lamps', (key) => figureOf(key, 'amount("e5", "loss")') > 0],
  ['cycles-shop', (key) => figureOf(key, 'total("gross-profit")') > 0],
];

function figureOf(key: AnswerKey, right: string): number {
  const asked = { id: 'asked', kind: 'figure', text: 'asked', right } as const;
  const found = rightAnswer(asked, key.book, keyScope(key));
  return found.ok && found.value.kind === 'figure' ? Number(found.value.value) : NaN;
}

it.each(SAYS)('%s: what its words say holds with the figures of every seed', (id, holds) => {
  const { key } = ready(id);
  for (let seed = 1; seed <= Math.max(240, SEEDS); seed++)
    expect(holds(ownKey(key, { seed }))).toBe(true);
});
