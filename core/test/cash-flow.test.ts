import fc from 'fast-check';
import {
  activityOf,
  cashFlow,
  profitAndLoss,
  type Account,
  type Book,
  type Entry,
} from '../src/index.js';
import { anyBook } from './arbitrary-book.js';
import { acct, book, entry } from './builder.js';

const YEAR = { from: '2027-01-01', to: '2027-12-31' };

const ACCOUNTS = [
  acct('bank', 'bank'),
  acct('claims', 'sundry-receivable'),
  acct('stock', 'inventory'),
  acct('van', 'vehicles'),
  acct('van-dep', 'accumulated-depreciation'),
  acct('payable', 'trade-payables'),
  acct('granted', 'dividends-payable'),
  acct('lease', 'lease'),
  acct('capital', 'owner-capital'),
  acct('drawings', 'drawings'),
  acct('dividends', 'dividends'),
  acct('kept', 'retained-earnings'),
  acct('waiting', 'suspense'),
  acct('sales', 'goods-sales'),
  acct('bought', 'purchases'),
  acct('wear', 'depreciation-charge'),
  acct('gain', 'gain-on-disposal'),
  acct('interest', 'interest-paid'),
  acct('earned', 'interest-received'),
];

const flowOf = (entries: readonly Entry[], rest: Partial<Book> = {}) =>
  cashFlow({ ...book(ACCOUNTS, {}, entries), ...rest }, YEAR);

const figures = ({ operating, investing, financing }: ReturnType<typeof cashFlow>) => [
  operating / 100,
  investing / 100,
  financing / 100,
];

let n = 0;
const on = (lines: Record<string, number>, rest: Partial<Entry> = {}) =>
  entry(`e${++n}`, '2027-05-04', {
    lines: Object.fromEntries(Object.entries(lines).map(([id, amount]) => [id, amount * 100])),
    rest,
  });

describe('the cash flow of books where the older reckoning was wrong', () => {
  it('an asset sold above its book value is investing, all of it', () => {
    const flow = flowOf([on({ bank: 11_000, 'van-dep': 3_000, van: -12_000, gain: -2_000 })]);
    expect(figures(flow)).toEqual([0, 11_000, 0]);
    expect(flow.profit).toBe(200_000);
    expect(flow.lines.operating.map(({ account, amount }) => [account.id, amount])).toEqual([
      ['gain', -200_000],
    ]);
    expect(flow.withoutCash).toEqual([]);
  });

  it.each([
    ['a machine on account', { van: 6_000, payable: -6_000 }],
    ['a dividend granted, owed to others', { dividends: 1_500, claims: -1_500 }],
    ['a leased van', { van: 9_000, lease: -9_000 }],
    ['the owner’s van brought in', { van: 4_000, capital: -4_000 }],
    ['goods taken home', { drawings: 300, stock: -300 }],
    ['goods taken home, from purchases', { drawings: 300, bought: -300 }],
    ['suspense cleared to capital', { waiting: 80, capital: -80 }],
    ['depreciation of an earlier year', { kept: 1_000, 'van-dep': -1_000 }],
  ])('%s moves no cash: left out, and told', (_, lines) => {
    const flow = flowOf([on(lines as Record<string, number>)]);
    expect(figures(flow)).toEqual([0, 0, 0]);
    expect(flow.withoutCash).toHaveLength(1);
    expect(flow.lines.investing.concat(flow.lines.financing)).toEqual([]);
  });

  it('a dividend granted and owed to the shareholders lies within financing: nothing to tell', () => {
    const flow = flowOf([on({ dividends: 1_500, granted: -1_500 })]);
    expect(figures(flow)).toEqual([0, 0, 0]);
    expect(flow.withoutCash).toEqual([]);
    expect(figures(flowOf([on({ granted: 1_500, bank: -1_500 })]))).toEqual([0, 0, -1_500]);
  });

  it('depreciation of an earlier year beside a cash sale', () => {
    const flow = flowOf([on({ kept: 1_000, 'van-dep': -1_000 }), on({ bank: 500, sales: -500 })]);
    expect(figures(flow)).toEqual([500, 0, 0]);
    expect(flow.profit).toBe(50_000);
  });

  it('a charge that is paid for in one entry with its depreciation stays operating', () => {
    const flow = flowOf([on({ wear: 700, 'van-dep': -700 })]);
    expect(flow.lines.operating.map(({ account, amount }) => [account.id, amount])).toEqual([
      ['van-dep', 70_000],
    ]);
    expect(figures(flow)).toEqual([0, 0, 0]);
    const both = flowOf([on({ wear: 700, 'van-dep': -700, claims: 50, bank: -50 })]);
    expect(figures(both)).toEqual([-50, 0, 0]);
  });

  it('a payable for an asset is investing when its account says so', () => {
    const accounts = ACCOUNTS.map((each) =>
      each.id === 'payable' ? { ...each, cashFlow: 'investing' as const } : each,
    );
    const bought = on({ van: 6_000, payable: -6_000 });
    const paid = on({ payable: 6_000, bank: -6_000 });
    const flow = flowOf([bought, paid], { accounts });
    expect(figures(flow)).toEqual([0, -6_000, 0]);
    expect(flow.withoutCash).toEqual([]);
    expect(figures(flowOf([bought, paid]))).toEqual([-6_000, 0, 0]);
  });

  it('an account of profit and loss has an activity of its own, too', () => {
    const accounts = ACCOUNTS.map((each) =>
      each.id === 'gain' ? { ...each, cashFlow: 'operating' as const } : each,
    );
    const sold = on({ bank: 100, gain: -100 });
    expect(figures(flowOf([sold], { accounts }))).toEqual([100, 0, 0]);
    expect(figures(flowOf([sold]))).toEqual([0, 100, 0]);
  });
});

