import { PGlite } from '@electric-sql/pglite';
import {
  balanceSheet,
  bookToJson,
  cashFlow,
  profitAndLoss,
  trialBalance,
  typeOf,
  type Book,
} from '@gleddo/core';
import { juniperLane, nurseryYear, pollardRow, ternIsland } from '@gleddo/core/demo';

const SCHEMA = `
  create table accounts (id text primary key, section text, class text, flow text, role text);
  create table lines (entry text, date date, kind text, account text, amount numeric(18, 2));
`;

interface Side {
  readonly account: string;
  readonly debit?: string;
  readonly credit?: string;
}

interface File {
  readonly opening: { readonly date: string; readonly balances: readonly Side[] };
  readonly entries: readonly {
    readonly id: string;
    readonly date: string;
    readonly kind: string;
    readonly lines: readonly Side[];
  }[];
}

const signed = ({ debit, credit }: Side): string => debit ?? `-${credit ?? '0'}`;

/** The lines of a book's file as rows of a table; opening balances are lines on their own date. */
function rowsOf(book: Book): string[][] {
  const { opening, entries } = bookToJson(book) as File;
  return [
    ...opening.balances.map((each) => [
      ...['opening', opening.date, 'opening'],
      ...[each.account, signed(each)],
    ]),
    ...entries.flatMap(({ id, date, kind, lines }) =>
      lines.map((each) => [id, date, kind, each.account, signed(each)]),
    ),
  ];
}

async function loaded(book: Book): Promise<PGlite> {
  const db = new PGlite();
  await db.exec(SCHEMA);
  for (const { id, type, cashFlow: own } of book.accounts) {
    const of = typeOf(book.scheme, type);
    const section = book.scheme.sections.find((each) => each.id === of?.section);
    const values = [id, section?.id, section?.class, own ?? of?.cashFlow, of?.role];
    await db.query('insert into accounts values ($1, $2, $3, $4, $5)', values);
  }
  await db.query(
    `insert into lines select * from unnest($1::text[], $2::date[], $3::text[], $4::text[], $5::numeric[])`,
    [0, 1, 2, 3, 4].map((column) => rowsOf(book).map((row) => row[column])),
  );
  return db;
}

const cents = (text: string | null): number => Math.round(Number(text ?? 0) * 100) || 0;

async function sums(db: PGlite, query: string, values: unknown[]): Promise<Map<string, number>> {
  const { rows } = await db.query<{ key: string; sum: string }>(query, values);
  return new Map(rows.map(({ key, sum }) => [key, cents(sum)]));
}

const YEAR = { from: '2027-01-01', to: '2027-12-31' };
const QUARTER = { from: '2027-01-01', to: '2027-03-31' };
const SIGN = { asset: 1, expense: 1, liability: -1, equity: -1, income: -1 } as const;

describe.each([
  ['the kayaks', ternIsland],
  ['the bindery', pollardRow],
  ['the nursery', juniperLane],
  ['a year at the nursery', () => nurseryYear()],
])('SQL over the lines of %s', (_, make) => {
  const book = make();
  let db: PGlite;
  beforeAll(async () => (db = await loaded(book)));
  afterAll(() => db.close());

  test.each([YEAR, QUARTER])('gives the trial balance and the balance sheet of $to', async (of) => {
    const balances = await sums(
      db,
      'select account as key, sum(amount) as sum from lines where date <= $1 group by account',
      [of.to],
    );
    for (const { account, debit, credit } of trialBalance(book, of.to).lines)
      expect([account.id, balances.get(account.id) ?? 0]).toEqual([account.id, debit - credit]);
    const sections = await sums(
      db,
      `select section as key, sum(amount) as sum from lines join accounts on id = account
       where date <= $1 group by section`,
      [of.to],
    );
    for (const section of balanceSheet(book, of.to).sections)
      expect(SIGN[section.class] * (sections.get(section.id) ?? 0) || 0).toBe(section.total);
  });

  test.each([YEAR, QUARTER])('gives profit and loss of $from to $to', async ({ from, to }) => {
    const sections = await sums(
      db,
      `select section as key, sum(amount) as sum from lines join accounts on id = account
       where date between $1 and $2 and kind <> 'closing' group by section`,
      [from, to],
    );
    const profit = profitAndLoss(book, { from, to });
    let result = 0;
    for (const section of profit.sections) {
      expect(SIGN[section.class] * (sections.get(section.id) ?? 0) || 0).toBe(section.total);
      result -= sections.get(section.id) ?? 0;
    }
    expect(result || 0).toBe(profit.totals.profit);
  });

  test.each([YEAR, QUARTER])('gives the cash flow of $from to $to', async ({ from, to }) => {
    const parts = await sums(
      db,
      `with moved as (
         select lines.*, flow, role, class from lines join accounts on id = account
         where date between $1 and $2 and kind not in ('opening', 'closing')
       ), money as (select distinct entry from moved where role = 'cash')
       select case
           when role = 'accumulated-depreciation' and not exists (
             select from moved other where other.entry = moved.entry and other.role = 'depreciation-charge'
           ) then 'investing'
           when role = 'accumulated-depreciation' then 'operating'
           when account in (select id from accounts where section in ('other-income', 'other-expenses'))
             and flow = 'investing' then 'investing'
           when flow = 'none' then 'financing'
           else flow
         end as key, -sum(amount) as sum
       from moved where entry in (select entry from money) and role <> 'cash' group by 1`,
      [from, to],
    );
    const flow = cashFlow(book, { from, to });
    for (const part of ['operating', 'investing', 'financing'] as const)
      expect([part, parts.get(part) ?? 0]).toEqual([part, flow[part]]);
    const cash = await sums(
      db,
      `select 'cash' as key, sum(amount) as sum from lines join accounts on id = account
       where role = 'cash' and date between $1 and $2 and kind <> 'opening'`,
      [from, to],
    );
    expect(cash.get('cash')).toBe(flow.movement);
  });
});
