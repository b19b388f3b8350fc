import {
  DISTINCTION_IDS,
  DISTINCTIONS,
  DRILL_KINDS,
  drillNames,
  drillQuestion,
  drillFeedback,
  shippedPlan,
  shippedScheme,
  STOCK,
  takenFor,
  tallies,
  typeOf,
  type DrillAnswer,
  type Scheme,
} from '../src/index.js';
import { MIX_UPS } from '../src/assessment/mixup/mixups.js';
import { distinctionOf } from '../src/assessment/mixup/distinctions.js';

const scheme = shippedScheme('current-first') as Scheme;
const plan = shippedPlan('four-digit');
const BY = { scheme, plan };
const ofType = (wanted: string) =>
  STOCK.filter(({ type }) => type === wanted)[0] as (typeof STOCK)[number];

it('has some 400 names, each once in its words, each of a type that there is', () => {
  expect(STOCK.length).toBeGreaterThanOrEqual(400);
  expect(STOCK.filter(({ type }) => !typeOf(scheme, type))).toEqual([]);
  const described = STOCK.map(({ name, country }) => `${name} ${country ?? ''}`);
  expect(described.filter((each, i) => described.indexOf(each) < i)).toEqual([]);
  for (const country of ['gb', 'us'])
    expect(STOCK.filter((each) => each.country === country).length).toBeGreaterThan(20);
});

it('gathers every mix-up under one distinction', () => {
  const gathered = DISTINCTION_IDS.flatMap((id) => [...DISTINCTIONS[id].mixUps]);
  expect([...gathered].sort()).toEqual(MIX_UPS.map(({ id }) => id).sort());
});

it('tells what was not told apart', () => {
  expect(distinctionOf(scheme, 'prepayment', 'insurance')).toBe('ahead-or-used');
  expect(distinctionOf(scheme, 'deferred-income', 'service-fees')).toBe('received-or-earned');
  expect(distinctionOf(scheme, 'accumulated-depreciation', 'long-term-loan')).toBe('contra');
  expect(distinctionOf(scheme, 'land', 'inventory')).toBe('current-or-not');
  expect(distinctionOf(scheme, 'land', 'staff')).toBe('statement');
  expect(distinctionOf(scheme, 'land', 'share-capital')).toBe('class');
  expect(distinctionOf(scheme, 'bank', 'bank')).toBeNull();
  expect(distinctionOf(scheme, 'bank', null)).toBeNull();
});

it('asks each name with one right option among others, and says why', () => {
  for (const kind of DRILL_KINDS)
    for (const name of STOCK) {
      const asked = drillQuestion(name, kind, { ...BY, seed: 5 });
      if (asked === null) continue;
      const ids = asked.options.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      const right = ids.filter((id) => drillFeedback({ name, kind }, id, BY).isRight);
      expect(right).toHaveLength(1);
      for (const id of ids)
        expect(drillFeedback({ name, kind }, id, BY).says).toMatch(/^\S.{5,}[.?]$/s);
    }
});

/** Someone who takes what is paid ahead for used up, and the other way round. */
function answered(round: readonly { id: string; type: string }[], day: string): DrillAnswer[] {
  return round.map(({ id, type }) => {
    const isMixed = type === 'prepayment' || type === 'insurance' || type === 'premises';
    return { name: id, isRight: !isMixed, missed: isMixed ? 'ahead-or-used' : null, at: day };
  });
}

