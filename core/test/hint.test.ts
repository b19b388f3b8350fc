import {
  apply,
  earnedOf,
  HINT_PIECES,
  hintsFor,
  keyOf,
  nextHint,
  proposedGuide,
  startingPoint,
  type Book,
  type HintAbout,
  type HintPiece,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';

const KEY = keyOf(ternIsland());
const START = startingPoint(KEY.book, 'company-only', { faults: {}, seed: 1 });
const GUIDE = proposedGuide(KEY, START);
const STEPS = GUIDE.steps ?? [];

interface Taken {
  readonly about: HintAbout;
  readonly piece: HintPiece;
}

const next = (step: string, upTo: HintPiece, { work = START, taken = [] as Taken[] } = {}) =>
  nextHint(
    { key: KEY, start: START, work, guide: GUIDE, answers: new Map() },
    { step, pieces: HINT_PIECES.slice(0, HINT_PIECES.indexOf(upTo) + 1), taken },
  );

/** All that is told of a step, in the order in which it is told. */
function allOf(step: string, upTo: HintPiece, work: Book = START) {
  const taken: Taken[] = [];
  const said: string[] = [];
  for (let hint = next(step, upTo, { work }); hint; hint = next(step, upTo, { work, taken })) {
    taken.push(hint);
    said.push(hint.says);
  }
  return { taken, said };
}

describe('hints', () => {
  test('come one by one, each piece once, of one thing before the next, no further than they may', () => {
    for (const { id } of STEPS)
      for (const upTo of HINT_PIECES) {
        const { taken } = allOf(id, upTo);
        const names = taken.map(({ about, piece }) => `${about.kind} ${about.id} ${piece}`);
        expect(new Set(names).size).toBe(names.length);
        expect(
          taken.every(({ piece }) => HINT_PIECES.indexOf(piece) <= HINT_PIECES.indexOf(upTo)),
        ).toBe(true);
        const things = taken.map(({ about }) => `${about.kind} ${about.id}`);
        expect([...new Set(things)]).toEqual(things.filter((each, at) => each !== things[at - 1]));
      }
  });

  test('say everything that a step asks for at the end, and nothing of it before the answer', () => {
    const entries = STEPS.find((step) => (step.entries ?? []).length > 0);
    const { taken, said } = allOf(entries?.id ?? '', 'answer');
    const answers = taken.filter(({ piece }) => piece === 'answer');
    expect(answers.map(({ about }) => about.id)).toEqual(entries?.entries);
    const [first] = answers;
    const entry = KEY.book.entries.find(({ id }) => id === first?.about.id);
    const names = (entry?.lines ?? []).map(
      ({ account }) => KEY.book.accounts.find(({ id }) => id === account)?.name ?? '?',
    );
    const at = taken.findIndex(({ piece }) => piece === 'answer');
    for (const name of names) expect(said[at]).toContain(`“${name}”`);
    const amount = Math.max(...(entry?.lines ?? []).map((line) => line.amount)) / 100;
    const figure = amount.toLocaleString('en', { maximumFractionDigits: 2 });
    expect(said[at]).toContain(figure);
    expect(said[at - 1]).not.toContain(` ${figure} `);
  });

  test('a like case is in balance', () => {
    for (const { id } of STEPS)
      for (const { says, piece } of hintsOf(id).filter(({ piece: each }) => each === 'example')) {
        const [debit, credit] = says.split(', credit ');
        if (!credit || !debit?.includes('debit ')) continue;
        const sums = [debit, credit].map((side) =>
          [...side.matchAll(/” ([\d,]+)/g)].reduce(
            (sum, [, n]) => sum + Number(n?.replace(/,/g, '')),
            0,
          ),
        );
        expect([piece, sums[0]]).toEqual(['example', sums[1]]);
      }
  });

  test('what stands on its unusual side is not told of the usual one', () => {
    const balances = { ...KEY.book.opening.balances, bank: -500_000 };
    const overdrawn = keyOf({ ...KEY.book, opening: { ...KEY.book.opening, balances } });
    const step = { id: 'bank', title: 'Bank', openings: ['bank'] };
    const over = { key: overdrawn, start: START, guide: { steps: [step] }, answers: new Map() };
    const said = HINT_PIECES.map(
      (piece) =>
        nextHint({ ...over, work: START }, { step: 'bank', pieces: [piece], taken: [] })?.says,
    );
    expect(said[1]).toMatch(/This one stands on the other side/);
    expect(said[2]).toMatch(/with 1,000 in credit/);
    expect(said[3]).toMatch(/5,000 in credit/);
  });

  test('an answer is told only to who asks for just that, where it may be told', () => {
    expect(hintsFor('answer', false)).toEqual(['where', 'rule', 'example']);
    expect(hintsFor('answer', true)).toEqual(['answer']);
    expect(hintsFor('rule', false)).toEqual(['where', 'rule']);
    expect(hintsFor('example', true)).toEqual([]);
  });

  test('what stands is not told of', () => {
    const opening = STEPS.find((step) => (step.openings ?? []).length > 0);
    const { openings = [] } = opening ?? {};
    const stood = openings.slice(1).reduce(
      (book, id) => {
        const amount = KEY.book.opening.balances[id] ?? 0;
        const done = apply(book, { kind: 'set-opening', id, amount });
        return done.ok ? done.value.book : book;
      },
      { ...KEY.book, opening: { ...KEY.book.opening, balances: {} }, entries: [] } as Book,
    );
    const { taken } = allOf(opening?.id ?? '', 'answer', stood);
    expect(
      new Set(taken.filter(({ about }) => about.kind === 'openings').map(({ about }) => about.id)),
    ).toEqual(new Set([openings[0]]));
  });

  test('what an answer was told for is what its own checks gave', () => {
    const of = (check: string, id: string, points: number) => ({
      ...{ check, points, subject: { kind: 'account' as const, id } },
    });
    const results = [
      of('account.type', 'bank', 2),
      of('opening.amount', 'bank', 1),
      of('account.name', 'van', 1),
    ];
    expect(earnedOf(results, { kind: 'accounts', id: 'bank' })).toBe(2);
    expect(earnedOf(results, { kind: 'openings', id: 'bank' })).toBe(1);
  });
});

function hintsOf(step: string) {
  const taken: { about: HintAbout; piece: HintPiece; says: string }[] = [];
  for (let hint = next(step, 'answer'); hint; hint = next(step, 'answer', { taken }))
    taken.push(hint);
  return taken;
}

describe('hints for a question', () => {
  const ASKED = keyOf(ternIsland(), {
    questions: [
      { id: 'q1', kind: 'figure', text: 'What stands at the bank?', right: 'balance("bank")' },
      { id: 'q2', kind: 'figure', text: 'The profit?', right: 'total("profit")' },
      { id: 'q3', kind: 'side', text: 'Which side?', right: 'side("bank")' },
      { id: 'q4', kind: 'account', text: 'Which account?', right: ['bank'] },
      { id: 'q5', kind: 'date', text: 'Which day?', right: '"2027-03-31"' },
      {
        ...{ id: 'q6', kind: 'choice', text: 'Which is so?' },
        options: [
          { text: 'It is', right: 'true' },
          { text: 'It is not', right: 'false' },
        ],
      },
    ],
  });
  const told = (id: string, answers: ReadonlyMap<string, string> = new Map()) => {
    const guide = { steps: [{ id: 's', title: 'Asked', questions: [id] }] };
    const said: Partial<Record<HintPiece, string>> = {};
    const taken: Taken[] = [];
    for (;;) {
      const work = { key: ASKED, start: START, work: START, guide, answers };
      const hint = nextHint(work, { step: 's', pieces: HINT_PIECES, taken });
      if (!hint || hint.about.id !== id) return said;
      taken.push(hint);
      said[hint.piece] = hint.says;
    }
  };

  test('say where to look, the rule, and at last what is right', () => {
    expect(told('q1')).toMatchInlineSnapshot(`
     {
       "answer": "Right is 18,940.",
       "rule": "Money at a bank that can be used at any time.",
       "where": "Look at what stands under Current assets, on the balance sheet.",
     }
    `);
    expect(told('q2')).toMatchInlineSnapshot(`
     {
       "answer": "Right is 12,480.",
       "where": "Look at what stands on the balance sheet and the profit and loss.",
     }
    `);
    expect(told('q3')).toMatchInlineSnapshot(`
     {
       "answer": "Right is debit.",
       "rule": "What is owned stands in debit.",
       "where": "Look at what stands under Current assets, on the balance sheet.",
     }
    `);
    expect(told('q4')).toMatchInlineSnapshot(`
     {
       "answer": "Right is “Bank, current account”.",
       "rule": "Money at a bank that can be used at any time.",
       "where": "Look at what stands under Current assets, on the balance sheet.",
     }
    `);
    expect(told('q5')).toMatchInlineSnapshot(`
     {
       "answer": "Right is 31 March 2027.",
       "where": "Look in the journal: each entry has its day.",
     }
    `);
    expect(told('q6')).toMatchInlineSnapshot(`
     {
       "answer": "Right is “It is”.",
     }
    `);
  });

  test('of an account that lowers another the side is told as it is', () => {
    const contra = ASKED.book.accounts.find(({ type }) => type === 'accumulated-depreciation');
    const right = `side("${contra?.id ?? ''}")`;
    const key = keyOf(ternIsland(), {
      questions: [{ id: 'q7', kind: 'side', text: 'Which side?', right }],
    });
    const guide = { steps: [{ id: 's', title: 'Asked', questions: ['q7'] }] };
    const asked = { key, start: START, work: START, guide, answers: new Map() };
    const rule = nextHint(asked, { step: 's', pieces: ['rule'], taken: [] });
    expect(rule?.says).toContain('on the other side');
  });

  test('tell nothing of one that is answered, right or wrong', () => {
    for (const answer of ['1', '18,940']) expect(told('q1', new Map([['q1', answer]]))).toEqual({});
  });

  test('what is told as an answer earns nothing of its question', () => {
    const results = [
      {
        check: 'question.answer' as const,
        subject: { kind: 'question' as const, id: 'q1' },
        points: 5,
      },
      {
        check: 'question.answer' as const,
        subject: { kind: 'question' as const, id: 'q2' },
        points: 3,
      },
    ];
    expect(earnedOf(results, { kind: 'questions', id: 'q1' })).toBe(5);
  });
});
