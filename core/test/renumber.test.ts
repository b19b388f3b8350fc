import fc from 'fast-check';
import {
  apply,
  bandOfType,
  draftAt,
  inBand,
  planNotices,
  capacityOf,
  chartOf,
  evenlyNumbered,
  faultsOfPlan,
  readOperations,
  renumberedChart,
  SHIPPED_PLANS,
  shippedPlan,
  writeBook,
  type Book,
  type NumberPlan,
  type Renumbered,
  type Result,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { acct, book, shop } from './builder.js';

const values = (result: Result<Renumbered[]>): Renumbered[] => {
  if (!result.ok) throw new Error(result.refusals[0]?.says);
  return result.value;
};

const order = (of: Book): string[] =>
  of.scheme.sections.flatMap((section) =>
    (chartOf(of).get(section.id) ?? []).map((row) => row.account.id),
  );

function renumbered(of: Book, plan: NumberPlan | null): Book {
  const numbers = values(renumberedChart(of, plan)).map(({ id, number }) => ({ id, number }));
  const done = apply(of, { kind: 'renumber-all', numbers, numberPlan: plan });
  if (!done.ok) throw new Error(done.refusals[0]?.says);
  const undone = apply(done.value.book, done.value.inverse);
  expect(undone.ok && writeBook(undone.value.book)).toBe(writeBook(of));
  return done.value.book;
}

describe('renumbering a whole chart', () => {
  it('keeps order and nesting in every shipped plan, and is undone in one step', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHIPPED_PLANS),
        fc.constantFrom(shop(), ternIsland()),
        (plan, of) => {
          const after = renumbered(of, plan);
          expect(order(after)).toEqual(order(of));
          expect(new Set(after.accounts.map((each) => each.number)).size).toBe(of.accounts.length);
        },
      ),
    );
  });

  it('numbers by the step, and children behind their parent by the small step', () => {
    const plan = shippedPlan('five-digit') as NumberPlan;
    const after = renumbered(shop(), plan);
    const numberOf = (id: string) => after.accounts.find((each) => each.id === id)?.number;
    expect([numberOf('van'), numberOf('van-dep')]).toEqual(['10100', '10110']);
    expect([numberOf('bank'), numberOf('debtors')]).toEqual(['20100', '20200']);
  });

  it('takes numbers off, and proposes all of them again', () => {
    const off = renumbered(shop(), null);
    expect(off.accounts.every((each) => each.number === null)).toBe(true);
    expect(renumbered(off, shippedPlan('four-digit')).accounts.every((each) => each.number)).toBe(
      true,
    );
  });

  it('says which band is too small, and which place has no band', () => {
    const three = shippedPlan('three-digit') as NumberPlan;
    const tiny = { ...three, bands: three.bands.map((band) => ({ ...band, to: band.from })) };
    const full = renumberedChart(shop(), tiny);
    expect(full.ok ? '' : full.refusals[0]?.code).toBe('number.band-too-small');
    const none = renumberedChart(shop(), { ...tiny, bands: [] });
    expect(none.ok ? '' : none.refusals[0]?.code).toBe('number.no-band');
  });

  it('makes room in a section by spreading its numbers evenly', () => {
    const tight = book([
      acct('a', 'bank', { number: '1001' }),
      acct('b', 'bank', { number: '1002' }),
      acct('c', 'supplies', { number: '1003' }),
    ]);
    expect(values(evenlyNumbered(tight, 'current-assets')).map((each) => each.number)).toEqual([
      '1100',
      '1200',
      '1300',
    ]);
  });

  it('comes over the wire as it was sent, a shipped plan as the shipped one', () => {
    const operation = {
      kind: 'renumber-all',
      numbers: [{ id: 'bank', number: '9' }],
      numberPlan: shippedPlan('lettered'),
    };
    const read = readOperations([JSON.parse(JSON.stringify(operation))]);
    expect(read.ok && read.value[0]).toEqual(operation);
    const done = read.ok && read.value[0] ? apply(shop(), read.value[0]) : null;
    expect(done?.ok && done.value.book.numberPlan).toBe(shippedPlan('lettered'));
  });

  it('refuses doubled numbers, naming the holder', () => {
    const done = apply(shop(), {
      kind: 'renumber-all',
      numbers: [{ id: 'bank', number: '1100' }],
      numberPlan: shop().numberPlan,
    });
    expect(done.ok ? '' : done.refusals[0]?.code).toBe('number.taken');
  });
});

describe('a number plan', () => {
  it('knows how full its bands are', () => {
    const band = { section: 'current-assets', from: '1000', to: '1499' };
    expect(capacityOf(shop(), band)).toEqual({ used: 3, free: 497, longestRun: 199 });
  });

  it('is told where its bands overlap or run backwards', () => {
    const plan = shippedPlan('four-digit') as NumberPlan;
    expect(faultsOfPlan(plan)).toEqual([]);
    const bands = [
      { section: 'revenue', from: '4000', to: '4999' },
      { section: 'equity', from: '4500', to: '4400' },
    ];
    expect(faultsOfPlan({ ...plan, bands }).map((each) => each.code)).toContain(
      'plan.band-backwards',
    );
    const crossing = [
      { section: 'revenue', from: '4000', to: '4999' },
      { section: 'equity', from: '4500', to: '5400' },
    ];
    expect(faultsOfPlan({ ...plan, bands: crossing })[0]?.code).toBe('plan.bands-overlap');
  });
});

