import { mkdir, mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  emptyStart,
  accountsToTable,
  cellsToCsv,
  keyOf,
  ownKey,
  readExercise,
  startingPoint,
  USUAL_RULES,
  writeBook,
  writeExercise,
  writeKey,
  type Book,
} from '@gleddo/core';
import { ternIsland } from '@gleddo/core/demo';
import { main } from '../src/index.js';

const QUARTER = [
  { statement: 'balance-sheet', at: '2027-03-31' },
  { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
] as const;

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'gleddo-cli-'));
});

const put = async (name: string, text: string | Uint8Array) => {
  await writeFile(join(folder, name), text);
  return join(folder, name);
};

async function gleddo(...args: string[]) {
  let out = '';
  let err = '';
  const status = await main(args, { write: (t) => (out += t) }, { write: (t) => (err += t) });
  return { status, out, err };
}

const faulty = (): Book => {
  const book = ternIsland();
  return {
    ...book,
    accounts: book.accounts.map((account) =>
      account.id === 'season-passes'
        ? { ...account, type: 'service-fees', number: '4040' }
        : account,
    ),
    entries: book.entries.filter((entry) => entry.reference !== 'A3'),
  };
};

test('statements as JSON, in the documented shape', async () => {
  const book = await put('tern.book.json', writeBook(ternIsland()));
  const { status, out } = await gleddo('statements', book, '--at', '2027-03-31', '--json');
  expect(status).toBe(0);
  const said = JSON.parse(out);
  expect(said.balanceSheet.totals).toEqual({
    assets: '84310.00',
    liabilities: '31200.00',
    equity: '53110.00',
    profit: '12480.00',
  });
  expect(said.balanceSheet.sections[0]).toMatchObject({ id: 'current-assets', total: '41260.00' });
  expect(said.balanceSheet.sections[0].lines[0]).toEqual({ account: 'bank', amount: '18940.00' });
  expect(said.profitAndLoss).toMatchObject({
    from: '2027-01-01',
    to: '2027-03-31',
    totals: { revenue: '38660.00', grossProfit: '31190.00', profit: '12480.00' },
  });
  expect(said.cashFlow.movement).toBe('13160.00');
  expect(said.trialBalance.debit).toBe(said.trialBalance.credit);
  expect(said.trialBalance.lines[0]).toEqual({
    account: 'bank',
    debit: '18940.00',
    credit: '0.00',
  });
});

test('statements as a page, at the level of sections', async () => {
  const book = await put('tern.book.json', writeBook(ternIsland()));
  const { out } = await gleddo('statements', book, '--at', '2027-03-31', '--level', 'section');
  expect(out).toContain('Tern Island Kayaks');
  expect(out).toMatch(/Total assets\s+84,310\.00/);
  expect(out).not.toContain('Bank, current account');
});

test('check names the faults, and what follows from them', async () => {
  const key = await put(
    'quarter.key.json',
    writeKey(keyOf(ternIsland(), { statementDates: QUARTER })),
  );
  const work = await put('ines.book.json', writeBook(faulty()));
  const { status, out } = await gleddo(
    'check',
    key,
    work,
    '--json',
    '--csv',
    join(folder, 'marks.csv'),
  );
  expect(status).toBe(0);
  const [said] = JSON.parse(out);
  expect(said.work).toBe('ines.book.json');
  expect(said.of - said.points).toBe(4 + 12);
  const notMet = said.results.filter((r: { outcome: string }) => r.outcome === 'not-met');
  expect(
    notMet.map((r: { check: string; account?: string; entry?: string }) => [
      r.check,
      r.account ?? r.entry,
    ]),
  ).toEqual([
    ['account.statement', 'season-passes'],
    ['entry.present', 'e24'],
  ]);
  const profit = said.results
    .filter((r: { line?: string; outcome: string }) => r.line === 'profit')
    .at(-1);
  expect(profit).toMatchObject({
    check: 'statement.total',
    outcome: 'follows',
    difference: '5060.00',
    points: 1,
    of: 1,
  });
  expect(profit.causes).toEqual(
    expect.arrayContaining([
      expect.objectContaining({ kind: 'placement', account: 'season-passes', share: '4200.00' }),
      expect.objectContaining({ kind: 'entry', entry: 'e24', share: '860.00' }),
    ]),
  );
  expect(await readFile(join(folder, 'marks.csv'), 'utf8')).toMatch(
    /^work,score,.*\nines\.book\.json,\d+,\d+,/,
  );
});