describe('an entry of which only a part moved money', () => {
  it.each<[string, Record<string, number>, number[], number]>([
    ['a machine, half owed', { van: 6_000, bank: -3_000, payable: -3_000 }, [0, -3_000, 0], 3_000],
    [
      'a van of which the lender pays the dealer a part',
      { van: 20_000, bank: -5_000, lease: -15_000 },
      [0, -5_000, 0],
      15_000,
    ],
    ['capital, partly in kind', { bank: 5_000, van: 3_000, capital: -8_000 }, [0, 0, 5_000], 3_000],
    [
      'depreciation to date and the sale in one entry',
      { bank: 6_200, wear: 7_000, 'van-dep': 13_000, van: -25_000, gain: -1_200 },
      [0, 6_200, 0],
      20_000,
    ],
    [
      'an asset sold at a gain',
      { bank: 11_000, 'van-dep': 3_000, van: -12_000, gain: -2_000 },
      [0, 11_000, 0],
      0,
    ],
    [
      'a loan and its interest paid back',
      { lease: 900, interest: 100, bank: -1_000 },
      [-100, 0, -900],
      0,
    ],
    ['a sale with its cost', { bank: 500, sales: -500, bought: 300, stock: -300 }, [500, 0, 0], 0],
    ['goods, partly on account', { bought: 400, bank: -100, payable: -300 }, [-100, 0, 0], 0],
  ])('%s', (_, lines, expected, unmoved) => {
    const flow = flowOf([on(lines)]);
    expect(figures(flow)).toEqual(expected);
    expect(flow.withoutCash.map(({ amount }) => amount / 100)).toEqual(unmoved ? [unmoved] : []);
    const { operating, investing, financing, movement } = flow;
    expect(operating + investing + financing).toBe(movement);
    const steps = flow.lines.operating.reduce((all, { amount }) => all + amount, 0);
    expect(flow.profit + steps).toBe(operating);
  });

  it('a loan and wages with both lines of money stay whole', () => {
    const both = entry('both', '2027-05-04', {
      lines: { bank: 800_000, lease: -1_000_000, bought: 200_000 },
    });
    const money = {
      ...both,
      lines: both.lines.flatMap((line) =>
        line.account === 'bank'
          ? [
              { ...line, amount: 1_000_000 },
              { ...line, amount: -200_000 },
            ]
          : [line],
      ),
    };
    expect(figures(flowOf([money]))).toEqual([-2_000, 0, 10_000]);
    expect(figures(flowOf([both]))).toEqual([0, 0, 8_000]);
  });
});

