import fc from 'fast-check';
import {
  apply,
  subledgersOf,
  looksWrong,
  nextYear,
  stockCourse,
  type Book,
  type Document,
  type Operation,
} from '../src/index.js';
import { withSubledgers } from '../src/model/book/subledgers.js';
import { beforeDoings, withoutTelling } from '../src/accounting/document/accounts-named.js';
import { ownSubledgers } from '../src/teaching/variant/own-subledgers.js';
import type { Reckoner } from '../src/teaching/variant/reckoner.js';
import type { Subledgers } from '../src/model/book/book.js';
import { COMPANY } from './builder.js';
import {
  after,
  balances,
  dealer,
  END,
  of,
  on,
  paper,
  put,
  refusalsTo,
  withPapers,
} from './subledgers.js';

const on_ = (day: number): string => `2027-02-${String(day).padStart(2, '0')}`;

/** Boats from the mill, so many at a price (minor units), on a day of February. */
const from = (kind: Document['kind'], day: number, lines: readonly [number, number][]) =>
  paper(`${kind}-${day}`, kind, {
    party: 'mill',
    date: on_(day),
    lines: lines.map(([count, price]) => of('boat', count, price)),
  });
const goodsIn = (day: number, count: number, price: number) =>
  from('goods-in', day, [[count, price]]);
const invoice = (day: number, count: number, price: number) =>
  from('supplier-invoice', day, [[count, price]]);
const credit = (day: number, count: number, price: number) =>
  from('credit-note', day, [[count, price]]);
const out = (day: number, count: number) =>
  paper(`out-${day}`, 'goods-out', { party: 'ann', date: on_(day), lines: [of('boat', count)] });

const standing = (book: Book) => stockCourse(subledgersOf(book)).standing.get('boat');

/** What the accounts between goods and their invoices stand at, with the goods and their cost. */
const described = (book: Book) => {
  const at = balances(book);
  const of_ = (id: string) => at[id] ?? 0;
  return {
    stock: of_('stock'),
    cost: of_('cost'),
    unbilled: of_('unbilled'),
    transit: of_('transit'),
    owed: 0 - of_('creditors'),
  };
};

describe('an invoice at another price than the goods came in at', () => {
  test('puts the difference on the goods that are still there', () => {
    // 10 at 10.00 come, invoiced at 10.50 each: they cost 105.00.
    const all = withPapers(dealer(), goodsIn(1, 10, 1000), invoice(3, 10, 1050));
    expect(described(all)).toEqual({
      stock: 10_500,
      cost: 0,
      unbilled: 0,
      transit: 0,
      owed: 10_500,
    });
  });

  test('and on the cost of those that have left', () => {
    // Of 10 at 10.00 four have left; at 10.50 these cost 2.00 more, the six there 3.00.
    const all = withPapers(dealer(), goodsIn(1, 10, 1000), out(2, 4), invoice(3, 10, 1050));
    expect(described(all)).toEqual({
      stock: 6300,
      cost: 4200,
      unbilled: 0,
      transit: 0,
      owed: 10_500,
    });
  });

  test('takes it off where the invoice is lower', () => {
    const all = withPapers(dealer(), goodsIn(1, 10, 1000), out(2, 10), invoice(3, 10, 900));
    expect(described(all)).toEqual({ stock: 0, cost: 9000, unbilled: 0, transit: 0, owed: 9000 });
  });

  test('stands on an account of its own where the company has one', () => {
    const { posting, inventory } = subledgersOf(dealer());
    const own = after(dealer(), {
      kind: 'change-posting',
      posting: { ...posting, priceDifference: 'rent' },
      inventory,
    });
    const all = withPapers(own, goodsIn(1, 10, 1000), invoice(3, 10, 1050));
    expect(described(all)).toMatchObject({ stock: 10_000, unbilled: 0, owed: 10_500 });
    expect(balances(all)['rent']).toBe(500);
  });

  test('is purchases in periodic books', () => {
    const all = withPapers(dealer('periodic'), goodsIn(1, 10, 1000), invoice(3, 10, 1050));
    expect(described(all)).toMatchObject({ stock: 0, cost: 10_500, unbilled: 0, owed: 10_500 });
  });

  test('of the oldest goods first, and of this supplier’s alone', () => {
    const others = paper('yard', 'goods-in', {
      party: 'yard',
      date: on_(1),
      lines: [of('boat', 2, 3000)],
    });
    const all = withPapers(
      dealer(),
      others,
      goodsIn(2, 2, 1000),
      goodsIn(3, 2, 1200),
      invoice(4, 3, 1100),
    );
    // 2 at 10.00 and 1 at 12.00 are invoiced; 1 at 12.00 and the yard's are still owed as received.
    expect(described(all)).toMatchObject({ unbilled: -(1200 + 6000), owed: 3300, transit: 0 });
    expect(described(all).stock).toBe(6000 + 3300 + 1200);
  });
});

