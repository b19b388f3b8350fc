import {
  cellsOf,
  changesInEquity,
  CHECKS,
  checkWork,
  inChartOrder,
  keyOf,
  sentenceOf,
  spreadFigures,
  subtotalsShown,
  type AnswerKey,
  type Book,
  type CheckResult,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { sectionNamed } from '../src/model/naming/guess-type.js';
import { acct, change, drop, entry, SCHEME, shop } from './builder.js';

/* Bounds, signs and conditions that matter at their edge. */

const QUARTER: AnswerKey['statementDates'] = [
  { statement: 'balance-sheet', at: '2027-03-31' },
  { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
];
const key = (of: Book, rest: Partial<AnswerKey> = {}) =>
  keyOf(of, { statementDates: QUARTER, ...rest });
const notMet = (of: AnswerKey, work: Book): string[] =>
  checkWork(of, work)
    .results.filter(({ outcome }) => outcome === 'not-met')
    .map(({ ref }) => ref);
const refs = (results: readonly CheckResult[], check: string) =>
  results.filter((each) => each.check === check).map(({ ref, outcome }) => `${ref} ${outcome}`);

describe('openings', () => {
  it('are not looked at where the key has none at all', () => {
    const none = { ...shop(), opening: { date: '2026-12-31', balances: {} } };
    const { results } = checkWork(key(none), shop());
    expect(
      results.filter(
        ({ check }) => check.startsWith('opening.') && check !== 'opening.suspense-empty',
      ),
    ).toEqual([]);
  });

  it('of a profit-and-loss account are looked at only where one side has one', () => {
    const { results } = checkWork(key(shop()), shop());
    expect(refs(results, 'opening.amount').join()).not.toContain('sales');
    const work = {
      ...shop(),
      opening: { ...shop().opening, balances: { ...shop().opening.balances, sales: -5 } },
    };
    expect(notMet(key(shop()), work)).toContain('opening.amount:sales');
  });

  it('in balance or not, and what waits in suspense, is told by the amount', () => {
    const work = {
      ...shop(),
      opening: {
        ...shop().opening,
        balances: { ...shop().opening.balances, odd: 0, bank: 500_100 },
      },
    };
    const { results } = checkWork(key(shop()), work);
    const says = results
      .filter(({ check }) => check.startsWith('opening.') && check !== 'opening.side')
      .map(sentenceOf)
      .join(' ');
    expect(says).toContain('have 1 more in debit');
    expect(says).toContain('1 waits in suspense');
  });
});

describe('dates and kinds', () => {
  const dated = (date: string): Book => ({
    ...shop(),
    entries: shop().entries.map((each) => (each.id === 'cover' ? { ...each, date } : each)),
  });
  const accepts = key(shop(), {
    acceptsEntries: [{ entry: 'cover', from: '2027-03-01', to: '2027-03-31', required: true }],
  });
  it.each([
    ['2027-02-28', true],
    ['2027-03-01', false],
    ['2027-03-15', false],
    ['2027-03-31', false],
    ['2027-04-01', true],
  ])('a day from the first to the last is accepted: %s', (date, isFault) => {
    expect(notMet(accepts, dated(date)).includes('entry.date:cover')).toBe(isFault);
  });

  it('what is closing for one and general for the other makes the profit differ', () => {
    const closing = (kind: 'closing' | 'general') => ({
      ...shop(),
      entries: [
        ...shop().entries,
        entry('close', '2027-03-31', {
          lines: { sales: 10_000, capital: -10_000 },
          rest: { kind },
        }),
      ],
    });
    const { results } = checkWork(key(closing('closing')), closing('general'));
    const profit = results.find(
      ({ ref, date }) => ref === 'statement.total:profit' && date?.statement === 'profit-and-loss',
    );
    expect(profit?.difference).toBe(-10_000);
    expect(profit?.causes).toEqual([
      expect.objectContaining({ kind: 'entry', id: 'close', share: -10_000 }),
    ]);
    expect(
      checkWork(key(closing('closing')), closing('closing')).results.every(
        ({ difference = 0 }) => difference === 0,
      ),
    ).toBe(true);
  });
});

describe('one fault bears the points of several', () => {
  it('accounts too many, entries too many, numbers doubled', () => {
    const more = [
      acct('odd', 'selling', { name: 'Leaflets', number: '6900' }),
      acct('even', 'selling', { name: 'Posters', number: '6900' }),
    ];
    const work = {
      ...shop(),
      accounts: [...shop().accounts, ...more],
      entries: [
        ...shop().entries,
        entry('u', '2027-02-01', { lines: { bank: 3, loan: -3 } }),
        entry('v', '2027-02-02', { lines: { bank: 4, capital: -4 } }),
      ],
    };
    const { results } = checkWork(key(shop()), work);
    for (const check of ['account.leftover', 'entry.extra'])
      expect(results.filter((each) => each.check === check).map(({ of }) => of > 0)).toEqual([
        true,
        false,
      ]);
    expect(refs(results, 'account.number-unique')).toEqual(['account.number-unique:even not-met']);
  });

  it('a retired account at nothing is out of the way, one with a balance is not', () => {
    const with_ = (amount: number) => ({
      ...shop(),
      accounts: [
        ...shop().accounts,
        acct('old', 'selling', { name: 'Old posters', number: '6990', retired: true }),
      ],
      opening: { ...shop().opening, balances: { ...shop().opening.balances, old: amount } },
    });
    expect(notMet(key(shop()), with_(0))).toEqual([]);
    expect(notMet(key(shop()), with_(7))).toContain('account.leftover:old');
  });
});

describe('places', () => {
  it('under its parent however deep, not beside it, and not where the parent is lost', () => {
    const deep = {
      ...shop(),
      accounts: [
        ...shop().accounts.map((each) =>
          each.id === 'van-dep' ? { ...each, parent: 'between' } : each,
        ),
        acct('between', 'vehicles', {
          name: 'Van and what it lost',
          number: '1512',
          parent: 'van',
        }),
      ],
    };
    expect(notMet(key(shop()), deep)).not.toContain('account.parent:van-dep');
    const lost = drop(change(shop(), 'van-dep', { parent: null }), 'van');
    const { results } = checkWork(key(shop()), lost);
    expect(results.find(({ ref }) => ref === 'account.parent:van-dep')).toMatchObject({
      outcome: 'follows',
      from: ['account.present:van'],
    });
  });
});

test('the lines of a section stand in the order of the chart, the suspense last', () => {
  const of = { ...shop(), opening: { ...shop().opening, balances: { bank: 5 } } };
  const { sheet } = spreadFigures(of, { from: '2027-01-01', to: '2027-12-31' });
  for (const section of sheet.sections) {
    const turned = { ...section, lines: [...section.lines].reverse() };
    const ids = inChartOrder(of, turned).map(({ account }) => account.id);
    const chart = shop()
      .accounts.map(({ id }) => id)
      .filter((id) => ids.includes(id));
    expect(ids.filter((id) => chart.includes(id))).toEqual(chart);
    if (ids.length > chart.length) expect(ids.at(-1)).not.toBe(chart.at(-1));
  }
});

test('a table may have so many columns, rows and characters in a cell; what is beyond is left out or refused', () => {
  const read = (text: string) => {
    const cells = cellsOf(text);
    return cells.ok ? cells.value : null;
  };
  const columns = (count: number) => read(`Name${',x'.repeat(count - 1)}\nBank`)?.[0]?.length;
  expect([columns(199), columns(200), columns(201)]).toEqual([199, 200, 200]);
  const rows = (count: number) => read('Bank,1\n'.repeat(count))?.length ?? null;
  expect([rows(20_000), rows(20_001)]).toEqual([20_000, null]);
  expect(read(`${'x'.repeat(2_500)},1\n`)?.[0]?.[0]?.length).toBe(2_000);
});

describe('what only a careful look tells', () => {
  it('under its parent is met even where the parent itself is misplaced', () => {
    const work = change(shop(), 'van', { type: 'trade-payables', number: '2050' });
    const { results } = checkWork(key(shop()), work);
    expect(refs(results, 'account.parent')).toEqual(['account.parent:van-dep met']);
  });

  it('an amount wrong by the smallest unit is told with its side', () => {
    const off = (amount: number): Book => ({
      ...shop(),
      entries: shop().entries.map((each) =>
        each.id === 'cover'
          ? entry('cover', each.date, {
              lines: { insurance: 15_000 + amount, prepaid: -15_000 - amount },
            })
          : each,
      ),
    });
    const says = (amount: number) =>
      checkWork(key(shop()), off(amount))
        .results.filter(({ ref }) => ref === 'entry.amounts:cover')
        .map(sentenceOf)
        .join();
    expect(says(1)).toContain('0.01 too much in debit on “Insurance”');
    expect(says(-1)).toContain('0.01 too little in debit on “Insurance”');
  });

  it('an account that only the work has is never taken for one of the key’s in an entry', () => {
    const odd = acct('odd', 'sundry-operating', { name: 'Leaflets', number: '6900' });
    const work = {
      ...shop(),
      accounts: [
        ...shop().accounts,
        odd,
        acct('odder', 'selling', { name: 'Posters', number: '6910' }),
      ],
      entries: shop().entries.map((each) =>
        each.id === 'worn'
          ? entry('worn', each.date, { lines: { odd: 25_000, 'van-dep': -25_000 } })
          : each,
      ),
    };
    expect(notMet(key(shop()), work)).toEqual(['account.leftover:odd', 'account.leftover:odder']);
  });
});

describe('a difference in the statements', () => {
  const wrong = (
    id: string,
    of: (each: Book['entries'][number]) => Book['entries'][number],
  ): Book => ({
    ...shop(),
    entries: shop().entries.map((each) => (each.id === id ? of(each) : each)),
  });
  const causesOf = (work: Book, ref: string) =>
    checkWork(key(shop()), work)
      .results.filter(
        (each) =>
          each.ref === ref && each.difference !== 0 && each.date?.statement === 'profit-and-loss',
      )
      .map(({ outcome, difference, causes, from }) => ({
        outcome,
        difference,
        from,
        causes: causes?.map(({ kind, id, share }) => `${kind} ${id} ${share}`),
      }));

  it('comes from the entry with the wrong amount, and follows from its fault', () => {
    const work = wrong('cover', (each) =>
      entry('cover', each.date, { lines: { insurance: 14_000, prepaid: -14_000 } }),
    );
    expect(causesOf(work, 'statement.total:profit')).toEqual([
      {
        outcome: 'follows',
        difference: 1_000,
        from: ['entry.amounts:cover'],
        causes: ['entry cover 1000'],
      },
    ]);
  });

  it('comes from the entry on another day where that day lies outside the period', () => {
    const work = wrong('sale', (each) => ({ ...each, date: '2027-04-01' }));
    expect(causesOf(work, 'statement.total:profit')).toEqual([
      {
        outcome: 'follows',
        difference: -150_000,
        from: ['entry.date:sale'],
        causes: ['entry sale -150000'],
      },
    ]);
    const within = wrong('sale', (each) => ({ ...each, date: '2027-02-04' }));
    expect(causesOf(within, 'statement.total:profit')).toEqual([]);
  });

  it('of two faults that cancel is none, and is told', () => {
    const work = wrong('worn', (each) =>
      entry('worn', each.date, { lines: { wear: 24_000, 'van-dep': -24_000 } }),
    );
    const both = {
      ...work,
      entries: work.entries.map((each) =>
        each.id === 'cover'
          ? entry('cover', each.date, { lines: { insurance: 16_000, prepaid: -16_000 } })
          : each,
      ),
    };
    const profit = checkWork(key(shop()), both).results.find(
      ({ ref, date }) => ref === 'statement.total:profit' && date?.statement === 'profit-and-loss',
    );
    expect(profit).toMatchObject({ outcome: 'met', difference: 0 });
    expect(profit && sentenceOf(profit)).toContain('cancel each other');
  });
});

test('an account that the key itself has not placed is asked for no place', () => {
  const of = change(shop(), 'prepaid', { type: null });
  const { results } = checkWork(key(of), shop());
  const about = results.filter(({ subject }) => subject.id === 'prepaid').map(({ check }) => check);
  expect(about).not.toEqual(expect.arrayContaining(['account.statement']));
  expect(about).not.toEqual(expect.arrayContaining(['account.section']));
});

test('what a check costs where a key says nothing', () => {
  expect(
    CHECKS.map(({ id, points }) => `${id} ${Object.values(points).join(' ')}`),
  ).toMatchSnapshot();
});

test('a subtotal is shown where its section holds something, in whatever detail it is shown', () => {
  const period = { from: '2027-01-01', to: '2027-03-31' };
  for (const level of ['account', 'parent', 'section'] as const)
    expect([
      ...subtotalsShown(spreadFigures(ternIsland(), period, level).profit.sections).values(),
    ]).toEqual(['grossProfit', 'operatingProfit', 'profitBeforeTax']);
});

test('a section that a scheme does not have is not found by another word for it', () => {
  const sections = SCHEME.sections.filter(({ id }) => id !== 'income-tax');
  expect(sectionNamed(SCHEME, 'Tax')).toBe('income-tax');
  expect(sectionNamed({ ...SCHEME, sections }, 'Tax')).toBeNull();
  expect(sectionNamed(SCHEME, 'Nothing of the kind')).toBeNull();
});

test('a retired equity account is left out of the changes in equity, unless something stood on it', () => {
  const period = { from: '2027-01-01', to: '2027-12-31' };
  const namesIn = (of: Book) =>
    changesInEquity(of, period).rows.map(({ account }) => account?.id ?? 'profit');
  const extra = [
    acct('old', 'reserve', { retired: true }),
    acct('stood', 'reserve', { retired: true }),
    acct('stands', 'reserve', { retired: true }),
  ];
  const of = shop();
  const balances = { ...of.opening.balances, stood: -500, bank: 500_500 };
  const moved = entry('moved', '2027-03-01', { lines: { stood: 500, stands: -500 } });
  const later = {
    ...of,
    accounts: [...of.accounts, ...extra],
    opening: { ...of.opening, balances },
  };
  expect(namesIn(later)).toEqual(['capital', 'kept', 'stood', 'profit']);
  expect(namesIn({ ...later, entries: [...of.entries, moved] })).toEqual([
    'capital',
    'kept',
    'stood',
    'stands',
    'profit',
  ]);
});
