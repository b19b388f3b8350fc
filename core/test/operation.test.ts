import {
  apply,
  balanceSheet,
  newBook,
  retireNotices,
  spreadFigures,
  type Book,
  type Operation,
} from '../src/index.js';
import { acct, book, change, COMPANY, entry, shop } from './builder.js';

function does(of: Book, operation: Operation): Book {
  const applied = apply(of, operation);
  if (!applied.ok) throw new Error(applied.refusals.map((each) => each.says).join(' '));
  return applied.value.book;
}

function refuses(of: Book, operation: Operation, by: 'author' | 'student' = 'author') {
  const applied = apply(of, operation, { by, entriesMayChange: by === 'author' });
  if (applied.ok) throw new Error('it was not refused');
  for (const refusal of applied.refusals) expect(refusal.says).toMatch(/^.{10,}\.$/);
  return applied.refusals.map((refusal) => refusal.code);
}

test('a new book of a company holds its one account for profits kept; a sole trader’s closes into capital', () => {
  const opened = (legalForm: 'sole-trader' | 'company' | 'non-profit') =>
    newBook({
      company: { ...COMPANY, legalForm },
      scheme: 'current-first',
      numberPlan: 'four-digit',
    });
  const names = (of: Book) => of.accounts.map((a) => `${a.number} ${a.name}`);
  expect(names(opened('company'))).toEqual(['3100 Retained earnings']);
  expect(names(opened('non-profit'))).toHaveLength(1);
  expect(names(opened('sole-trader'))).toEqual([]);
  const sole = { ...shop(), company: opened('sole-trader').company };
  const kept = { ...sole, opening: { ...sole.opening, balances: {} } };
  expect(apply(kept, { kind: 'delete-account', id: 'kept', children: 'refuse' }).ok).toBe(true);
});

describe('accounts', () => {
  test('a doubled number is refused, naming the account that has it', () => {
    const applied = apply(shop(), { kind: 'renumber-account', id: 'van', number: ' 1010 ' });
    expect(applied.ok ? '' : applied.refusals[0]?.says).toContain('“1010 Bank”');
  });

  test('a number outside its band is only pointed out', () => {
    const applied = apply(shop(), { kind: 'renumber-account', id: 'van', number: '7510' });
    expect(applied.ok && applied.value.notices().map((each) => each.code)).toEqual([
      'number.outside-band',
    ]);
  });

  test('a parent and its children share a section', () => {
    const move = {
      kind: 'move-account',
      id: 'bank',
      type: 'bank',
      number: '1010',
      parent: 'van',
    } as const;
    expect(refuses(shop(), move)).toEqual(['account.parent-section']);
    const away = {
      kind: 'move-account',
      id: 'van',
      type: 'bank',
      number: '1510',
      parent: null,
    } as const;
    expect(refuses(shop(), away)).toContain('account.children-stay');
  });

  test('no circles, at most five levels', () => {
    const chain = ['a', 'b', 'c', 'd', 'e', 'f'].map((id, i, all) =>
      acct(id, 'bank', { parent: i === 0 || i === 5 ? null : (all[i - 1] ?? null) }),
    );
    const under = (id: string, parent: string) =>
      ({ kind: 'move-account', id, type: 'bank', number: null, parent }) as const;
    expect(refuses(book(chain), under('a', 'c'))).toContain('account.parent-circle');
    expect(refuses(book(chain), under('f', 'e'))).toEqual(['account.too-deep']);
  });

  test('exactly one retained-earnings account, which can be neither retired nor deleted', () => {
    const second = { kind: 'add-account', account: acct('more', 'retained-earnings') } as const;
    expect(refuses(shop(), second)).toEqual(['account.one-retained']);
    expect(refuses(shop(), { kind: 'retire-account', id: 'kept' })).toEqual(['account.reserved']);
    expect(refuses(shop(), { kind: 'delete-account', id: 'kept', children: 'refuse' })).toContain(
      'account.reserved',
    );
  });

  test('what has amounts is retired, not deleted; a parent asks what becomes of its children', () => {
    expect(refuses(shop(), { kind: 'delete-account', id: 'bank', children: 'refuse' })).toEqual([
      'account.in-use',
    ]);
    const empty = book([acct('top', 'bank'), acct('under', 'bank', { parent: 'top' })]);
    expect(refuses(empty, { kind: 'delete-account', id: 'top', children: 'refuse' })).toEqual([
      'account.has-children',
    ]);
    const lifted = does(empty, { kind: 'delete-account', id: 'top', children: 'lift' });
    expect(lifted.accounts).toEqual([acct('under', 'bank')]);
    const retired = apply(shop(), { kind: 'retire-account', id: 'bank' });
    expect(retired.ok && retired.value.notices().map((n) => n.code)).toEqual([
      'account.retired-with-balance',
    ]);
  });

  test('names have 1 to 120 characters', () => {
    for (const name of ['  ', 'x'.repeat(121)])
      expect(refuses(shop(), { kind: 'rename-account', id: 'van', name })).toEqual([
        'account.name-length',
      ]);
  });
});

