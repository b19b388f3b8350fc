import fc from 'fast-check';
import { apply, handoutOf, handoutToTable, type Book, type HandoutWanted } from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { HANDOUT_KINDS } from '../src/files/handout/sheet.js';
import { anyBook } from './arbitrary-book.js';
import { change, shop } from './builder.js';

const cells = (of: Book, wanted: Partial<HandoutWanted>) =>
  handoutToTable(handoutOf(of, { kind: 'chart', answers: true, order: 'number', ...wanted }));

const noted = () => {
  const done = apply(shop(), {
    kind: 'several',
    operations: [
      { kind: 'change-tax-lists', taxLists: { lines: [{ id: '7', name: 'Sales' }], codes: [] } },
      {
        kind: 'describe-account',
        id: 'sales',
        description: 'At the till',
        cashFlow: null,
        taxLine: '7',
        taxCode: null,
        budget: null,
        budgets: [],
        headsOnly: false,
        usedFrom: null,
        bankDetails: null,
        chargedTo: null,
      },
    ],
  });
  if (!done.ok) throw new Error('refused');
  return done.value.book;
};

describe('the chart as a hand-out', () => {
  it('stands under its sections, with numbers, types and sides', () => {
    const rows = cells(shop(), {});
    expect(rows.slice(0, 3)).toEqual([
      ['Number', 'Name', 'Type', 'Side'],
      ['Current assets'],
      ['1010', 'Bank', 'Bank', 'debit'],
    ]);
    expect(rows).toContainEqual([
      '1511',
      'Accumulated depreciation, van',
      'Accumulated depreciation',
      'credit',
    ]);
  });

  it('stands in the order of the alphabet when asked to', () => {
    const names = cells(shop(), { order: 'name' }).map(([, name]) => name);
    expect(names.slice(1, 4)).toEqual([
      'Accumulated depreciation, van',
      'Bank',
      'Depreciation, van',
    ]);
  });

  it('has columns to fill in without answers, and gives none away', () => {
    const rows = cells(shop(), { answers: false });
    expect(rows[0]).toEqual(['Number', 'Name', 'Statement and section', 'Type', 'Side']);
    expect(rows[1]).toEqual(['', 'Bank', '', '', '']);
  });

  it('leaves retired accounts out; notes and tax lines come where there are any', () => {
    expect(cells(change(shop(), 'loan', { retired: true }), {}).flat()).not.toContain(
      'Harbour loan',
    );
    expect(cells(noted(), {})).toContainEqual([
      '4010',
      'Sales of goods',
      'Sales of goods',
      'credit',
      '7',
      'At the till',
    ]);
  });
});

describe('the list to set up', () => {
  it('has amounts without their side, or with it, and numbers and types, as answers', () => {
    const list = (answers: boolean) => cells(shop(), { kind: 'list', order: 'name', answers });
    expect(list(false).slice(0, 2)).toEqual([
      ['Name', 'Opening balance'],
      ['Accumulated depreciation, van', '2000.00'],
    ]);
    expect(list(true).slice(0, 2)).toEqual([
      ['Number', 'Name', 'Type', 'Debit', 'Credit'],
      ['1511', 'Accumulated depreciation, van', 'Accumulated depreciation', '', '2000.00'],
    ]);
  });

  it('gives no place away without answers, in whatever order', () => {
    fc.assert(
      fc.property(anyBook, fc.constantFrom('number', 'name'), (of, order) => {
        const { columns, rows } = handoutOf(of, {
          kind: 'list',
          answers: false,
          order: order as 'name',
        });
        expect(columns.map(({ name }) => name)).toEqual(['Name', 'Opening balance']);
        expect(rows.every(({ kind, depth }) => kind === 'row' && depth === 0)).toBe(true);
        expect(rows).toHaveLength(of.accounts.length);
      }),
    );
  });
});

describe('the number plan as a hand-out', () => {
  it('has its bands, those of types under their section’s, and as answers the accounts', () => {
    const plan = ternIsland().numberPlan;
    if (!plan) throw new Error('no plan');
    const of = {
      ...ternIsland(),
      numberPlan: { ...plan, bands: [...plan.bands, { type: 'bank', from: '1010', to: '1019' }] },
    };
    expect(cells(of, { kind: 'plan', answers: false }).slice(0, 4)).toEqual([
      ['Band for', 'From', 'To'],
      ['Current assets', '1000', '1499'],
      ['Bank', '1010', '1019'],
      ['Non-current assets', '1500', '1999'],
    ]);
    expect(cells(of, { kind: 'plan' })).toContainEqual(['Hire fleet', '1510', '']);
    expect(cells({ ...of, numberPlan: null }, { kind: 'plan' })).toHaveLength(1);
  });
});

test.each(HANDOUT_KINDS)('every row of the hand-out has a cell for every column: %s', (kind) => {
  const made = [true, false].flatMap((answers) =>
    (['number', 'name'] as const).map((order) => handoutOf(noted(), { kind, answers, order })),
  );
  for (const { columns, rows } of made)
    for (const { cells } of rows.filter((row) => row.kind === 'row'))
      expect(cells).toHaveLength(columns.length);
});
