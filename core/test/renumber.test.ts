import fc from 'fast-check';
import {
  apply,
  capacityOf,
  chartOf,
  evenlyNumbered,
  faultsOfPlan,
  readOperations,
  renumberedChart,
  SHIPPED_PLANS,
  shippedPlan,
  ternIsland,
  writeBook,
  type Book,
  type NumberPlan,
  type Renumbered,
  type Result,
} from '../src/index.js';
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
    const tiny = { ...(shippedPlan('three-digit') as NumberPlan), step: 40 };
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
    expect(read.ok && read.value[0]?.kind === 'renumber-all' && read.value[0].numberPlan).toBe(
      shippedPlan('lettered'),
    );
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
