import fc from 'fast-check';
import { asNotOwnFigures, gathered, together } from '../src/index.js';

const told = (why: string) => ({ there: '', belongs: '', why, now: '' });

describe('faults that belong together', () => {
  it('stand where the first of them does, each once, in their order', () => {
    const whys = fc.array(fc.constantFrom('', 'a', 'b', 'c'), { maxLength: 12 });
    fc.assert(
      fc.property(whys, (each) => {
        const faults = each.map((why, at) => ({ at, told: told(why) }));
        const groups = together(faults);
        expect(groups.flat().sort((a, b) => a.at - b.at)).toEqual(faults);
        const firsts = groups.map(([first]) => first?.at ?? -1);
        expect(firsts).toEqual([...firsts].sort((a, b) => a - b));
        for (const group of groups) {
          expect(new Set(group.map((fault) => fault.told.why)).size).toBe(1);
          if (group[0]?.told.why === '') expect(group).toHaveLength(1);
        }
        const rules = groups.map(([first]) => first?.told.why).filter((why) => why !== '');
        expect(new Set(rules).size).toBe(rules.length);
        expect(gathered(faults)).toEqual(groups.flat());
      }),
    );
  });

  it('are one where the figures are somebody else’s; what has a name of its own keeps it', () => {
    const fault = (check: string, named = false) => ({
      ...{ check, outcome: 'not-met' as const, kind: 'Not right', told: told('') },
      fault: named ? 'A repair recorded as an asset' : 'Not right',
    });
    const results = [
      fault('opening.amount'),
      fault('account.type'),
      fault('entry.amounts'),
      fault('entry.amounts', true),
      { ...fault('opening.amount'), outcome: 'met' as const },
    ];
    const found = asNotOwnFigures(results, 12);
    const changed = found.map((each, i) => each.told.why !== results[i]?.told.why);
    expect(changed).toEqual([true, false, true, false, false]);
    expect(found[0]?.told.why).toContain('12 amounts here are those of somebody else’s exercise');
    expect(together(found)[0]).toHaveLength(2);
  });
});
