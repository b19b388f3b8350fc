import { proposedBrief, START_KINDS } from '../src/index.js';
import { juniperLane, ternIsland } from '../src/demo/index.js';
import { acct, book } from './builder.js';

const NOTHING = { faults: {}, seed: 1 };

describe('a proposed brief', () => {
  it('tells names, opening balances and entries of a chart to build, without types, numbers and sides', () => {
    const brief = proposedBrief(ternIsland(), 'company-only', { planting: NOTHING });
    expect(brief).toContain('- Season passes paid ahead\n');
    expect(brief).toContain('| Accumulated depreciation, fleet | 9,200 |');
    expect(brief).toContain('**Opening balances at 31 December 2026**');
    expect(brief).toContain('- 31 March 2027, Prepaid insurance used up: 860\n');
    expect(brief).not.toMatch(/\b1310\b|Prepayment|debit/);
  });

  it('tells how many wait in the tray, and asks for sides only where they are asked', () => {
    expect(proposedBrief(ternIsland(), 'place-them', { planting: NOTHING })).toMatch(
      /^35 accounts .* the tray/,
    );
    expect(proposedBrief(ternIsland(), 'place-them', { planting: NOTHING })).not.toContain(
      'debit or credit',
    );
    expect(
      proposedBrief(ternIsland(), 'place-them', { planting: NOTHING, asksSides: true }),
    ).toContain('debit or credit');
  });

  it('shows the number plan to number by', () => {
    const brief = proposedBrief(juniperLane(), 'number-them', { planting: NOTHING });
    const [band] = juniperLane().numberPlan?.bands ?? [];
    expect(brief).toContain(`| ${band?.from} | ${band?.to} |`);
  });

  it('counts the faults that were planted, not those that were wished for', () => {
    const planted = { faults: { 'no-parent': 99 }, seed: 4 };
    const nested = ternIsland().accounts.filter(({ parent }) => parent !== null).length;
    expect(proposedBrief(ternIsland(), 'mend-it', { planting: planted })).toMatch(
      new RegExp(`^${nested} faults are hidden`),
    );
    expect(
      proposedBrief(ternIsland(), 'mend-it', { planting: { faults: { 'no-contra': 1 }, seed: 1 } }),
    ).toMatch(/^One fault is hidden/);
  });

  it('shows a name as it is written, whatever Markdown would make of it', () => {
    const odd = book([acct('odd', 'bank', { name: 'Cash | *till* <b>' })]);
    expect(proposedBrief(odd, 'company-only', { planting: NOTHING })).toContain(
      '- Cash \\| \\*till\\* \\<b\\>\n',
    );
  });

  it('an entry without a text goes by its reference, or is an entry', () => {
    const { entries } = ternIsland();
    const [first, second] = entries;
    if (!first || !second) throw new Error('no entries');
    const bare = [
      { ...first, text: '', reference: 'B1' },
      { ...second, text: '', reference: '' },
    ];
    const brief = proposedBrief({ ...ternIsland(), entries: bare }, 'accounts', {
      planting: NOTHING,
    });
    expect(brief).toMatch(/, B1: [\d,]+\n/);
    expect(brief).toMatch(/, an entry: [\d,]+\n/);
  });

  it('stays shorter than a brief may be, however many accounts there are', () => {
    const many = Array.from({ length: 900 }, (_, i) =>
      acct(`a${i}`, 'bank', { name: `Account of the shop, number ${i}` }),
    );
    for (const kind of START_KINDS)
      expect(proposedBrief(book(many), kind, { planting: NOTHING }).length).toBeLessThan(20_000);
  });
});
