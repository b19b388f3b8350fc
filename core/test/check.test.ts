import { apply, CHECKS, checkWork, keyOf, sentenceOf, type AnswerKey, type Book, type Checked } from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { acct, book, change, drop, entry, shop } from './builder.js';

const key = (of: Book = shop(), rest: Partial<AnswerKey> = {}) =>
  keyOf(of, {
    statementDates: [
      { statement: 'balance-sheet', at: '2027-03-31' },
      { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
    ],
    ...rest,
  });

/** References of what was marked down, sentences rendered on the way. */
function faults(checked: Checked): string[] {
  for (const result of checked.results) expect(sentenceOf(result)).toMatch(/^\S.{5,}\.$/s);
  return checked.results.filter((r) => r.outcome === 'not-met').map((r) => r.ref);
}

const follows = (checked: Checked, ref: string) =>
  checked.results.filter((r) => r.ref === ref && r.outcome === 'follows').flatMap((r) => r.from);

const entries = (of: Book, to: (e: Book['entries']) => Book['entries']): Book => ({
  ...of,
  entries: to(of.entries),
});

const opening = (of: Book, balances: Record<string, number>): Book => ({
  ...of,
  opening: { ...of.opening, balances: { ...of.opening.balances, ...balances } },
});

test('the key itself meets every check', () => {
  const checked = checkWork(key(), shop());
  expect(checked.results.every((result) => result.outcome === 'met')).toBe(true);
  expect(checked.points).toBe(checked.of);
});

test('every check has an id, a title, what it compares and points', () => {
  for (const check of CHECKS) {
    expect(check.id).toMatch(/^(company|account|opening|entry|statement|question)\.[a-z-]+$/);
    expect(check.compares).toMatch(/\.$/);
    for (const points of Object.values(check.points)) expect(points).toBeGreaterThanOrEqual(0);
  }
});

describe('one fault, one mark', () => {
  const cases: readonly [string, Book, string[]][] = [
    [
      'an account on the wrong statement',
      change(shop(), 'passes', { type: 'goods-sales', number: '4040' }),
      ['account.statement:passes'],
    ],
    [
      'an account in the wrong section',
      change(shop(), 'loan', { type: 'trade-payables', number: '2050' }),
      ['account.section:loan'],
    ],
    [
      'an account not placed',
      change(shop(), 'prepaid', { type: null }),
      ['account.statement:prepaid'],
    ],
    [
      'an account of the wrong type',
      change(shop(), 'insurance', { type: 'premises' }),
      ['account.type:insurance'],
    ],
    [
      'a contra account set up as a plain one',
      change(shop(), 'van-dep', { type: 'vehicles' }),
      ['account.contra:van-dep'],
    ],
    [
      'a number outside its band',
      change(shop(), 'van-dep', { number: '7510' }),
      ['account.number-in-band:van-dep'],
    ],
    [
      'an account without a number',
      change(shop(), 'sales', { number: null }),
      ['account.number-in-band:sales'],
    ],
    [
      'an account not under its parent',
      change(shop(), 'van-dep', { parent: null }),
      ['account.parent:van-dep'],
    ],
    [
      'an account with the name of another kind of account',
      change(shop(), 'debtors', { name: 'Wages' }),
      ['account.name:debtors'],
    ],
    [
      'a needed account retired',
      change(shop(), 'loan', { retired: true }),
      ['account.retired:loan'],
    ],
    [
      'an account missing, with its entry',
      entries(drop(shop(), 'insurance'), (all) => all.filter((e) => e.id !== 'cover')),
      ['account.present:insurance'],
    ],
    [
      'an account too many',
      {
        ...shop(),
        accounts: [
          ...shop().accounts,
          acct('odd', 'selling', { name: 'Leaflets', number: '6900' }),
        ],
      },
      ['account.leftover:odd'],
    ],
    ['an opening amount', opening(shop(), { debtors: 102_000 }), ['opening.amount:debtors']],
    [
      'an opening balance on the other side',
      opening(shop(), { capital: 700_000 }),
      ['opening.side:capital'],
    ],
    ['an opening balance forgotten', opening(shop(), { loan: 0 }), ['opening.amount:loan']],
    [
      'the opening date',
      { ...shop(), opening: { ...shop().opening, date: '2027-01-31' } },
      ['opening.date'],
    ],
    [
      'an entry missing',
      entries(shop(), (all) => all.filter((e) => e.id !== 'cover')),
      ['entry.present:cover'],
    ],
    [
      'an amount in an entry',
      entries(shop(), (all) =>
        all.map((e) =>
          e.id === 'cover' ? entry('cover', e.date, { lines: { insurance: 51_000, prepaid: -51_000 } }) : e,
        ),
      ),
      ['entry.amounts:cover'],
    ],
    [
      'an entry turned round',
      entries(shop(), (all) =>
        all.map((e) =>
          e.id === 'worn' ? entry('worn', e.date, { lines: { 'van-dep': 25_000, wear: -25_000 } }) : e,
        ),
      ),
      ['entry.amounts:worn'],
    ],
    [
      'an entry dated after the quarter',
      entries(shop(), (all) =>
        all.map((e) => (e.id === 'sale' ? { ...e, date: '2027-04-03' } : e)),
      ),
      ['entry.date:sale'],
    ],
    [
      'an entry too many',
      entries(shop(), (all) => [...all, entry('more', '2027-02-09', { lines: { bank: 900, loan: -900 } })]),
      ['entry.extra:more'],
    ],
  ];

  test.each(cases)('%s', (_, work, expected) => {
    const checked = checkWork(key(), work);
    expect(faults(checked)).toEqual(expected);
    const lost = checked.results.filter((r) => r.outcome === 'follows' && r.points !== r.of);
    expect(lost).toEqual([]);
  });
});

test('a wrong statement takes section, type, band and the statement totals along', () => {
  const work = change(shop(), 'passes', { type: 'goods-sales', number: '4040' });
  const checked = checkWork(key(), work);
  for (const ref of [
    'account.section:passes',
    'account.type:passes',
    'account.number-in-band:passes',
    'statement.line:current-liabilities',
    'statement.total:profit',
  ])
    expect(follows(checked, ref)).toContain('account.statement:passes');
  const profit = checked.results.find((r) => r.ref === 'statement.total:profit');
  expect(profit?.difference).toBe(80_000);
  const roots = ['account.statement:passes'];
  expect(profit?.causes).toEqual([
    { kind: 'placement', of: 'key', id: 'passes', share: 80_000, roots },
  ]);
});

test('three faults of three kinds are named, totals follow, and no mark is lost twice', () => {
  let work = change(shop(), 'passes', { type: 'goods-sales', number: '4040' });
  work = opening(work, { debtors: 102_000 });
  work = entries(work, (all) => all.filter((e) => e.id !== 'cover'));
  const checked = checkWork(key(), work);
  expect(faults(checked)).toEqual([
    'account.statement:passes',
    'opening.amount:debtors',
    'entry.present:cover',
  ]);
  expect(checked.of - checked.points).toBe(4 + 1 + 4);
  expect(follows(checked, 'statement.total:assets').sort()).toEqual([
    'entry.present:cover',
    'opening.amount:debtors',
  ]);
});

test('two faults that cancel each other in a total are both found, and said', () => {
  const work = opening(shop(), { debtors: 110_000, bank: 510_000 });
  const checked = checkWork(key(), work);
  expect(faults(checked)).toEqual(['opening.amount:bank', 'opening.amount:debtors']);
  const assets = checked.results.find((r) => r.ref === 'statement.line:current-assets');
  expect(assets?.outcome).toBe('met');
  expect(assets && sentenceOf(assets)).toContain('cancel each other');
});

describe('any right way is right', () => {
  const clean = (work: Book, of: AnswerKey = key()) => {
    const checked = checkWork(of, work);
    expect(faults(checked)).toEqual([]);
    expect(checked.points).toBe(checked.of);
  };

  test('opening balances by an entry', () => {
    const entered = entry('open', '2027-01-01', { lines: shop().opening.balances as Record<string, number>, rest: {
      kind: 'opening',
    } });
    clean({
      ...shop(),
      opening: { date: '2026-12-31', balances: {} },
      entries: [entered, ...shop().entries],
    });
  });

  test('one entry in two, and two in one', () => {
    const parts = [
      entry('one', '2027-02-03', { lines: { debtors: 100_000, sales: -100_000 } }),
      entry('two', '2027-02-03', { lines: { debtors: 50_000, sales: -50_000 } }),
    ];
    clean(entries(shop(), (all) => [...all.filter((e) => e.id !== 'sale'), ...parts]));
    const joined = entry('both', '2027-03-31', { lines: {
      insurance: 15_000,
      prepaid: -15_000,
      wear: 25_000,
      'van-dep': -25_000,
    } });
    clean(entries(shop(), (all) => [...all.filter((e) => e.date !== '2027-03-31'), joined]));
  });

  test('a wrong entry with its reversal', () => {
    const wrong = entry('wrong', '2027-02-03', { lines: { debtors: 15_000, sales: -15_000 } });
    const back = entry('back', '2027-02-04', { lines: { sales: 15_000, debtors: -15_000 } });
    clean(entries(shop(), (all) => [...all, wrong, back]));
  });

  test('other words of the trade, another free number, another order', () => {
    let work = change(shop(), 'debtors', { name: 'Accounts receivable', number: '1190' });
    work = change(work, 'kept', { name: 'Retained profit' });
    work = change(work, 'prepaid', { name: 'Insurance paid in advance', number: '1400' });
    clean({ ...work, accounts: [...work.accounts].reverse() });
  });

  test('detail whose sum agrees', () => {
    let work = opening(shop(), { debtors: 0, schools: 70_000, hotels: 50_000 });
    work = {
      ...work,
      accounts: [
        ...work.accounts,
        acct('schools', 'trade-receivables', {
          name: 'Schools',
          number: '1101',
          parent: 'debtors',
        }),
        acct('hotels', 'trade-receivables', { name: 'Hotels', number: '1102', parent: 'debtors' }),
      ],
    };
    clean(work);
  });

  test('what the key accepts besides', () => {
    const accepts = [
      {
        account: 'prepaid',
        names: ['Cover for later'],
        types: ['sundry-receivable'],
        number: 'any' as const,
        required: true,
        several: true,
      },
    ];
    clean(
      change(shop(), 'prepaid', {
        name: 'Cover for later',
        type: 'sundry-receivable',
        number: '9999',
      }),
      key(shop(), { accepts }),
    );
  });
});

test('crossed names: number and figures decide', () => {
  const bank = { number: '1010', name: 'Harbour branch' };
  const till = { number: '1020', name: 'River branch' };
  const of = (one: typeof bank, other: typeof till) =>
    book(
      [
        acct('a', 'bank', one),
        acct('b', 'bank', other),
        acct('kept', 'retained-earnings', { number: '3100' }),
      ],
      { a: 900, b: 300, kept: -1200 },
    );
  const crossed = of({ ...bank, name: till.name }, { ...till, name: bank.name });
  const checked = checkWork(keyOf(of(bank, till)), crossed);
  expect(checked.recognition.byKey.get('a')?.works[0]?.id).toBe('a');
});

test('pairs made by hand are kept', () => {
  const work = change(shop(), 'debtors', { name: 'Kitchen', number: '1480' });
  const checked = checkWork(key(), work, { byHand: [{ key: 'prepaid', work: 'debtors' }] });
  expect(checked.recognition.byKey.get('prepaid')?.reasons).toEqual(['joined by hand']);
});

test('points are set by check and by account; 0 leaves a check out', () => {
  const points = { 'account.statement': 5, 'account.statement:bank': 0, 'account.name': 0 };
  const checked = checkWork(
    key(shop(), { points }),
    change(shop(), 'passes', { type: 'goods-sales' }),
  );
  expect(checked.results.some((r) => r.check === 'account.name')).toBe(false);
  expect(checked.results.some((r) => r.ref === 'account.statement:bank')).toBe(false);
  expect(checked.results.find((r) => r.ref === 'account.statement:passes')?.of).toBe(5);
});

test('what was given at the start earns nothing', () => {
  const start = entries(drop(shop(), 'insurance'), (all) => all.filter((e) => e.id !== 'cover'));
  const checked = checkWork(key(), shop(), { start });
  const accounts = checked.results.filter((r) => r.check === 'account.present').map((r) => r.ref);
  expect(accounts).toEqual(['account.present:insurance']);
  expect(checked.results.filter((r) => r.check === 'entry.present').map((r) => r.ref)).toEqual([
    'entry.present:cover',
  ]);
});

test('what was given and is spoilt costs its own check, once; what hangs on it follows', () => {
  const start = entries(drop(shop(), 'insurance'), (all) => all.filter((e) => e.id !== 'cover'));
  const whole = checkWork(key(), shop(), { start });
  const spoilt = checkWork(key(), change(shop(), 'loan', { type: 'trade-payables' }), { start });
  expect(faults(spoilt)).toEqual(['account.section:loan']);
  expect(spoilt).toMatchObject({ of: whole.of, points: whole.of - 3 });
  const moved = change(shop(), 'passes', { type: 'goods-sales', number: '4040' });
  expect(faults(checkWork(key(), moved, { start }))).toEqual(['account.statement:passes']);
  const gone = entries(shop(), (all) => all.filter((e) => e.id !== 'sale'));
  const without = checkWork(key(), gone, { start });
  expect(faults(without)).toEqual(['entry.present:sale']);
  expect(whole.of - without.points).toBe(without.results.find((r) => r.outcome === 'not-met')?.of);
});

test('a list of balances is compared with the key’s balances; entries can’t be judged', () => {
  const balances = {
    bank: 610_000,
    debtors: 160_000,
    prepaid: 45_000,
    van: 900_000,
    'van-dep': -225_000,
    passes: -80_000,
    loan: -400_000,
    capital: -700_000,
    kept: -200_000,
    sales: -150_000,
    insurance: 15_000,
    wear: 25_000,
  };
  const list = { ...shop(), entries: [], opening: { date: '2027-03-31', balances } };
  const checked = checkWork(key(), list, { balancesAt: '2027-03-31' });
  expect(faults(checked)).toEqual([]);
  expect(checked.results.filter((r) => r.check === 'entry.present').map((r) => r.outcome)).toEqual(
    Array(4).fill('cannot-judge'),
  );
});

test('no statement difference is left over when many things go wrong at once', () => {
  let work: Book = ternIsland();
  work = change(work, 'season-passes', { type: 'service-fees', number: '4040' });
  work = change(work, 'van-dep', { number: '7510' });
  work = entries(work, (all) => all.filter((e) => e.reference !== 'A3'));
  const renamed = apply(work, {
    kind: 'rename-account',
    id: 'slipway-prepaid',
    name: 'Rent paid ahead',
  });
  if (!renamed.ok) throw new Error('not renamed');
  const accepts = [
    {
      account: 'slipway-prepaid',
      names: ['Rent paid ahead'],
      types: [],
      number: 'in-band' as const,
      required: true,
      several: true,
    },
  ];
  const checked = checkWork(key(ternIsland(), { accepts }), renamed.value.book);
  expect(faults(checked)).toEqual([
    'account.statement:season-passes',
    'account.number-in-band:van-dep',
    'entry.present:e24',
  ]);
  const profit = checked.results.filter((r) => r.ref === 'statement.total:profit').at(-1);
  expect(profit?.difference).toBe(506_000);
  expect(profit?.causes?.map((cause) => cause.share).sort()).toEqual([420_000, 86_000]);
});
