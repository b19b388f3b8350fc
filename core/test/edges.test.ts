import {
  cellsOf,
  checkWork,
  inChartOrder,
  keyOf,
  sentenceOf,
  spreadFigures,
  type AnswerKey,
  type Book,
  type CheckResult,
} from '../src/index.js';
import { pairEntries } from '../src/key/pair-entries.js';
import { unitsOf, viewsOf, viewsOfKey } from '../src/key/entry-view.js';
import { recognise } from '../src/key/recognise.js';
import { traitsOf } from '../src/key/account-traits.js';
import { plainName, similarity } from '../src/key/names.js';
import { acct, book, change, drop, entry, shop } from './builder.js';

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

const alike = (a: string, b: string) => similarity(plainName(a), plainName(b));

describe('names at the edge', () => {
  it('a word of three letters begins another, one of two does not', () => {
    expect(alike('Zoo', 'Zoology')).toBeCloseTo(0.8);
    expect(alike('Zo', 'Zoology')).toBe(0);
  });

  it('a slip in a word of four letters is forgiven, in one of three it is not', () => {
    expect(alike('Rent', 'Rant')).toBeCloseTo(0.75);
    expect(alike('Tax', 'Tex')).toBe(0);
    expect(alike('Kiln', 'Koln')).toBeCloseTo(0.75);
    expect(alike('Kiln', 'Koan')).toBe(0);
  });

  it('words in common count both ways, and no two names are quite the same', () => {
    expect(alike('Harbour loan', 'Harbour loan, old')).toBeLessThan(0.95);
    expect(alike('Harbour loan', 'Harbour loan, old')).toBeCloseTo(4 / 5, 1);
    expect(alike('a b c', 'c b a')).toBe(1);
  });
});

const recognised = (of: Book, work: Book, byHand: Parameters<typeof recognise>[3] = []) =>
  recognise(key(of), traitsOf(of, of.opening.date), traitsOf(work, of.opening.date), byHand);
const pairsOf = (of: Book, work: Book, byHand: Parameters<typeof recognise>[3] = []) =>
  recognised(of, work, byHand).pairs.map(
    ({ keys, works }) => `${keys.map(({ id }) => id)}=${works.map(({ id }) => id)}`,
  );

describe('pairs made by hand', () => {
  it('the first account of each side can be joined, and the hand outweighs everything', () => {
    const pairs = pairsOf(shop(), shop(), [
      { key: 'bank', work: 'debtors' },
      { key: 'debtors', work: 'bank' },
    ]);
    expect(pairs).toContain('bank=debtors');
    expect(pairs).toContain('debtors=bank');
    expect(
      recognised(shop(), shop(), [{ key: 'bank', work: 'wear' }]).byKey.get('bank'),
    ).toMatchObject({
      confidence: 1,
      reasons: ['joined by hand'],
    });
  });

  it('what is joined is not joined again, and what is unknown is left out', () => {
    const pairs = pairsOf(shop(), shop(), [
      { key: 'bank', work: 'debtors' },
      { key: 'bank', work: 'van' },
      { key: 'nobody', work: 'van' },
      { key: 'van', work: 'nobody' },
    ]);
    expect(pairs.filter((each) => each.startsWith('bank='))).toEqual(['bank=debtors']);
    expect(pairs).toContain('van=van');
  });

  it('what is parted stands for nobody but by its name and number', () => {
    const work = change(shop(), 'insurance', { name: 'Cover', number: '6210' });
    expect(pairsOf(shop(), work)).toContain('insurance=insurance');
    expect(pairsOf(shop(), work, [{ key: null, work: 'insurance' }])).not.toContain(
      'insurance=insurance',
    );
  });
});

