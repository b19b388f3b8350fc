import {
  cashFlow,
  changesInEquity,
  comparedLines,
  LEVELS,
  linesOf,
  marginOf,
  keptPairs,
  keyOf,
  checkWork,
  checkedToJson,
  sideBySide,
  spreadFigures,
  statementsToJson,
  stillOpen,
  trialBalance,
  type Book,
  type Period,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { acct, change, entry, shop } from './builder.js';

/* The statements as they are told, looked through once; a change here is a change of a statement. */

const BOOKS: readonly [string, Book][] = [
  ['the shop', shop()],
  [
    'a shop with an account at nothing',
    {
      ...shop(),
      accounts: [
        ...shop().accounts,
        acct('idle', 'bank', { name: 'Idle', number: '1090' }),
        acct('still', 'selling', { name: 'Still', number: '6800' }),
      ],
    },
  ],
  ['the kayaks', ternIsland()],
  ['a shop with an account without a place', change(shop(), 'prepaid', { type: null })],
  [
    'a shop with a closing',
    {
      ...shop(),
      entries: [
        ...shop().entries,
        entry('close', '2027-03-31', {
          lines: { sales: 10_000, capital: -10_000 },
          rest: { kind: 'closing' },
        }),
      ],
    },
  ],
];

const PERIODS: readonly [Period, ...Period[]] = [
  { from: '2027-01-01', to: '2027-03-31' },
  { from: '2027-02-01', to: '2027-02-28' },
  { from: '2027-01-01', to: '2027-12-31' },
];

const isAccount = (value: unknown): value is { readonly id: string } =>
  typeof value === 'object' &&
  value !== null &&
  'cashFlow' in value &&
  'type' in value &&
  'id' in value;

/** In few words: accounts by their ids, each thing on a line. */
const plain = (value: unknown): string =>
  JSON.stringify(value, (_, each: unknown) =>
    isAccount(each) ? each.id : each instanceof Map ? [...each] : each,
  ).replaceAll('},', '},\n');

describe.each(BOOKS)('%s', (_, of) => {
  it.each(LEVELS)('its statements by %s', (level) => {
    for (const period of PERIODS.slice(0, 2))
      expect(plain(statementsToJson(of, period, level))).toMatchSnapshot();
  });

  it('its equity and its cash flow', () => {
    for (const period of PERIODS) {
      expect(plain(changesInEquity(of, period))).toMatchSnapshot();
      expect(plain(cashFlow(of, period))).toMatchSnapshot();
    }
  });

  it('its trial balance, its figures on the spread, its ledger', () => {
    const { lines, debit, credit } = trialBalance(of, '2027-02-15');
    expect([
      lines.map((line) => `${line.account.id} ${line.debit} ${line.credit}`),
      debit,
      credit,
    ]).toMatchSnapshot();
    const figures = spreadFigures(of, PERIODS[0]);
    expect([
      [...figures.amounts],
      [...figures.families],
      figures.sheet.totals,
      figures.profit.totals,
    ]).toMatchSnapshot();
    const ledger = of.accounts.flatMap(({ id }) =>
      linesOf(of, id).map(({ date, amount, balance }) => `${id} ${date} ${amount} ${balance}`),
    );
    expect(ledger.join('\n')).toMatchSnapshot();
  });

  it('what is still open in it', () => {
    expect(stillOpen(of).map(({ code, says }) => `${code}: ${says}`)).toMatchSnapshot();
    expect(
      stillOpen(of, { asksSides: true, asksTypes: false }).map(({ code }) => code),
    ).toMatchSnapshot();
  });
});

test('two dates beside each other', () => {
  const of = ternIsland();
  const now = spreadFigures(of, PERIODS[0]);
  const then = spreadFigures(of, PERIODS[2] as Period);
  const lines = now.sheet.sections.map((section) =>
    comparedLines(of, section, then.sheet.sections.find(({ id }) => id === section.id) ?? null).map(
      ({ account, amount, other }) => `${account.id} ${amount} ${other}`,
    ),
  );
  expect(lines).toMatchSnapshot();
});

/** With an account on which nothing stands. */
const withIdle = (of: Book): Book => ({
  ...of,
  accounts: [...of.accounts, acct('idle', 'bank', { name: 'Idle', number: '1090' })],
});

test('a marked work beside its key, and its margin', () => {
  const of = withIdle(shop());
  const work = change(change(of, 'passes', { type: 'goods-sales', number: '4040' }), 'loan', {
    name: 'Kitchen',
  });
  const checked = checkWork(keyOf(of), work);
  expect(plain(checkedToJson('work', checked, 'EUR'))).toMatchSnapshot();
  const margin = marginOf(checked.results);
  const kinds = ['placement', 'opening', 'entry', 'account'] as const;
  const numbers = shop().accounts.flatMap(({ id }) =>
    kinds.map((kind) => `${kind} ${id} ${margin.numberOfCause({ kind, id })}`),
  );
  expect([
    margin.faults.map(({ ref }) => `${margin.numberOf(ref)} ${ref}`),
    margin.follows.length,
    margin.met.length,
    numbers,
  ]).toMatchSnapshot();
  const pairs = keptPairs(checked);
  const rows = sideBySide(of, work, { pairs, period: PERIODS[0] }).flatMap(({ id, rows: all }) =>
    all.map(({ kind, keys, works, theirs, wanted }) => {
      const ids = (of: readonly { id: string }[]) => of.map((each) => each.id).join('+');
      return `${id} ${kind} ${ids(keys)} ${ids(works)} ${theirs} ${wanted}`;
    }),
  );
  expect(rows.join('\n')).toMatchSnapshot();
});