const four = shippedPlan('four-digit') as NumberPlan;

describe('bands inside a band', () => {
  const plan: NumberPlan = {
    ...four,
    id: 'own',
    name: 'Ours',
    bands: [
      ...four.bands,
      { type: 'trade-receivables', from: '1010', to: '1099' },
      { type: 'accumulated-depreciation', from: '1900', to: '1999' },
    ],
  };

  it('are kept for their type, and what else comes leaves them free', () => {
    const after = renumbered(shop(), plan);
    const numberOf = (id: string) => after.accounts.find((each) => each.id === id)?.number;
    expect(['bank', 'debtors', 'prepaid', 'van', 'van-dep'].map(numberOf)).toEqual([
      '1100',
      '1020',
      '1110',
      '1510',
      '1901',
    ]);
  });

  it('are left out when a number is proposed beside them', () => {
    const drafted = draftAt({ ...shop(), numberPlan: plan }, 'current-assets', { name: 'Till' });
    expect(drafted.number).not.toMatch(/^10[1-9]/);
  });

  it('keep every account in its band, whatever the plan and the chart', () => {
    fc.assert(
      fc.property(fc.subarray([...shop().accounts.map(({ type }) => type ?? '')]), (types) => {
        const bands = types.map((type, i) => {
          const around = bandOfType(four, shop().scheme, type);
          const start = Number(around?.from ?? 0) + 40 * (i + 2);
          return { type, from: String(start), to: String(start + 39) };
        });
        const own = { ...plan, bands: [...four.bands, ...bands] };
        const after = renumbered(shop(), own);
        for (const account of after.accounts) {
          const band = bandOfType(own, after.scheme, account.type);
          expect(band && inBand(band, account.number ?? '')).toBe(true);
        }
      }),
    );
  });
});

describe('what deserves a look in a plan', () => {
  const says = (rest: Partial<NumberPlan>) =>
    planNotices({ ...four, ...rest }, shop().scheme).map((each) => each.says);
  const bandsBut = (section: string, ...more: NumberPlan['bands']) => [
    ...four.bands.filter((band) => band.section !== section),
    ...more,
  ];

  it('is nothing in the plans that are shipped', () => {
    for (const plan of SHIPPED_PLANS)
      expect(planNotices(plan, shop().scheme).filter(({ code }) => code !== 'plan.gap')).toEqual(
        [],
      );
  });

  it('is a section without a band, and the numbers that are nobody’s', () => {
    expect(says({ bands: bandsBut('revenue') })).toEqual([
      'Revenue: no band, so no number is proposed there.',
      '4000 to 4999 belong to no band.',
    ]);
    expect(
      says({ bands: bandsBut('revenue', { section: 'revenue', from: '4000', to: '4998' }) }),
    ).toEqual(['4999 belongs to no band.']);
  });

  it('is a band of a type outside its section’s', () => {
    expect(says({ bands: [...four.bands, { type: 'bank', from: '2100', to: '2199' }] })[0]).toMatch(
      /^Bank, 2100–2199, lies outside the band of Current assets, 1000–1499/,
    );
    expect(says({ bands: [...four.bands, { type: 'bank', from: '1000', to: '1099' }] })).toEqual(
      [],
    );
  });

  it('is letters where digits are said, another length, no room for children, a band for nothing', () => {
    expect(
      says({
        bands: bandsBut('income-tax', { section: 'income-tax', from: 'T100', to: 'T999' }),
      })[0],
    ).toMatch(/^T100 has letters/);
    expect(says({ length: 5 })[0]).toBe('1000 has 4 characters, and the plan says 5.');
    expect(says({ childStep: 10 })).toEqual([
      'Neighbours are 10 apart and children 10: nothing fits under an account before its neighbour begins.',
    ]);
    expect(
      says({ bands: [...four.bands, { section: 'grants', from: '9500', to: '9599' }] }),
    ).toContain('The band 9500–9599 is for nothing that the scheme has.');
  });
});

describe('how full a band is', () => {
  const at = (band: { from: string; to: string }, ...numbers: string[]) =>
    capacityOf(book(numbers.map((number, i) => acct(`a${i}`, 'bank', { number }))), {
      section: 'current-assets',
      ...band,
    });

  it('counts what is taken, what is free, and the longest run of free ones', () => {
    expect(at({ from: '100', to: '109' }, '103', '104', '110', '1030')).toEqual({
      used: 2,
      free: 8,
      longestRun: 5,
    });
    expect(at({ from: '100', to: '101' }, '100', '101')).toEqual({
      used: 2,
      free: 0,
      longestRun: 0,
    });
    expect(at({ from: 'A10', to: 'A19' }, 'a15', 'B15')).toEqual({
      used: 1,
      free: 9,
      longestRun: 5,
    });
  });

  it('is known at once, however long the numbers are', () => {
    expect(at({ from: '100000000000000', to: '999999999999999' }, '500000000000000').free).toBe(
      899_999_999_999_999,
    );
  });
});