it('brings what is missed most the most: 60 names, after two rounds, for one who mixes up prepaid and expense', () => {
  const shares: number[] = [];
  const atOnce: number[] = [];
  for (let seed = 1; seed <= 20; seed++) {
    let history: DrillAnswer[] = [];
    const wanted = { scheme, count: 60, words: 'international', only: null } as const;
    for (const round of [1, 2])
      history = [
        ...history,
        ...answered(
          drillNames({ ...wanted, history, seed: seed * 100 + round }),
          `2027-01-0${round}`,
        ),
      ];
    const third = drillNames({ ...wanted, history, seed: seed * 100 + 3 });
    expect(new Set(third.map(({ id }) => id)).size).toBe(60);
    const mixed = third.filter(({ type }) =>
      ['prepayment', 'insurance', 'premises'].includes(type),
    );
    const among = STOCK.filter(
      ({ type, country }) =>
        country === null && ['prepayment', 'insurance', 'premises'].includes(type),
    );
    shares.push(mixed.length / among.length);
    const first = third
      .slice(0, 10)
      .filter(({ type }) => ['prepayment', 'insurance', 'premises'].includes(type));
    atOnce.push(first.length);
  }
  const mean = (numbers: readonly number[]) =>
    numbers.reduce((sum, each) => sum + each, 0) / numbers.length;
  // By chance one in four of all names would come.
  expect(Math.min(...shares)).toBeGreaterThan(0.5);
  expect(mean(shares)).toBeGreaterThan(0.75);
  expect(mean(atOnce)).toBeGreaterThan(5);
});

it('asks less of what was right, only what is wanted, and in one country’s words', () => {
  const name = ofType('land');
  const right = Array.from({ length: 6 }, () => ({
    ...{ name: name.id, isRight: true, missed: null, at: '2027-01-01' },
  }));
  const wanted = { scheme, count: 5, words: 'british', only: null } as const;
  const times = (history: DrillAnswer[]) =>
    Array.from({ length: 400 }, (_, seed) => drillNames({ ...wanted, history, seed })).filter(
      (round) => round.includes(name),
    ).length;
  expect(times(right)).toBeLessThan(times([]) / 2);
  const only = drillNames({
    ...wanted,
    history: [],
    seed: 1,
    count: 400,
    only: ['current-or-not'],
  });
  expect(new Set(only.map(({ type }) => type))).toEqual(
    new Set(['loan-within-year', 'long-term-loan']),
  );
  expect(only.map(({ country }) => country)).not.toContain('us');
});

it('counts what was asked and missed', () => {
  const history = answered([ofType('prepayment')], '2027-01-01');
  expect(tallies(scheme, history).get('ahead-or-used')).toEqual({ asked: 1, missed: 1 });
});

it('tells a wrong answer by what was right and what was said, and by nothing else', () => {
  const typeName = (id: string) => typeOf(scheme, id)?.name ?? '';
  const sectionName = (id: string) => scheme.sections.find((each) => each.id === id)?.name ?? '';
  const named = { type: typeName, section: sectionName };
  const asked = STOCK.flatMap((name) =>
    (['type', 'section'] as const).flatMap((kind) =>
      [5, 6].flatMap((seed) => drillQuestion(name, kind, { ...BY, seed }) ?? []),
    ),
  );
  for (const { name, kind, options } of asked)
    for (const { id } of options) {
      const { isRight, says, rightOption } = drillFeedback({ name, kind }, id, BY);
      const called = named[kind as 'type' | 'section'];
      if (isRight) continue;
      expect(says.startsWith(`${called(rightOption)}: `)).toBe(true);
      expect(says).toContain(` ${called(id)}: `);
    }
});

it('offers what a name is really taken for: another of its mix-ups, its section, its class, its statement', () => {
  const statementOf = (type: string) => {
    const section = scheme.sections.find(({ id }) => id === typeOf(scheme, type)?.section);
    return section && ['income', 'expense'].includes(section.class) ? 'profit' : 'sheet';
  };
  const far: string[] = [];
  for (const name of STOCK)
    for (const { id } of drillQuestion(name, 'type', { ...BY, seed: 3 })?.options ?? [])
      if (statementOf(id) !== statementOf(name.type) && !takenFor(scheme, name.type).includes(id))
        far.push(`${name.name}: ${id}`);
  expect(far).toEqual([]);
});

it('puts down to no mix-up of types what only named a section', () => {
  const tours = { id: 'tours', name: 'Guided tours', type: 'service-fees', country: null };
  const said = drillFeedback({ name: tours, kind: 'section' }, 'current-liabilities', BY);
  expect(said.missed).toBe('statement');
  expect(said.says).not.toContain('tax');
});
