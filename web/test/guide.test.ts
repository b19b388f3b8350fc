import { tickOfStep, type StepShown } from '@gleddo/core';
import {
  askedSays,
  currentOf,
  withheld,
  nextOpen,
  partOf,
  shareDone,
} from '../src/exercise/guide/step-state';
import { freshId, movedStep, withoutQuestion, withoutSheet } from '../src/pages/steps/guide-draft';

const step = (id: string, asks: StepShown['asks'] = []): StepShown => ({
  ...{ id, asks, title: id, section: '', words: '', figures: [], questions: [], sheets: [] },
  brings: [],
});
const STEPS = [
  step('look'),
  step('accounts', [{ kind: 'accounts', done: 9, of: 9 }]),
  step('open', [{ kind: 'openings', done: 2, of: 4 }]),
  step('adjust', [
    { kind: 'entries', done: 5, of: 5 },
    { kind: 'questions', done: 0, of: 1 },
  ]),
];
const at = (place: string | null, ticks: string[] = []) => ({ step: place, ticks });

describe('where one is in the steps', () => {
  it('is where one was, else at the first that is not done', () => {
    expect(currentOf(STEPS, at(null))?.id).toBe('look');
    expect(currentOf(STEPS, at(null, [tickOfStep('look')]))?.id).toBe('open');
    expect(currentOf(STEPS, at('accounts'))?.id).toBe('accounts');
    expect(currentOf(STEPS, at('gone'))?.id).toBe('look');
    expect(currentOf([], at(null))).toBeNull();
  });

  it('goes on to the next that is open, and round again', () => {
    expect(nextOpen(STEPS, at(null), STEPS[2] ?? null)?.id).toBe('adjust');
    expect(nextOpen(STEPS, at(null), STEPS[3] ?? null)?.id).toBe('look');
    expect(nextOpen(STEPS.slice(1, 2), at(null), null)).toBeNull();
  });

  it('counts what stands of all that is asked', () => {
    expect(shareDone(STEPS, at(null))).toBe(16 / 20);
    expect(shareDone(STEPS, at(null, [tickOfStep('look')]))).toBe(17 / 20);
    expect(shareDone([], at(null))).toBe(0);
  });

  it('keeps back what a later step brings in, until one comes there or has done something there', () => {
    const [look, accounts, open] = STEPS.map((each) => ({ ...each, asks: [] }));
    if (!look || !accounts || !open) throw new Error('steps are missing');
    const asks = [{ kind: 'openings' as const, done: 1, of: 2 }];
    const steps = [
      look,
      { ...accounts, brings: ['numbers' as const] },
      { ...open, brings: ['taxes' as const] },
    ];
    expect([...withheld(steps, at('look'))]).toEqual(['numbers', 'taxes']);
    expect([...withheld(steps, at('accounts'))]).toEqual(['taxes']);
    const begun = steps.map((each) => (each.id === 'open' ? { ...each, asks } : each));
    expect(withheld(begun, at('look')).size).toBe(0);
    expect(withheld(STEPS, at(null)).size).toBe(0);
  });

  it('leads to where the next open thing is entered, in words', () => {
    expect(STEPS.map(partOf)).toEqual([null, 'chart', 'opening', null]);
    expect(askedSays({ kind: 'entries', done: 0, of: 1 })).toBe('0 of 1 entry recorded');
  });
});

describe('a guide as it is written', () => {
  const draft = {
    guide: {
      steps: [
        { id: 'a', title: 'A', questions: ['q1'], sheets: ['s'] },
        { id: 'b', title: 'B' },
      ],
      sheets: [{ id: 's', title: 'S', kind: 'accounts' as const }],
    },
    questions: [{ id: 'q1', kind: 'side' as const, text: '?', right: '"debit"' }],
    points: { 'question.answer:q1': 5 },
  };

  it('moves steps within their list', () => {
    const ids = (by: -1 | 1, id: string) =>
      movedStep(draft, id, by).guide.steps?.map((each) => each.id);
    expect(ids(1, 'a')).toEqual(['b', 'a']);
    expect(ids(-1, 'a')).toEqual(['a', 'b']);
  });

  it('takes a question and a paper out of every step with them', () => {
    const bare = withoutSheet(withoutQuestion(draft, 'q1'), 's');
    expect(bare.questions).toEqual([]);
    expect(bare.points).toEqual({ 'question.answer:q1': null });
    expect(bare.guide.steps?.[0]).toMatchObject({ questions: [], sheets: [] });
  });

  it('finds an id that nobody has', () => {
    expect(freshId('q', [{ id: 'q2' }, { id: 'x' }])).toBe('q3');
    expect(freshId('q', [{ id: 'q2' }])).toBe('q3');
  });
});