describe('settled pairs', () => {
  const twin = (rest: Parameters<typeof acct>[2]) =>
    book([acct('one', 'bank', { name: 'One', ...rest })], { one: 100 });
  it('the same name with the same number, or type and figures, is settled; without either it is weighed', () => {
    for (const rest of [{ number: '1010' }, { number: null }])
      expect(pairsOf(twin({ number: '1010' }), twin(rest))).toEqual(['one=one']);
    const other = book([acct('one', 'insurance', { name: 'One', number: '6010' })], { one: -7 });
    expect(recognised(twin({ number: '1010' }), other).pairs[0]?.confidence).toBeLessThan(0.7);
  });

  it('two of the same name are told apart by what else they say', () => {
    const loans = (first: string, second: string): Book =>
      book(
        [
          acct(first, 'long-term-loan', { name: 'Loan', number: '2510' }),
          acct(second, 'loan-within-year', { name: 'Loan', number: '2110' }),
          acct('bank', 'bank', { name: 'Bank', number: '1010' }),
        ],
        { [first]: -700, [second]: -300, bank: 1000 },
      );
    expect(pairsOf(loans('a', 'b'), loans('x', 'y'))).toEqual(
      expect.arrayContaining(['a=x', 'b=y']),
    );
    expect(pairsOf(loans('a', 'b'), loans('y', 'x'))).toEqual(
      expect.arrayContaining(['a=y', 'b=x']),
    );
  });
});

describe('details', () => {
  const several = (parts: Record<string, number>, type = 'bank'): Book =>
    book(
      [
        ...Object.keys(parts).map((id, i) =>
          acct(id, type, { name: `Zzz ${id}`, number: `10${i}5` }),
        ),
        acct('capital', 'share-capital', { name: 'Capital', number: '3010' }),
      ],
      { ...parts, capital: -Object.values(parts).reduce((sum, each) => sum + each, 0) },
    );
  const whole = several({ all: 900 });

  it('two of one type stand for one account when they add up to it', () => {
    expect(
      pairsOf(change(whole, 'all', { name: 'Everything' }), several({ qx: 400, vw: 500 })),
    ).toContain('all=qx,vw');
  });

  it('one alone does not, nor two that do not add up, nor accounts at nothing', () => {
    const everything = change(whole, 'all', { name: 'Everything', number: '1999' });
    expect(pairsOf(everything, several({ qx: 400, vw: 501 })).join()).not.toContain('qx,vw');
    expect(pairsOf(everything, several({ qx: 400, vw: 500 }, 'cash-in-hand')).join()).not.toContain(
      'qx,vw',
    );
    const nothing = change(several({ all: 0 }), 'all', { name: 'Everything', number: '1999' });
    expect(pairsOf(nothing, several({ qx: 0, vw: 0 })).join()).not.toContain('qx,vw');
  });

  it('accounts below one count with it where they make up what it lacks', () => {
    const below = book(
      [
        acct('bank', 'bank', { name: 'Bank', number: '1010' }),
        acct('left', 'bank', { name: 'Left drawer', number: '1011', parent: 'bank' }),
        acct('right', 'bank', { name: 'Right drawer', number: '1012', parent: 'bank' }),
        acct('capital', 'share-capital', { name: 'Capital', number: '3010' }),
      ],
      { bank: 100, left: 300, right: 500, capital: -900 },
    );
    const one = book(
      [
        acct('bank', 'bank', { name: 'Bank', number: '1010' }),
        acct('capital', 'share-capital', { name: 'Capital', number: '3010' }),
      ],
      { bank: 900, capital: -900 },
    );
    expect(pairsOf(one, below)).toContain('bank=bank,left,right');
    expect(pairsOf(below, one)).toContain('bank,left,right=bank');
    const short = {
      ...below,
      opening: { ...below.opening, balances: { ...below.opening.balances, right: 501 } },
    };
    expect(pairsOf(one, short)).toContain('bank=bank');
  });
});