describe('entries', () => {
  const record = (lines: Record<string, number>, date = '2027-04-01'): Operation => ({
    kind: 'record-entry',
    entry: entry('new', date, { lines }),
  });

  test('must balance, have two lines, known accounts and amounts', () => {
    expect(refuses(shop(), record({ bank: 5, sales: -4 }))).toEqual(['entry.unbalanced']);
    expect(refuses(shop(), record({ bank: 5 }))).toEqual(['entry.too-short', 'entry.unbalanced']);
    expect(refuses(shop(), record({ bank: 5, nowhere: -5 }))).toEqual(['account.unknown']);
    expect(refuses(shop(), record({ bank: 0, sales: 0 }))).toEqual([
      'entry.line-zero',
      'entry.line-zero',
    ]);
    expect(refuses(shop(), record({ bank: 0.5, sales: -0.5 }))).toContain('amount.unreadable');
  });

  test('outside the year: refused for a student, pointed out to an author', () => {
    const late = record({ bank: 5, sales: -5 }, '2028-01-01');
    expect(refuses(shop(), late, 'student')).toEqual(['entry.outside-year']);
    const applied = apply(shop(), late);
    expect(applied.ok && applied.value.notices().map((each) => each.code)).toEqual([
      'entry.outside-year',
    ]);
  });

  test('where entries stay as they are, they are neither changed nor removed', () => {
    expect(refuses(shop(), { kind: 'remove-entry', id: 'sale' }, 'student')).toEqual([
      'entry.fixed',
    ]);
  });

  test('a retired account takes no new entries', () => {
    const of = change(shop(), 'insurance', { retired: true });
    expect(refuses(of, record({ insurance: 5, bank: -5 }))).toEqual(['entry.account-retired']);
  });

  test('nor does an account that only heads others, or one that is not in use yet', () => {
    const heads = change(shop(), 'insurance', { headsOnly: true });
    expect(refuses(heads, record({ insurance: 5, bank: -5 }))).toEqual(['entry.account-heads']);
    const later = change(shop(), 'insurance', { usedFrom: '2027-06-01' });
    expect(refuses(later, record({ insurance: 5, bank: -5 }))).toEqual(['entry.account-not-yet']);
    const now = change(shop(), 'insurance', { usedFrom: '2027-01-01' });
    expect(apply(now, record({ insurance: 5, bank: -5 })).ok).toBe(true);
    const kept = shop().entries.find(({ id }) => id === 'cover');
    if (!kept) throw new Error('no entry');
    const said = { kind: 'change-entry', entry: { ...kept, text: 'Otherwise' } } as const;
    expect(apply(later, said).ok).toBe(true);
  });
});