describe('an invoice before its goods', () => {
  test('is goods on their way, no minus among what is accrued', () => {
    const ahead = withPapers(dealer(), invoice(1, 5, 1000));
    expect(described(ahead)).toEqual({ stock: 0, cost: 0, unbilled: 0, transit: 5000, owed: 5000 });
    expect(looksWrong(ahead, END).map(({ title }) => title)).toEqual(['Invoiced, not received']);
    const came = withPapers(ahead, goodsIn(9, 5, 900));
    // They came for what was invoiced, whatever the delivery note says.
    expect(described(came)).toEqual({ stock: 5000, cost: 0, unbilled: 0, transit: 0, owed: 5000 });
  });

  test('in part: what has come is settled, the rest is on its way', () => {
    const all = withPapers(dealer(), goodsIn(1, 2, 1000), invoice(2, 5, 1000), goodsIn(3, 1, 1000));
    expect(described(all)).toEqual({
      stock: 3000,
      cost: 0,
      unbilled: 0,
      transit: 2000,
      owed: 5000,
    });
  });

  test('stands on the other side of goods received where there is no account for it, and says so', () => {
    const { posting, inventory } = subledgersOf(dealer());
    const none = after(dealer(), {
      kind: 'change-posting',
      posting: { ...posting, goodsInvoiced: null },
      inventory,
    });
    const ahead = withPapers(none, invoice(1, 5, 1000));
    expect(described(ahead)).toMatchObject({ unbilled: 5000, transit: 0 });
    expect(looksWrong(ahead, END)[0]).toMatchObject({
      title: 'Invoiced, not received',
      says: expect.stringContaining('an account of their own') as unknown,
    });
    expect(described(withPapers(ahead, goodsIn(9, 5, 900)))).toMatchObject({
      unbilled: 0,
      stock: 5000,
    });
  });
});

describe('goods out before goods in', () => {
  const short = withPapers(dealer(), out(1, 5));

  test('are short, and said so', () => {
    const applied = apply(dealer(), put(out(1, 5)));
    expect(applied.ok && applied.value.notices().map(({ says }) => says)).toEqual([
      'More of “boat” went out than came in: 5 short. Their cost is taken at what one cost last, and put right when the goods come in.',
    ]);
    expect(standing(short)).toEqual({ quantity: -5000, value: -5000 });
    expect(looksWrong(short, END)[0]).toMatchObject({
      title: 'More went out than came in',
      document: 'out-1',
    });
  });

  test('get their cost when the goods come in: no pieces, no worth', () => {
    // Taken at 10.00 each; they came for 12.00.
    const came = withPapers(short, goodsIn(4, 5, 1200));
    expect(standing(came)).toEqual({ quantity: 0, value: 0 });
    expect(described(came)).toMatchObject({ stock: 0, cost: 6000, unbilled: -6000 });
    expect(looksWrong(came, END).map(({ title }) => title)).toEqual([
      'Goods received, not invoiced',
    ]);
  });

  test('and what comes beyond them lies there at what it cost', () => {
    const came = withPapers(short, goodsIn(4, 2, 1200), goodsIn(5, 8, 1100));
    expect(standing(came)).toEqual({ quantity: 5000, value: 5500 });
    expect(described(came)).toMatchObject({ stock: 5500, cost: 2 * 1200 + 3 * 1100 });
  });
});

describe('a supplier’s credit note', () => {
  const bought = withPapers(dealer(), goodsIn(1, 10, 1000), invoice(2, 10, 1000));

  test('without goods back lowers what the goods cost', () => {
    const all = withPapers(bought, out(3, 4), credit(4, 10, 100));
    expect(described(all)).toEqual({
      stock: 5400,
      cost: 3600,
      unbilled: 0,
      transit: 0,
      owed: 9000,
    });
  });

  test('for goods that went back settles them', () => {
    const back = withPapers(bought, goodsIn(3, -2, 1000));
    expect(described(back)).toMatchObject({ stock: 8000, unbilled: 2000 });
    expect(looksWrong(back, END).map(({ title }) => title)).toEqual(['Sent back, not credited']);
    const all = withPapers(back, credit(4, 2, 1000));
    expect(described(all)).toEqual({ stock: 8000, cost: 0, unbilled: 0, transit: 0, owed: 8000 });
  });

  test('that comes before its goods go back comes to the same', () => {
    const all = withPapers(bought, credit(3, 2, 1000), goodsIn(4, -2, 1000));
    expect(described(all)).toEqual({ stock: 8000, cost: 0, unbilled: 0, transit: 0, owed: 8000 });
    expect(standing(all)).toEqual({ quantity: 8000, value: 8000 });
  });

  test('takes back an invoice whose goods never came', () => {
    const all = withPapers(dealer(), invoice(1, 5, 1000), credit(2, 5, 1000));
    expect(described(all)).toEqual({ stock: 0, cost: 0, unbilled: 0, transit: 0, owed: 0 });
  });

  test('of goods sent back before their invoice: the invoice is of the rest', () => {
    const all = withPapers(
      dealer(),
      goodsIn(1, 10, 1000),
      goodsIn(2, -2, 1000),
      invoice(3, 8, 1000),
    );
    expect(described(all)).toEqual({ stock: 8000, cost: 0, unbilled: 0, transit: 0, owed: 8000 });
  });

  test('on an account touches no goods', () => {
    const rent = paper('c', 'credit-note', { party: 'mill', lines: [on('rent', 300)] });
    expect(described(withPapers(bought, rent))).toMatchObject({
      stock: 10_000,
      unbilled: 0,
      owed: 9700,
    });
  });
});

