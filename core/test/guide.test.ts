import {
  checkpoint,
  exerciseFromJson,
  exerciseToJson,
  faultsOfGuide,
  givenToStudents,
  guideShown,
  keyOf,
  ownKey,
  ownStart,
  proposedGuide,
  proposedQuestions,
  startingPoint,
  USUAL_RULES,
  checkWork,
  type Book,
  type Guide,
  type Question,
} from '../src/index.js';
import { juniperLane, nurseryYear, ternIsland } from '../src/demo/index.js';
import { withMissingEntries } from '../src/accounting/document/document-entries.js';

const PLANTING = { faults: {}, seed: 1 };
const DATES = [
  { statement: 'balance-sheet', at: '2027-03-31' },
  { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
] as const;

const keyed = (book: Book = ternIsland()) => {
  const questions = proposedQuestions(keyOf(book)).slice(0, 3);
  return keyOf(book, {
    statementDates: [...DATES],
    questions: questions.map((each, i) => ({ ...each, id: `q${i + 1}` }) as Question),
  });
};
const KEY = keyed();
const START = givenToStudents(startingPoint(KEY.book, 'accounts', PLANTING), 'accounts', 3);
const GUIDE = proposedGuide(KEY, START);
const none: ReadonlyMap<string, string> = new Map();
const shown = (work: Book, answers = none, guide = GUIDE) =>
  guideShown({ key: KEY, start: START, work, guide, answers });

it('is proposed from the key: what is to be opened, recorded, adjusted and answered, without a fault', () => {
  expect(GUIDE.steps?.map(({ id }) => id)).toEqual([
    'look',
    'openings',
    'entries',
    'adjusting',
    'read',
  ]);
  expect(faultsOfGuide(GUIDE, KEY)).toEqual([]);
  const bare = proposedGuide(KEY, startingPoint(KEY.book, 'company-only', PLANTING));
  expect(bare.steps?.[0]?.id).toBe('accounts');
});

it('shows what stands in a work, step by step, and the check figure beside one’s own', () => {
  const before = shown(START);
  const after = shown(
    KEY.book,
    new Map([
      ['q1', '0'],
      ['q2', '1'],
      ['q3', '5'],
    ]),
  );
  const counts = (guide: typeof before) =>
    guide.steps.flatMap(({ asks }) => asks.map(({ kind, done, of }) => [kind, done, of]));
  expect(counts(before).every(([, done]) => done === 0)).toBe(true);
  expect(counts(after).every(([, done, of]) => done === of)).toBe(true);
  for (const { figures } of after.steps)
    for (const each of figures)
      if (each.name !== 'Total of the trial balance') expect(each.agrees).toBe(true);
  expect(before.steps.flatMap(({ figures }) => figures).some(({ agrees }) => agrees)).toBe(false);
});

it('reckons a check figure as the key stands at the end of its step', () => {
  const half = checkpoint(KEY, START, { guide: GUIDE, upTo: 2 });
  const adjusting = KEY.book.entries.filter(({ kind }) => kind === 'adjusting').map(({ id }) => id);
  expect(half.entries.map(({ id }) => id)).toEqual(
    KEY.book.entries.map(({ id }) => id).filter((id) => !adjusting.includes(id)),
  );
  expect(shown(half).steps.find(({ id }) => id === 'entries')?.figures[0]?.agrees).toBe(true);
});

it('ticks the rows of a paper as they are copied', () => {
  const rows = (work: Book) =>
    shown(work).sheets.flatMap((sheet) => sheet.rows.map(({ stands }) => stands));
  expect(rows(START).every((stands) => stands === false)).toBe(true);
  expect(rows(KEY.book).every((stands) => stands === true)).toBe(true);
});

it('tells nothing of what is right', () => {
  const said = JSON.stringify(shown(START));
  for (const { id } of KEY.book.accounts) expect(said).not.toContain(`"${id}"`);
  expect(said).not.toContain('total(');
  expect(said).not.toMatch(/"right"/);
});

it('cuts checkpoints from any key that are books in balance, each more of the key than the one before', () => {
  for (const make of [ternIsland, juniperLane, nurseryYear]) {
    const key = keyed(make());
    const start = startingPoint(key.book, 'company-only', PLANTING);
    const guide = proposedGuide(key, start);
    let points = -1;
    for (let at = -1; at < (guide.steps ?? []).length; at++) {
      const book = checkpoint(key, start, { guide, upTo: at });
      expect(withMissingEntries(book).entries.length).toBe(book.entries.length);
      const checked = checkWork({ ...key, questions: [] }, book, { start });
      expect(checked.points).toBeGreaterThanOrEqual(points);
      ({ points } = checked);
      if (at === (guide.steps ?? []).length - 1) expect(points).toBe(checked.of);
    }
  }
});

it('fills words with the figures of one’s own seed', () => {
  const key = {
    ...KEY,
    figures: {
      quantities: [{ name: 'size', from: '0.5', to: '1.5', step: '0.1' }],
      everywhere: 'usual * size',
    },
  };
  const guide: Guide = {
    steps: [
      {
        id: 'a',
        title: 'A',
        words: 'The bank holds {= opening("bank") }, size {= size}, {= nothing }.',
      },
    ],
  };
  const texts = [1, 2, 3, 4].map((seed) => {
    const own = ownKey(key, { seed });
    const start = ownStart(START, key, { own, drawing: { seed } });
    const words = guideShown({ key: own, start, work: start, guide, answers: none }).steps[0]
      ?.words;
    const bank = ((own.book.opening.balances['bank'] ?? 0) / 100).toLocaleString('en');
    expect(words).toContain(`The bank holds ${bank}, size `);
    expect(words).toContain('{= nothing }');
    return words;
  });
  expect(new Set(texts).size).toBeGreaterThan(1);
});

it('says what of a guide does not fit its key', () => {
  const odd: Guide = {
    steps: [
      { id: 'a', title: 'A', accounts: ['gone'], words: '{= total("nothing") }' },
      { id: 'a', title: 'B', entries: ['gone'], figures: [{ name: 'x', says: '1 +' }] },
    ],
  };
  expect(faultsOfGuide(odd, KEY).map(({ code }) => code)).toEqual([
    'guide.twice',
    'guide.gone',
    'expression.unknown',
    'guide.gone',
    'expression.unreadable',
  ]);
});

it('is kept with an exercise’s file, byte for byte', () => {
  const exercise = {
    title: 'T',
    brief: '',
    start: START,
    key: KEY,
    rules: USUAL_RULES,
    guide: GUIDE,
  };
  const json = JSON.stringify(exerciseToJson(exercise));
  const read = exerciseFromJson(JSON.parse(json));
  expect(read.ok && JSON.stringify(exerciseToJson(read.value))).toBe(json);
});