test('several operations are done together or not at all', () => {
  const operations: Operation[] = [
    { kind: 'rename-account', id: 'van', name: 'Delivery van' },
    { kind: 'renumber-account', id: 'van', number: '1010' },
  ];
  expect(refuses(shop(), { kind: 'several', operations })).toEqual(['number.taken']);
});

test('the currency keeps its decimals once amounts are entered', () => {
  const company = { ...COMPANY, currency: 'JPY' };
  expect(refuses(shop(), { kind: 'change-company', company })).toEqual(['company.currency-fixed']);
  expect(
    refuses(shop(), { kind: 'change-company', company: { ...COMPANY, name: '', firstDay: 'May' } }),
  ).toEqual(['company.nameless', 'file.day']);
});

describe('accounts that a book can’t do without', () => {
  const codes = (of: Book, operation: Operation) => {
    const applied = apply(of, operation);
    return applied.ok ? [] : applied.refusals.map((each) => each.says);
  };

  test('are retained earnings, a control account in use, suspense while something waits there', () => {
    const waiting = {
      ...shop(),
      accounts: [...shop().accounts, acct('wait', 'suspense', { name: 'Suspense' })],
      opening: { ...shop().opening, balances: { ...shop().opening.balances, bank: 500_001 } },
    };
    const retire = (id: string) => codes(waiting, { kind: 'retire-account', id });
    expect(retire('kept')[0]).toMatch(/must stay: a company needs its one account/);
    expect(retire('debtors')[0]).toMatch(/it gathers what customers owe, and entries are on it/);
    expect(retire('wait')[0]).toMatch(/a difference waits there; place it first/);
    const settled = { ...waiting, opening: shop().opening };
    expect(codes(settled, { kind: 'retire-account', id: 'wait' })).toEqual([]);
    const unused = { ...shop(), entries: [], opening: { ...shop().opening, balances: {} } };
    expect(codes(unused, { kind: 'retire-account', id: 'debtors' })).toEqual([]);
    expect(codes(unused, { kind: 'delete-account', id: 'debtors', children: 'refuse' })).toEqual(
      [],
    );
  });

  test('one with a balance is retired after a warning, and still shows on the statements', () => {
    const loan = shop().accounts.find(({ id }) => id === 'loan');
    if (!loan) throw new Error('no loan');
    expect(retireNotices(shop(), loan).map(({ says }) => says)).toEqual([
      '“2510 Harbour loan” still stands at (4,000.00). Retired, it shows on the statements until it is zero.',
    ]);
    const retired = apply(shop(), { kind: 'retire-account', id: 'loan' });
    if (!retired.ok) throw new Error('refused');
    expect(balanceSheet(retired.value.book, '2027-12-31').totals.liabilities).toBe(480_000);
  });

  test('a name very like another’s is pointed out, not refused', () => {
    const applied = apply(shop(), { kind: 'rename-account', id: 'loan', name: 'banks' });
    expect(applied.ok && applied.value.notices().map((each) => each.says)).toEqual([
      '“banks” is very like “1010 Bank”. Keep both only if they are two things.',
    ]);
  });

  test('leading zeros tell numbers apart; letter case and outer spaces do not', () => {
    const numbered = (number: string) =>
      codes(shop(), { kind: 'renumber-account', id: 'loan', number });
    expect(numbered('01010')).toEqual([]);
    const lettered = apply(shop(), { kind: 'renumber-account', id: 'loan', number: 'L-10' });
    if (!lettered.ok) throw new Error('refused');
    expect(
      codes(lettered.value.book, { kind: 'renumber-account', id: 'van', number: ' l-10 ' })[0],
    ).toMatch(/Number l-10 belongs to “L-10 Harbour loan”/);
  });

  test('a figure of a parent is its own and its children’s', () => {
    const { families } = spreadFigures(shop(), { from: '2026-12-31', to: '2026-12-31' });
    expect(families.get('van')).toBe(700_000);
  });
});