test('a spreadsheet’s table of accounts and balances is checked like any other work', async () => {
  const book = ternIsland();
  const key = await put('open.key.json', writeKey(keyOf({ ...book, entries: [] })));
  const rows = accountsToTable(book).map((row) => row.join('\t'));
  const table = await put(
    'ade.tsv',
    ['Tern Island Kayaks', '', ...rows, '\tTotal\t\t\t79,430.00\t79,430.00'].join('\n'),
  );
  const { status, out, err } = await gleddo('check', key, table, '--json');
  expect(err).toBe('');
  expect(status).toBe(0);
  const [said] = JSON.parse(out);
  expect(said.points).toBe(said.of);
});

test('a table that was not read whole needs a look: said, with its own status, until somebody looked', async () => {
  const key = await put(
    'look.key.json',
    writeKey(keyOf(ternIsland(), { statementDates: QUARTER })),
  );
  const table =
    'No.,Account,Debit,Credit\n1010,"Bank, current account",100.00,\n3010,Share capital,,90.00\n';
  const work = await put('apart.csv', table);
  const odd = await put('odd.csv', `${table}1020,Till float,ten,\n`);
  const { status, out } = await gleddo('check', key, work, odd, '--json');
  expect(status).toBe(3);
  const [apart, unread] = JSON.parse(out);
  expect(apart).toMatchObject({
    state: 'needs-a-look',
    notes: [
      {
        what: 'debits-and-credits-differ',
        says: expect.stringContaining('debits and credits differ by 10.00'),
      },
    ],
    read: { columns: { number: 'A', name: 'B', debit: 'C', credit: 'D' }, sign: 'two-columns' },
  });
  expect([apart.points, unread.points]).toEqual([undefined, undefined]);
  expect(unread.notes[0].says).toContain('Row 4: “ten” is not an amount');
  const said = await gleddo('check', key, work);
  expect(said.out).toMatch(/apart\.csv: needs a look\n[^]*Its debits and credits differ/);
  const looked = await gleddo('check', key, work, '--as-read', '--json');
  expect(looked.status).toBe(0);
  const [asRead] = JSON.parse(looked.out);
  expect(asRead.state).toBeUndefined();
  expect(asRead.of).toBeGreaterThan(0);
});

test('converting there and back keeps accounts and balances; a workbook too', async () => {
  const book = await put('tern.book.json', writeBook({ ...ternIsland(), entries: [] }));
  for (const name of ['list.csv', 'list.xlsx']) {
    expect((await gleddo('convert', book, join(folder, name))).status).toBe(0);
    const back = join(folder, `${name}.book.json`);
    expect((await gleddo('convert', join(folder, name), back)).status).toBe(0);
    const said = JSON.parse(await readFile(back, 'utf8'));
    expect(said.accounts).toHaveLength(36);
    expect(said.opening.balances).toHaveLength(17);
  }
  const again = join(folder, 'again.book.json');
  await gleddo('convert', book, again);
  expect(await readFile(again, 'utf8')).toBe(await readFile(book, 'utf8'));
  expect(cellsToCsv(accountsToTable(ternIsland()))).toBe(
    await readFile(join(folder, 'list.csv'), 'utf8'),
  );
});

test('faults are said one a line: file, where, what; the other works are still checked', async () => {
  const key = await put(
    'quarter.key.json',
    writeKey(keyOf(ternIsland(), { statementDates: QUARTER })),
  );
  const bad = await put(
    'bad.book.json',
    '{"format":"gleddo-book","version":1,"company":{"name":"X","firstDay":"nope"},"accounts":[{"id":"a"}],"extra":1}',
  );
  const good = await put('good.book.json', writeBook(ternIsland()));
  const { status, out, err } = await gleddo('check', key, bad, good, '--json');
  expect(status).toBe(1);
  expect(JSON.parse(out)).toHaveLength(1);
  const lines = err.trim().split('\n');
  expect(lines).toHaveLength(3);
  for (const line of lines) expect(line).toMatch(/bad\.book\.json: \S+: .+\.$/);
  expect((await gleddo('statements', join(folder, 'none.book.json'))).status).toBe(1);
});

