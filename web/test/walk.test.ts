import type { CorrectedCheck, ShownResult } from '@gleddo/contract';
import { placeOf, walkOf } from '../src/pages/put-right/walk';

const told = (there: string) => ({ there, belongs: '', why: '', now: '' });

const fault = (check: string, id: string, rest: Partial<ShownResult> = {}): ShownResult => ({
  ...{
    check,
    ref: `${check}:${id}`,
    title: '',
    fault: check,
    outcome: 'not-met',
    told: told('Then.'),
    kind: check,
  },
  ...{ from: [], points: 0, of: 1, difference: null, causes: [], date: null },
  subject: { kind: 'account', id },
  ...rest,
});

const now = (...results: ShownResult[]): CorrectedCheck => ({
  ...{ points: 1, of: 2, results },
  pairs: [{ keys: ['loan'], works: ['mine'], confidence: 1, reasons: [] }],
});

describe('the notes of a work that is put right', () => {
  const before = [fault('account.type', 'loan'), fault('entry.present', 'sale')];

  it('stand in their order; what is met is ticked, what has come up is told as new', () => {
    const still = fault('entry.present', 'sale', { told: told('Now.') });
    const walk = walkOf(before, now(still, fault('account.name', 'bank')));
    expect(walk.map(({ state }) => state)).toEqual(['met', 'open', 'new']);
    expect(walk[1]?.fault.told.there).toBe('Now.');
    const follows = fault('account.type', 'loan', { outcome: 'follows' });
    expect(walkOf(before, now(follows)).map(({ state }) => state)).toEqual(['met', 'met']);
  });

  it('lead to where each is worked on', () => {
    const { pairs } = now();
    const at = (check: string, id = 'loan') => placeOf(fault(check, id), { pairs });
    expect(at('account.type')).toBe('chart?account=mine');
    expect(at('account.leftover', 'my own')).toBe('chart?account=my%20own');
    expect(at('account.present')).toBe('chart');
    expect(at('opening.amount')).toBe('opening');
    expect(at('entry.date')).toBe('journal');
    expect(at('statement.total')).toBe('statements');
  });
});