describe('entries', () => {
  const paired = (keys: Book['entries'], works: Book['entries']) => {
    const [of, work] = [
      { ...shop(), entries: keys },
      { ...shop(), entries: works },
    ];
    const recognition = recognised(of, work);
    const units = unitsOf(of, work, recognition);
    return pairEntries(
      viewsOfKey(of, recognition, units),
      viewsOf(work, of.opening.date, units.ofWork),
    ).map(
      ({ keys: some, works: others, agrees }) =>
        `${some.map((view) => view.entry.id)}=${others.map((view) => view.entry.id)}${agrees ? '' : '?'}`,
    );
  };
  const pay = (id: string, amount: number, date = '2027-02-10', rest = {}) =>
    entry(id, date, { loan: amount, bank: -amount }, rest);

  it('one split in two is found among others that touch the same accounts', () => {
    const parts = [pay('p', 30), pay('q', 25), pay('r', 45), pay('s', 70)];
    const found = paired([pay('k', 70)], [pay('p', 30), pay('q', 25), pay('r', 45), pay('t', 999)]);
    expect(found).toContain('k=q,r');
    expect(paired([pay('k', 70)], parts)).toContain('k=s');
    expect(paired([pay('p', 25), pay('q', 45)], [pay('w', 70)])).toContain('p,q=w');
  });

  it('the same on the same day goes before the same on another', () => {
    const keys = [pay('a', 50, '2027-02-01'), pay('b', 50, '2027-03-01')];
    const works = [pay('x', 50, '2027-03-01'), pay('y', 50, '2027-02-01')];
    expect(paired(keys, works)).toEqual(['a=y', 'b=x']);
    expect(paired(keys, [pay('x', 50, '2027-03-01'), pay('z', 50, '2027-02-27')])).toEqual([
      'b=x',
      'a=z',
    ]);
  });

  it('two that undo each other stand for nothing', () => {
    expect(paired([], [pay('x', 50), pay('y', -50)])).toEqual(['=x,y']);
    expect(paired([], [pay('x', 50), pay('y', -51)])).toEqual(['=x?', '=y?']);
  });

  it('accounts and sides say more than an amount', () => {
    const works = [pay('w', 60), entry('v', '2027-02-10', { insurance: 50, prepaid: -50 })];
    expect(paired([pay('k', 50)], works)).toContain('k=w?');
  });

  it('a wrong amount is the same entry, another matter is not', () => {
    expect(paired([pay('k', 50)], [pay('w', 60)])).toEqual(['k=w?']);
    expect(paired([pay('k', 50)], [entry('w', '2027-12-31', { wear: 9, 'van-dep': -9 })])).toEqual([
      'k=?',
      '=w?',
    ]);
    expect(paired([pay('k', 50)], [pay('w', -50)])).toEqual(['k=w?']);
    const near = paired(
      [pay('k', 50), pay('l', 80, '2027-03-20')],
      [pay('w', 51, '2027-02-11'), pay('v', 81, '2027-03-19')],
    );
    expect(near).toEqual(expect.arrayContaining(['k=w?', 'l=v?']));
    const named = paired(
      [
        pay('k', 50, '2027-02-10', { reference: 'A1' }),
        pay('l', 50, '2027-02-10', { reference: 'A2' }),
      ],
      [
        pay('w', 51, '2027-02-10', { reference: 'A2' }),
        pay('v', 51, '2027-02-10', { reference: 'A1' }),
      ],
    );
    expect(named).toEqual(expect.arrayContaining(['k=v?', 'l=w?']));
  });
});

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
        entry('close', '2027-03-31', { sales: 10_000, capital: -10_000 }, { kind }),
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
        entry('u', '2027-02-01', { bank: 3, loan: -3 }),
        entry('v', '2027-02-02', { bank: 4, capital: -4 }),
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
          ? entry('cover', each.date, { insurance: 15_000 + amount, prepaid: -15_000 - amount })
          : each,
      ),
    });
    const says = (amount: number) =>
      checkWork(key(shop()), off(amount))
        .results.filter(({ ref }) => ref === 'entry.amounts:cover')
        .map(sentenceOf)
        .join();
    expect(says(1)).toContain('Insurance 0.01 too much in debit');
    expect(says(-1)).toContain('Insurance 0.01 too much in credit');
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
        each.id === 'worn' ? entry('worn', each.date, { odd: 25_000, 'van-dep': -25_000 }) : each,
      ),
    };
    expect(notMet(key(shop()), work)).toContain('entry.amounts:worn');
  });

  it('what details are taken for is sure, not certain', () => {
    const of = book(
      [
        acct('all', 'bank', { name: 'Everything', number: '1999' }),
        acct('c', 'share-capital', { name: 'Capital' }),
      ],
      { all: 9, c: -9 },
    );
    const work = book(
      [
        acct('qx', 'bank', { name: 'Zzz', number: '1001' }),
        acct('vw', 'bank', { name: 'Yyy', number: '1002' }),
        acct('c', 'share-capital', { name: 'Capital' }),
      ],
      { qx: 4, vw: 5, c: -9 },
    );
    expect(recognised(of, work).byKey.get('all')).toMatchObject({ confidence: 0.8 });
  });
});