test('wrong usage has its own status', async () => {
  for (const args of [
    [],
    ['sing'],
    ['statements'],
    ['check', 'one'],
    ['statements', 'x', '--at', 'May'],
    ['convert', 'a', 'b.doc'],
    ['statements', 'x', '--nope'],
  ])
    expect((await gleddo(...args)).status).toBe(2);
  expect((await gleddo('--help')).status).toBe(0);
});

test('an empty work and a list of nonsense earn nothing; a folder is gone through, what can’t be read named', async () => {
  const key = await put(
    'pile.key.json',
    writeKey(keyOf(ternIsland(), { statementDates: QUARTER })),
  );
  const pile = join(folder, 'pile');
  await mkdir(pile);
  const empty = { ...ternIsland(), accounts: [], entries: [] };
  const books = {
    'a.book.json': writeBook({ ...empty, opening: { date: '2026-12-31', balances: {} } }),
  };
  const files = { ...books, 'b.csv': 'Fruit,Colour\nApple,red\nPear,green\n', 'c.csv': '%PDF-1.7' };
  for (const [name, text] of Object.entries(files)) await writeFile(join(pile, name), text);
  const { status, out, err } = await gleddo('check', key, pile, '--json');
  expect(status).toBe(1);
  expect(
    JSON.parse(out).map(({ work, points }: { work: string; points: number }) => [work, points]),
  ).toEqual([
    ['a.book.json', 0],
    ['b.csv', 0],
  ]);
  expect(err).toMatch(/c\.csv: file: This is a PDF, not a table/);
  expect(err).toMatch(/b\.csv: file: Nothing in it was recognised/);
});

test('a starting point that is named leaves to earn what it lacks', async () => {
  const key = await put(
    'whole.key.json',
    writeKey(keyOf(ternIsland(), { statementDates: QUARTER })),
  );
  const start = await put('start.book.json', writeBook({ ...ternIsland(), entries: [] }));
  const work = await put('done.book.json', writeBook(ternIsland()));
  const of = async (...more: string[]) =>
    JSON.parse((await gleddo('check', key, work, '--json', ...more)).out)[0].of as number;
  expect(await of('--start', start)).toBeLessThan(await of());
  const untouched = JSON.parse((await gleddo('check', key, start, '--json', '--start', start)).out);
  expect(untouched[0].points).toBe(0);
});

test('an exercise stands for its key and brings its start', async () => {
  const start = { ...ternIsland(), entries: [] };
  const exercise = writeExercise({
    ...{ title: 'The quarter', brief: '', start, rules: USUAL_RULES, guide: {} },
    key: keyOf(ternIsland(), { statementDates: QUARTER, total: 20 }),
  });
  const key = await put('quarter.exercise.json', exercise);
  const done = await put('done2.book.json', writeBook(ternIsland()));
  const untouched = await put('untouched.book.json', writeBook(start));
  const { out } = await gleddo('check', key, done, untouched, '--json');
  const [whole, nothing] = JSON.parse(out);
  expect([whole.points, whole.of]).toEqual([20, 20]);
  expect([nothing.points, nothing.of]).toEqual([0, 20]);
});

test('the health of a book is told without a key', async () => {
  const sick = { ...ternIsland(), opening: { date: '2026-12-31', balances: { bank: 100 } } };
  const book = await put('sick.book.json', writeBook(sick));
  const { out } = await gleddo('health', book, '--json');
  expect(JSON.parse(out)[0].notes[0].says).toContain('1 more in debit');
  const well = await put('well.book.json', writeBook(ternIsland()));
  expect((await gleddo('health', well)).out).toContain('nothing odd');
});