describe('the form of the cash flow', () => {
  const entries = [
    on({ bank: 900, sales: -900 }),
    on({ interest: 40, bank: -40 }),
    on({ bank: 15, earned: -15 }),
  ];
  const { company } = book(ACCOUNTS);

  it('of old: interest is operating, and the profit is the beginning', () => {
    const flow = flowOf(entries);
    expect(figures(flow)).toEqual([875, 0, 0]);
    expect([flow.beginsFrom, flow.profit]).toEqual(['profit', 87_500]);
  });

  it('as IFRS 18 has it: interest earned investing, charged financing, from the operating profit', () => {
    const flow = flowOf(entries, { company: { ...company, cashFlow: 'ifrs-18' } });
    expect(figures(flow)).toEqual([900, 15, -40]);
    expect([flow.beginsFrom, flow.profit]).toEqual(['operating-profit', 90_000]);
    expect(flow.lines.operating).toEqual([]);
  });

  it('the direct method tells for what the money came and went', () => {
    const flow = flowOf([
      ...entries,
      on({ stock: 70, payable: -70 }),
      on({ payable: 70, bank: -70 }),
    ]);
    expect(flow.direct.operating.map(({ account, amount }) => [account.id, amount / 100])).toEqual([
      ['payable', -70],
      ['sales', 900],
      ['interest', -40],
      ['earned', 15],
    ]);
  });

  it('a book begun in mid-year begins from the profit since the opening', () => {
    const begun = book(ACCOUNTS, { bank: 500, sales: -500 }, entries);
    const flow = cashFlow({ ...begun, opening: { ...begun.opening, date: '2027-04-30' } }, YEAR);
    expect([flow.sinceOpening, flow.profit]).toEqual([true, 87_500]);
    expect(cashFlow(begun, YEAR).sinceOpening).toBe(false);
  });
});

/** A reckoning written apart: entry by entry, line by line, with no sum kept but the three. */
function reckoned(of: Book, from: string, to: string) {
  const found = { operating: 0, investing: 0, financing: 0, movement: 0 };
  const accountAt = (id: string) => of.accounts.find((each) => each.id === id) as Account;
  const typeAt = (id: string) =>
    of.scheme.types.find(({ id: type }) => type === accountAt(id).type);
  for (const { date, kind, lines } of of.entries) {
    if (date < from || date > to || kind === 'closing' || kind === 'opening') continue;
    const isMoney = (id: string) => activityOf(of, accountAt(id)) === 'cash';
    if (!lines.some(({ account }) => isMoney(account))) continue;
    const charge = lines.some(({ account }) =>
      ['depreciation-charge', 'amortisation-charge'].includes(accountAt(account).type ?? ''),
    );
    const own = { investing: 0, financing: 0, operating: 0 };
    let moneyIn = 0;
    for (const { account, amount } of lines) {
      if (isMoney(account)) found.movement += amount;
      if (isMoney(account)) moneyIn += Math.max(0, amount);
      else if (typeAt(account)?.role === 'accumulated-depreciation')
        own[charge ? 'operating' : 'investing'] -= amount;
      else {
        const activity = activityOf(of, accountAt(account));
        own[activity === 'none' ? 'financing' : (activity as 'operating')] -= amount;
      }
    }
    asFarAsMoneyMoved(own, moneyIn);
    for (const part of ['investing', 'financing', 'operating'] as const) found[part] += own[part];
  }
  return found;
}

type Parts = Record<'investing' | 'financing' | 'operating', number>;

/** More can't have come in than money came in: the rest is taken off both sides, in the order that the rule names. */
function asFarAsMoneyMoved(own: Parts, moneyIn: number): void {
  const above = Object.values(own).reduce((all, each) => (each > 0 ? all + each : all), 0);
  let offInflows = Math.max(0, above - moneyIn);
  let offOutflows = offInflows;
  for (const part of ['investing', 'financing', 'operating'] as const)
    if (own[part] > 0) {
      const less = Math.min(own[part], offInflows);
      own[part] -= less;
      offInflows -= less;
    } else {
      const less = Math.min(-own[part], offOutflows);
      own[part] += less;
      offOutflows -= less;
    }
}

test('cash flow agrees, entry by entry, with a reckoning written apart', () => {
  fc.assert(
    fc.property(anyBook, fc.constantFrom('2027-03-31', '2027-12-31', '2028-02-01'), (of, to) => {
      const { operating, investing, financing, movement, ...rest } = cashFlow(of, {
        from: '2027-01-01',
        to,
      });
      expect({ operating, investing, financing, movement }).toEqual(reckoned(of, '2027-01-01', to));
      const steps = rest.lines.operating.reduce((sum, { amount }) => sum + amount, 0);
      expect(rest.profit + steps).toBe(operating);
    }),
    { numRuns: 1000 },
  );
});

test('the profit that the cash flow begins from is that of profit and loss, where nothing was opened in it', () => {
  fc.assert(
    fc.property(anyBook, (of) => {
      const entries = of.entries.filter(({ kind }) => kind !== 'opening');
      const plain = { ...of, entries };
      expect(cashFlow(plain, YEAR).profit).toBe(profitAndLoss(plain, YEAR).totals.profit);
    }),
  );
});