describe('into the next year', () => {
  test('go goods that wait for their invoice, and their invoice finds them', () => {
    const open = withPapers({ ...dealer(), company: COMPANY }, goodsIn(20, 4, 1000), out(21, 1));
    const closing: Operation = {
      kind: 'record-entry',
      entry: {
        id: 'close',
        date: END,
        kind: 'closing',
        reference: '',
        text: 'Close',
        lines: [
          { account: 'kept', amount: 1000 },
          { account: 'cost', amount: -1000 },
        ],
      },
    };
    const next = nextYear(after(open, closing), { from: '2027-01-01', to: END });
    if (!next.ok) throw new Error(next.refusals[0]?.says);
    const invoiced = withPapers(next.value, {
      ...invoice(1, 4, 1050),
      date: '2028-01-20',
    });
    const { entries } = invoiced;
    // The four cost 2.00 more: three lie there, one was sold last year.
    expect(entries.at(-1)?.lines).toEqual([
      { account: 'stock', amount: 150 },
      { account: 'cost', amount: 50 },
      { account: 'unbilled', amount: 4000 },
      { account: 'creditors', amount: -4200 },
    ]);
    expect(refusalsTo(invoiced, { kind: 'remove-item', id: 'boat' })).toEqual([
      'subledgers.waited-for',
    ]);
  });
});

describe('whatever comes, goes, is invoiced and credited', () => {
  const count = fc.integer({ min: 1, max: 9 });
  const price = fc.integer({ min: 100, max: 3000 });
  const anyStep = fc.oneof(
    fc.record({ kind: fc.constant('goods-in' as const), count, price }),
    fc.record({ kind: fc.constant('supplier-invoice' as const), count, price }),
    fc.record({ kind: fc.constant('goods-out' as const), count, price: fc.constant(0) }),
  );
  const papersOf = (steps: readonly { kind: Document['kind']; count: number; price: number }[]) =>
    steps.map((step, i) =>
      paper(`p${i}`, step.kind, {
        party: step.kind === 'goods-out' ? 'ann' : 'mill',
        date: on_(i + 1),
        lines: [of('boat', step.count, step.price)],
      }),
    );

  test('what was received or is on its way for nothing more is nothing once both are whole', () => {
    fc.assert(
      fc.property(fc.array(anyStep, { maxLength: 14 }), (steps) => {
        const sum = (kind: string) =>
          steps.reduce((all, step) => all + (step.kind === kind ? step.count : 0), 0);
        const [came, asked] = [sum('goods-in'), sum('supplier-invoice')];
        const rest = [
          ...steps,
          ...(came < asked ? [{ kind: 'goods-in' as const, count: asked - came, price: 777 }] : []),
          ...(asked < came
            ? [{ kind: 'supplier-invoice' as const, count: came - asked, price: 777 }]
            : []),
        ];
        const all = described(withPapers(dealer(), ...papersOf(rest)));
        expect([all.unbilled, all.transit]).toEqual([0, 0]);
        // Whatever was asked for is what the goods have cost, here or gone.
        expect(all.stock + all.cost).toBe(all.owed);
      }),
      { numRuns: 200 },
    );
  });

  test('an item with no pieces has no worth', () => {
    fc.assert(
      fc.property(fc.array(anyStep, { maxLength: 14 }), (steps) => {
        const { quantity = 0, value } = standing(withPapers(dealer(), ...papersOf(steps))) ?? {};
        if (quantity === 0) expect(value).toBe(0);
      }),
      { numRuns: 200 },
    );
  });
});

test('what waits for its invoice is no student’s to know before they have done it, and follows their own figures', () => {
  const waiting: Subledgers['openGoods'] = [
    { item: 'boat', party: 'mill', is: 'received', quantity: 4000, worth: 4000 },
  ];
  const carried = withSubledgers(dealer(), { openGoods: waiting });
  expect(subledgersOf(beforeDoings(carried)).openGoods).toEqual([]);
  expect(subledgersOf(withoutTelling(carried)).openGoods).toEqual([]);
  const twice = {
    amount: (_: string, usual: number) => 2 * usual,
    hasOwn: () => false,
    days: () => 0,
  };
  const own = ownSubledgers(subledgersOf(carried), {
    reckoner: twice as unknown as Reckoner,
    named: (text) => text,
  });
  expect(own.openGoods[0]).toMatchObject({ quantity: 4000, worth: 8000 });
});
