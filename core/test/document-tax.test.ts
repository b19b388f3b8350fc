import fc from 'fast-check';
import {
  apply,
  bookFromJson,
  bookToJson,
  documentsInTable,
  listCellsOf,
  nextYear,
  stockCourse,
  subledgersOf,
  taxReturn,
  taxSheet,
  taxStanding,
  whoOwes,
  worthOfDocument,
  type Book,
  type Document,
  type DocumentLine,
  type Operation,
} from '../src/index.js';
import { drawnPaper } from '../src/teaching/exercise/drawn-papers.js';
import { acct, entry } from './builder.js';
import {
  after,
  anyPapers,
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

const CODES = [
  { id: 'S20', name: 'Standard rate' },
  { id: 'R7.7', name: 'Reduced rate' },
  { id: 'Z', name: 'Zero rate' },
];
const RATES: Readonly<Record<string, number>> = { S20: 20_000, 'R7.7': 7_700, Z: 0 };

const taxesOf = (account: string | null = 'owed') =>
  CODES.map(({ id }) => ({ code: id, rate: RATES[id] ?? 0, account: id === 'Z' ? null : account }));

/** The dealer, with an account for tax and three codes that documents use. */
function taxedDealer(inventory: 'perpetual' | 'periodic' = 'perpetual'): Book {
  const bare = dealer(inventory);
  const book = { ...bare, accounts: [...bare.accounts, acct('owed', 'sales-tax')] };
  return after(
    book,
    { kind: 'change-tax-lists', taxLists: { lines: [], codes: CODES } },
    { kind: 'change-taxes', taxes: taxesOf() },
  );
}

const TAXED = ['supplier-invoice', 'customer-invoice', 'credit-note', 'money-in', 'money-out'];
const withCode = (line: DocumentLine, taxCode: string): DocumentLine =>
  taxCode === '' ? line : { ...line, taxCode };

/** Documents of which some have tax, on top of their prices or in them. */
const anyTaxedPapers: fc.Arbitrary<Document[]> = fc
  .tuple(
    anyPapers,
    fc.array(fc.constantFrom('', 'S20', 'R7.7', 'Z'), { minLength: 24, maxLength: 24 }),
    fc.array(fc.boolean(), { minLength: 12, maxLength: 12 }),
  )
  .map(([papers, codes, holds]) =>
    papers.map((each, i) =>
      TAXED.includes(each.kind)
        ? {
            ...each,
            lines: each.lines.map((line, at) => withCode(line, codes[2 * i + at] ?? '')),
            ...(holds[i] ? { pricesIncludeTax: true as const } : {}),
          }
        : each,
    ),
  );

/** So many thousandths of a percent of an amount, halves away from zero: reckoned in whole numbers alone. */
function exactly(amount: number, rate: number, whole: number): number {
  const [top, under] = [BigInt(Math.abs(amount)) * BigInt(rate), BigInt(whole)];
  const rounded = Number((2n * top + under) / (2n * under));
  return amount < 0 ? -rounded : rounded;
}

const written = (line: DocumentLine): number =>
  line.amount ?? exactly(line.price ?? 0, line.quantity ?? 0, 1000);

/** What each code of a document comes to by the rule of invoices, reckoned apart. */
function reckoned(document: Document): { readonly net: number; readonly tax: number }[] {
  return CODES.flatMap(({ id }) => {
    const own = document.lines.filter(({ taxCode }) => taxCode === id);
    if (own.length === 0) return [];
    const rate = RATES[id] ?? 0;
    const sum = own.reduce((all, line) => all + written(line), 0);
    const tax = document.pricesIncludeTax
      ? exactly(sum, rate, 100_000 + rate)
      : exactly(sum, rate, 100_000);
    return [{ net: document.pricesIncludeTax ? sum - tax : sum, tax }];
  });
}

describe('documents with tax, whatever they are', () => {
  const property = (holds: (papers: Document[], book: Book) => void, numRuns = 150) =>
    fc.assert(
      fc.property(anyTaxedPapers, (papers) => {
        holds(papers, withPapers(taxedDealer(), ...papers));
      }),
      { numRuns },
    );

  test('are of what their lines come to, and of the tax of each code, rounded once', () => {
    property((papers, book) => {
      for (const document of papers.filter(({ kind }) => TAXED.includes(kind))) {
        const lines = document.lines.reduce((sum, line) => sum + written(line), 0);
        const onTop = document.pricesIncludeTax
          ? 0
          : reckoned(document).reduce((sum, { tax }) => sum + tax, 0);
        expect(worthOfDocument(document, subledgersOf(book))).toBe(lines + onTop);
      }
    });
  });

  test('leave who owes on the control accounts, and stock worth what its account says', () => {
    property((_, book) => {
      for (const kind of ['customer', 'supplier'] as const) {
        const { total, control } = whoOwes(book, kind, END);
        expect(total).toBe(control);
      }
      const worth = [...stockCourse(subledgersOf(book)).standing.values()];
      expect(worth.reduce((sum, { value }) => sum + value, 0)).toBe(balances(book)['stock'] ?? 0);
    });
  });

  test('tell a return that its accounts agree with, over the year and over its parts', () => {
    property((papers, book) => {
      const year = taxReturn(book, { from: '2027-01-01', to: END });
      expect(year.owed + (balances(book)['owed'] ?? 0)).toBe(0);
      expect([year.moved, taxStanding(book, END)]).toEqual([year.owed, year.owed]);
      const parts = [
        taxReturn(book, { from: '2027-01-01', to: '2027-02-14' }),
        taxReturn(book, { from: '2027-02-15', to: END }),
      ];
      expect(parts.reduce((sum, { owed }) => sum + owed, 0)).toBe(year.owed);
      const all = papers.filter(({ kind }) => TAXED.includes(kind)).flatMap(reckoned);
      const told = year.rows.flatMap(({ documents }) => documents);
      const sizes = (each: readonly { net: number; tax: number }[]) =>
        each.map(({ net, tax }) => `${Math.abs(net)} ${Math.abs(tax)}`).sort();
      expect(sizes(told)).toEqual(sizes(all));
    });
  });

  test('are undone exactly, and written and read again', () => {
    property((papers, book) => {
      const read = bookFromJson(JSON.parse(JSON.stringify(bookToJson(book))));
      if (!read.ok) throw new Error(read.refusals[0]?.says);
      expect(read.value).toEqual(book);
      const rates = taxesOf().map((rule) => ({ ...rule, rate: 2 * rule.rate }));
      const applied = apply(book, { kind: 'change-taxes', taxes: rates });
      if (!applied.ok) throw new Error(applied.refusals[0]?.says);
      expect(after(applied.value.book, applied.value.inverse)).toEqual(book);
      for (const { id } of papers) after(book, put({ ...(papers[0] as Document), id }));
    }, 60);
  });
});

describe('a company that charges tax', () => {
  const invoice = paper('inv', 'customer-invoice', {
    ...{ party: 'ann', reference: 'A1' },
    lines: [
      { ...of('boat', 3, 1999), taxCode: 'S20' },
      { ...of('paddle', 1, 333), taxCode: 'R7.7' },
      on('sales', 1000),
    ],
  });

  test('a customer owes the tax with the rest; it stands on the account that its code names', () => {
    // 3 × 19.99 = 59.97, a fifth of it 11.99; 7.7 % of 3.33 is 0.26; 10.00 has none.
    const book = withPapers(taxedDealer(), invoice);
    expect(balances(book)).toMatchObject({ debtors: 8555, sales: -7330, owed: -1225 });
    // Of prices that hold it: 59.97 × 20 / 120 = 10.00 (9.995), 3.33 × 7.7 / 107.7 = 0.24.
    const held = withPapers(taxedDealer(), { ...invoice, pricesIncludeTax: true });
    expect(balances(held)).toMatchObject({ debtors: 7330, sales: -6306, owed: -1024 });
  });

  test('goods are worth their price without the tax, also where the invoice comes first', () => {
    const bill = paper('bill', 'supplier-invoice', {
      ...{ party: 'mill', pricesIncludeTax: true },
      lines: [{ ...of('boat', 2, 6000), taxCode: 'S20' }],
    });
    const goods = paper('in', 'goods-in', {
      ...{ party: 'mill', date: '2027-02-03' },
      lines: [of('boat', 2, 5000)],
    });
    for (const papers of [
      [bill, goods],
      [goods, bill],
    ])
      expect(balances(withPapers(taxedDealer(), ...papers))).toMatchObject({
        ...{ stock: 10_000, owed: 2000, creditors: -12_000 },
      });
  });

  test('what is taken back lowers the tax on its side', () => {
    const back = (party: string) =>
      paper(`back-${party}`, 'credit-note', {
        party,
        lines: [{ ...on(party === 'ann' ? 'sales' : 'rent', 1000), taxCode: 'S20' }],
      });
    const book = withPapers(taxedDealer(), invoice, back('ann'), back('mill'));
    const told = taxReturn(book, { from: '2027-01-01', to: END });
    expect([told.sales, told.purchases, told.owed]).toEqual([1025, -200, 1225]);
  });

  test('the tax that is paid is no tax of the period', () => {
    const paid = paper('paid', 'money-out', {
      ...{ date: '2027-04-10', money: 'bank', lines: [on('owed', 1225)] },
    });
    const book = withPapers(taxedDealer(), invoice, paid);
    const first = { from: '2027-01-01', to: '2027-03-31' };
    const second = { from: '2027-04-01', to: '2027-06-30' };
    expect(taxReturn(book, first)).toMatchObject({ owed: 1225, moved: 1225 });
    expect(taxReturn(book, second)).toMatchObject({ owed: 0, moved: -1225 });
    expect([taxStanding(book, first.to), taxStanding(book, second.to)]).toEqual([1225, 0]);
  });

  test('its return is a sheet that leads to the entries, with both sides and what is to be paid', () => {
    const sheet = taxSheet(withPapers(taxedDealer(), invoice), { from: '2027-01-01', to: END });
    const lines = sheet.rows.map(({ cells }) =>
      cells.map((cell) => (typeof cell === 'object' && 'amount' in cell ? cell.amount : cell)),
    );
    expect(lines).toEqual([
      ['S20 Standard rate, 20 %', '', 5997, 1199, 0, 0],
      ['Invoice to customer A1, ann', { day: '2027-02-01' }, 5997, 1199, '', ''],
      ['R7.7 Reduced rate, 7.7 %', '', 333, 26, 0, 0],
      ['Invoice to customer A1, ann', { day: '2027-02-01' }, 333, 26, '', ''],
      ['Z Zero rate, 0 %', '', 0, 0, 0, 0],
      ['Total', '', '', 1225, '', 0],
      ['To be paid', '', '', 1225, '', ''],
    ]);
    expect(sheet.rows[1]?.entry).toBe('of-inv');
  });

  test('its paper says the tax, on top or in the prices', () => {
    const book = taxedDealer();
    const texts = (document: Document) =>
      drawnPaper(book, document, String).lines.map(({ text, amount }) => [text, amount]);
    expect(texts(invoice).slice(3)).toEqual([
      ['Standard rate, 20 % on 5997', '1199'],
      ['Reduced rate, 7.7 % on 333', '26'],
    ]);
    expect(texts({ ...invoice, pricesIncludeTax: true }).slice(3)).toEqual([
      ['Holds 1000 of tax: Standard rate, 20 % on 4997', ''],
      ['Holds 24 of tax: Reduced rate, 7.7 % on 309', ''],
    ]);
  });

  test('its taxes go on into the next year', () => {
    const closing = entry('close', END, {
      lines: { sales: 7330, kept: -7330 },
      rest: { kind: 'closing' },
    });
    const year = after(withPapers(taxedDealer(), invoice), {
      ...{ kind: 'record-entry', entry: closing },
    });
    const next = nextYear(year, { from: '2027-01-01', to: END });
    if (!next.ok) throw new Error(next.refusals[0]?.says);
    expect(subledgersOf(next.value).taxes).toEqual(taxesOf());
    expect(next.value.opening.balances['owed']).toBe(-1225);
  });

  test('a code is pasted with its line, by itself or by its name', () => {
    const text = [
      'Date\tKind\tReference\tParty\tItem or account\tQuantity\tPrice\tTax code',
      '2027-02-01\tInvoice\tA1\tann\tboat\t3\t19.99\tS20',
      '\t\t\t\tpaddle\t1\t3.33\tReduced rate',
      '2027-02-02\tInvoice\tA2\tann\tboat\t1\t1.00\tS99',
    ].join('\n');
    let n = 0;
    const newId = () => `d${++n}`;
    const read = documentsInTable(taxedDealer(), listCellsOf(text), { newId });
    expect(
      read.documents.map(({ document }) => document.lines.map((each) => each.taxCode)),
    ).toEqual([['S20', 'R7.7']]);
    expect(read.faults).toEqual([
      'Row 4: Documents use no tax code “S99”. Write it as it stands under Tax, or leave it out.',
    ]);
  });
});

describe('taxes of documents are refused', () => {
  const charging = (taxes: readonly object[]) => ({ kind: 'change-taxes', taxes }) as Operation;
  const rule = (rest: object) => ({ code: 'S20', rate: 20_000, account: 'owed', ...rest });

  test('where they are none: no such code or account, a rate beyond the whole, a code twice', () => {
    const book = taxedDealer();
    expect(refusalsTo(book, charging([rule({ code: 'X' })]))).toEqual(['tax.unknown']);
    expect(refusalsTo(book, charging([rule({ account: 'gone' })]))).toEqual(['account.unknown']);
    for (const rate of [-1, 100_001])
      expect(refusalsTo(book, charging([rule({ rate })]))).toEqual(['tax.rate']);
    expect(refusalsTo(book, charging([rule({}), rule({})]))).toEqual(['tax.rule-doubled']);
    expect(refusalsTo(book, charging([]), true)).toEqual(['operation.authors-only']);
  });

  test('by a student but for the account: a start may have none, and then they choose their own', () => {
    const bare = after(taxedDealer(), charging(taxesOf(null)));
    expect(refusalsTo(bare, charging(taxesOf('owed')), true)).toEqual([]);
    const other = taxesOf('owed').map((each) => ({ ...each, rate: 1 }));
    expect(refusalsTo(bare, charging(other), true)).toEqual(['operation.authors-only']);
  });

  test('on a line with a code that acts nowhere, or of a document that has no tax', () => {
    const lines = [{ ...on('sales', 100), taxCode: 'none' }];
    const odd = paper('odd', 'customer-invoice', { party: 'ann', lines });
    expect(refusalsTo(taxedDealer(), put(odd))).toEqual(['document.tax-unknown']);
    const goods = paper('odd', 'goods-in', {
      ...{ party: 'mill', pricesIncludeTax: true },
      lines: [{ ...of('boat', 1, 100), taxCode: 'S20' }],
    });
    expect(refusalsTo(taxedDealer(), put(goods))).toEqual([
      'document.not-taxed',
      'document.not-taxed',
    ]);
  });

  test('where no account takes them, and where documents have them still', () => {
    const bare = after(taxedDealer(), charging(taxesOf(null)));
    const invoice = paper('inv', 'customer-invoice', {
      ...{ party: 'ann', lines: [{ ...on('sales', 100), taxCode: 'S20' }] },
    });
    expect(refusalsTo(bare, put(invoice))).toEqual(['document.no-tax-account']);
    const book = withPapers(taxedDealer(), invoice);
    expect(refusalsTo(book, charging([]))).toEqual(['tax.rule-in-use']);
    expect(refusalsTo(book, charging(taxesOf(null)))).toEqual(['document.no-tax-account']);
    const taxLists = { lines: [], codes: [] };
    expect(refusalsTo(book, { kind: 'change-tax-lists', taxLists })).toEqual([
      ...['tax.charged', 'tax.charged', 'tax.charged'],
    ]);
    const gone: Operation = { kind: 'delete-account', id: 'owed', children: 'refuse' };
    expect(refusalsTo(taxedDealer(), gone)).toContain('account.named');
  });
});
