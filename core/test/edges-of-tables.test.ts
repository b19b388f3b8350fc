import { checkWork, keyOf, pairLines, type Sureness } from '../src/index.js';
import { keyOfRules } from '../src/assessment/key/read-key.js';
import { flowBeginning } from '../src/accounting/statement/cash-flow.js';
import { proposeColumns } from '../src/files/table/columns.js';
import { NOTHING_NAMED, placeNamed, placeSaid } from '../src/files/table/place-said.js';
import { writtenSigns } from '../src/files/table/written-signs.js';
import { acct, SCHEME, shop } from './builder.js';

describe('columns', () => {
  const balances = [
    ['Bank', '5.00', ''],
    ['Sales', '', '5.00'],
  ];

  test('a text column heads a list as a name does; amounts alone head none', () => {
    expect(proposeColumns([['Description', 'Debit', 'Credit'], ...balances])).toMatchObject({
      headingRow: 0,
      columns: { name: 0 },
    });
    expect(proposeColumns([['', 'Debit', 'Credit'], ...balances]).headingRow).toBe(-1);
  });

  test('numbers under “Account” and names under “No” are told by what stands in them', () => {
    const rows = [
      ['Account', 'No', 'Balance'],
      ['1010', 'Bank', '5.00'],
      ['1020', 'Till', '6.00'],
      ['4010', 'Sales', '-11.00'],
    ];
    expect(proposeColumns(rows).columns).toMatchObject({ number: 0, name: 1, amount: 2 });
  });
});

describe('signs as they are written', () => {
  const written = (amount: number, side: 'debit' | 'credit' | null = null) => ({
    ok: true as const,
    value: { debit: null, credit: null, either: { amount, side } },
  });

  test('one amount without a side is enough to be signed, be it of one cent', () => {
    expect(writtenSigns([written(1)]).isSigned).toBe(true);
    expect(writtenSigns([written(0)]).isSigned).toBe(false);
    expect(writtenSigns([written(1), written(5, 'debit')]).isSigned).toBe(false);
  });

  test('a sign repeats the side only where it agrees with all of them', () => {
    const agree = [written(5, 'debit'), written(-5, 'credit')];
    expect(writtenSigns(agree).sidesRepeatSign).toBe(true);
    expect(writtenSigns([...agree, written(7, 'credit')]).sidesRepeatSign).toBe(false);
    expect(writtenSigns([written(5, 'debit')]).sidesRepeatSign).toBe(false);
  });
});

test('where only a class is said, the account is of its first type that is not contra', () => {
  for (const named of ['Income', 'Expenses', 'Liabilities', 'Assets']) {
    const cells = { type: named, section: '', above: NOTHING_NAMED };
    const { type, said } = placeSaid(SCHEME, 'Zyxw', { cells, guess: false });
    expect(said).toBe('class');
    const found = SCHEME.types.find(({ id }) => id === type);
    expect(found).toMatchObject({ contra: false });
    const section = SCHEME.sections.find(({ id }) => id === found?.section);
    expect(section?.class).toBe(placeNamed(SCHEME, named).class);
  }
});

describe('who is taken for whom, as it is listed', () => {
  test('the least sure first; what was joined by hand before what is certain', () => {
    const work = shop();
    const sure = { bank: 0.9, debtors: 0.5, prepaid: 0.2, van: 0.9 };
    const pairs = Object.entries(sure).map(([id, confidence]) => ({
      ...{ keys: [id], works: [id], confidence, reasons: [] },
    }));
    const byHand = [{ key: 'van', work: 'van' }];
    const lines = pairLines({ key: work, work, pairs, byHand, at: '2027-03-31' });
    const order: Sureness[] = ['doubtful', 'likely', 'by hand', 'certain'];
    expect(lines.map(({ sureness }) => sureness).filter((each) => each !== 'none')).toEqual(order);
    expect(lines[0]?.sureness).toBe('none');
  });
});

describe('what is no account too many', () => {
  const leftovers = (...more: ReturnType<typeof acct>[]) => {
    const work = { ...shop(), accounts: [...shop().accounts, ...more] };
    const { results } = checkWork(keyOf(shop()), work, { start: shop() });
    return results.flatMap(({ check, outcome, subject }) =>
      check === 'account.leftover' && outcome === 'not-met' ? [subject.id] : [],
    );
  };

  test('where differences wait, by type or by name; not another', () => {
    expect(leftovers(acct('wait', 'suspense'))).toEqual([]);
    expect(leftovers(acct('wait', 'sundry-receivable', { name: 'Suspense account' }))).toEqual([]);
    expect(leftovers(acct('more', 'sundry-receivable', { name: 'Deposits' }))).toEqual(['more']);
  });
});

test('rules of a key are taken as they are said, or refused', () => {
  const said = keyOfRules(shop(), { points: { 'account.type': 3 } });
  expect(said).toMatchObject({ ok: true, value: { points: { 'account.type': 3 } } });
  expect(keyOfRules(shop(), { points: 3 })).toMatchObject({ ok: false });
});

test('what a cash flow begins from says whether it is reckoned since the opening', () => {
  const begins = { profit: 100, beginsFrom: 'profit' } as const;
  expect(flowBeginning(SCHEME, { ...begins, sinceOpening: true })).toMatch(/, since the opening$/);
  expect(flowBeginning(SCHEME, { ...begins, sinceOpening: false })).not.toMatch(/since/);
});
