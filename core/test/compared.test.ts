import fc from 'fast-check';
import {
  addDays,
  comparedLines,
  periodLike,
  sectionLike,
  spreadFigures,
  type Period,
} from '../src/index.js';
import { anyBook } from './arbitrary-book.js';
import { change, shop } from './builder.js';

const QUARTER: Period = { from: '2027-01-01', to: '2027-03-31' };

describe('a period as long as another', () => {
  it.each([
    [QUARTER, '2026-12-31', '2026-10-01'],
    [QUARTER, '2027-06-30', '2027-04-01'],
    [{ from: '2027-02-01', to: '2027-02-28' }, '2027-01-31', '2027-01-01'],
    [{ from: '2027-01-01', to: '2027-12-31' }, '2026-12-31', '2026-01-01'],
    [{ from: '2027-01-10', to: '2027-01-19' }, '2026-03-05', '2026-02-24'],
    [QUARTER, '2027-02-15', '2026-11-18'],
  ])('%j ending on %s begins on %s', (period, end, from) => {
    expect(periodLike(period, end)).toEqual({ from, to: end });
  });
});

describe('statements at two dates', () => {
  const at = (of: ReturnType<typeof shop>, day: string) =>
    spreadFigures(of, { from: '2027-01-01', to: day });

  it('have each account once, with both figures', () => {
    const [now, then] = [at(shop(), '2027-03-31'), at(shop(), '2026-12-31')];
    const assets = now.sheet.sections[0];
    if (!assets) throw new Error('no section');
    const lines = comparedLines(shop(), assets, sectionLike(assets, then.sheet.sections));
    expect(lines.map(({ account, amount, other }) => [account.id, amount, other])).toEqual([
      ['bank', 610_000, 500_000],
      ['debtors', 160_000, 120_000],
      ['prepaid', 45_000, 60_000],
    ]);
  });

  it('keep an account that stood at something then and is retired now', () => {
    const gone = change(
      { ...shop(), entries: [], opening: { ...shop().opening, balances: {} } },
      'loan',
      { retired: true },
    );
    const paid = { ...gone, opening: { ...gone.opening, balances: { loan: -5, bank: 5 } } };
    const [now, then] = [at(gone, '2027-03-31'), at(paid, '2027-03-31')];
    const section = now.sheet.sections.find(({ id }) => id === 'non-current-liabilities');
    if (!section) throw new Error('no section');
    const [line] = comparedLines(paid, section, sectionLike(section, then.sheet.sections));
    expect(line).toMatchObject({ account: { id: 'loan' }, amount: 0, other: 5 });
  });

  it('add up on both sides, whatever the book', () => {
    fc.assert(
      fc.property(anyBook, fc.integer({ min: -60, max: 500 }), (of, days) => {
        const now = at(of, '2027-12-31');
        const then = at(of, addDays('2027-01-01', days));
        const sections = [...then.sheet.sections, then.sheet.notPlaced];
        for (const section of now.sheet.sections) {
          const other = sectionLike(section, sections);
          const lines = comparedLines(of, section, other);
          const total = (pick: 'amount' | 'other') =>
            lines.reduce((sum, line) => sum + line[pick], 0);
          expect([total('amount'), total('other')]).toEqual([section.total, other?.total ?? 0]);
        }
      }),
    );
  });
});