test('figures writes an exercise with one student’s own figures, and tries many', async () => {
  const figures = {
    quantities: [{ name: 'size', from: '0.5', to: '1.5', step: '0.1' }],
    everywhere: 'usual * size',
  };
  const key = keyOf(ternIsland(), { statementDates: QUARTER, figures });
  const start = startingPoint(key.book, 'accounts', { faults: {}, seed: 1 });
  const exercise = await put(
    'spring.exercise.json',
    writeExercise({
      ...{ title: 'Spring', brief: 'Bank {= opening("bank") }.', key, start },
      ...{ rules: USUAL_RULES, guide: {} },
    }),
  );
  const one = await gleddo('figures', exercise, '--seed', '7');
  expect(one.status).toBe(0);
  const read = readExercise(one.out);
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  const own = ownKey(key, { seed: 7 });
  expect(read.value.key.book.opening.balances).toEqual(own.book.opening.balances);
  expect(read.value.brief).toMatch(/^Bank [\d,.]+\.$/);
  const work = await put('work.book.json', writeBook(own.book));
  const asSeven = await gleddo('check', exercise, work, '--seed', '7', '--json');
  const [checked] = JSON.parse(asSeven.out) as { points: number; of: number }[];
  expect(checked?.points).toBe(checked?.of);
  const asMade = JSON.parse(
    (await gleddo('check', exercise, work, '--json')).out,
  ) as (typeof checked)[];
  expect(asMade[0]?.points).toBeLessThan(asMade[0]?.of ?? 0);
  expect(await gleddo('figures', exercise, '--try', '20')).toMatchObject({
    status: 0,
    out: '20 of 20 seeds hold\n',
  });
  expect((await gleddo('figures', exercise)).status).toBe(2);
  expect((await gleddo('figures', work, '--seed', '1')).status).toBe(1);
});

test('figures tells how many sets so many students have; solvable what they can know', async () => {
  const figures = { each: { from: '0.6', to: '1.4' } };
  const key = keyOf(ternIsland(), { statementDates: QUARTER, figures });
  const told = {
    title: 'Told',
    brief: '',
    key,
    start: ternIsland(),
    rules: USUAL_RULES,
    guide: {},
  };
  const all = await put('told.exercise.json', writeExercise(told));
  const sets = await gleddo('figures', all, '--sets', '30', '--json');
  expect(JSON.parse(sets.out)).toEqual({ of: 30, different: 30, inProportion: 0 });
  expect(await gleddo('solvable', all, '--seeds', '3')).toMatchObject({
    status: 0,
    out: '0 told, 0 reckoned, 0 untold\n',
  });
  const bare = { ...told, start: emptyStart(ternIsland()) };
  const untold = await put('untold.exercise.json', writeExercise(bare));
  const { status, out } = await gleddo('solvable', untold, '--json');
  expect(status).toBe(3);
  const said = JSON.parse(out);
  expect(said.untold[0]).toMatchObject({
    what: 'account',
    says: expect.stringMatching(/named nowhere/),
  });
  expect((await gleddo('solvable', untold, '--seeds', 'many')).status).toBe(2);
  expect((await gleddo('solvable')).status).toBe(2);
});

test('propose reads a problem’s text: entries beside their sentences, and a book that holds', async () => {
  const text = [
    'Tarn Mill weaves and sells rugs. On 1 May 2027 its owner begins the books.',
    '1. The owner puts 4,200 into the bank.',
    '2. Sells rugs for 900, of which 300 in cash.',
    '3. Squares up with the carrier.',
  ].join('\n');
  const file = await put('problem.txt', text);
  const { status, out } = await gleddo('propose', file, '--json');
  expect(status).toBe(0);
  const said = JSON.parse(out);
  expect(said.company).toEqual({ name: 'Tarn Mill', firstDay: '2027-05-01' });
  expect(said.sentences).toMatchObject([
    {
      understood: true,
      entries: [
        {
          date: '2027-05-01',
          lines: [
            { type: 'bank', debit: '4200.00' },
            { type: 'owner-capital', credit: '4200.00' },
          ],
        },
      ],
    },
    { understood: true },
    { text: 'Squares up with the carrier.', understood: false, why: expect.any(String) },
  ]);
  const book = await put('proposed.book.json', JSON.stringify(said.book));
  expect((await gleddo('health', book)).status).toBe(0);
  expect((await gleddo('propose', file)).out).toContain('2 of 3 understood');
  const again = await gleddo('propose', file, '--book', book, '--json');
  expect(JSON.parse(again.out).book.accounts).toHaveLength(said.book.accounts.length);
  expect((await gleddo('propose', await put('empty.txt', ' '))).status).toBe(1);
  expect((await gleddo('propose', join(folder, 'nowhere.txt'))).status).toBe(1);
  expect((await gleddo('propose')).status).toBe(2);
});
