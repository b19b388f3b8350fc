import { pairedByHand } from '../src/index.js';

const pair = (keys: string[], works: string[]) => ({ keys, works, confidence: 1, reasons: [] });

describe('who an account of the work stands for, said by hand', () => {
  it('is what was chosen last', () => {
    const before = [{ key: 'bank', work: 'a' }];
    expect(pairedByHand(before, [], { work: 'a', keys: ['till'] })).toEqual([
      { key: 'till', work: 'a' },
    ]);
    expect(pairedByHand(before, [], { work: 'b', keys: ['till'] })).toEqual([
      ...before,
      { key: 'till', work: 'b' },
    ]);
  });

  it('is nobody, where nothing was chosen', () => {
    expect(
      pairedByHand([{ key: 'bank', work: 'a' }], [pair(['bank'], ['a'])], { work: 'a', keys: [] }),
    ).toEqual([{ key: null, work: 'a' }]);
  });

  it('is an account together with those that stand for it already', () => {
    const pairs = [pair(['sales'], ['rides', 'lessons']), pair(['rent'], ['shed'])];
    expect(pairedByHand([], pairs, { work: 'tours', keys: ['sales'] })).toEqual([
      { key: 'sales', work: 'rides' },
      { key: 'sales', work: 'lessons' },
      { key: 'sales', work: 'tours' },
    ]);
  });

  it('leaves what was said of another by hand as it is', () => {
    const pairs = [pair(['sales'], ['rides', 'lessons'])];
    const before = [{ key: 'rent', work: 'rides' }];
    expect(pairedByHand(before, pairs, { work: 'tours', keys: ['sales'] })).toEqual([
      ...before,
      { key: 'sales', work: 'lessons' },
      { key: 'sales', work: 'tours' },
    ]);
  });

  it('can be several accounts at once', () => {
    const pairs = [pair(['rides', 'lessons'], ['sales'])];
    expect(pairedByHand([], pairs, { work: 'tours', keys: ['rides', 'lessons'] })).toEqual([
      { key: 'rides', work: 'sales' },
      { key: 'lessons', work: 'sales' },
      { key: 'rides', work: 'tours' },
      { key: 'lessons', work: 'tours' },
    ]);
  });
});
