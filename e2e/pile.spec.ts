import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { expect, test, type Page } from '@playwright/test';
import ExcelJS from 'exceljs';
import Papa from 'papaparse';
import { OwnServer } from './own-server.js';
import { comeInAs } from './people.js';

const server = new OwnServer(true);
const folder = mkdtempSync(join(tmpdir(), 'gleddo-pile-'));
test.beforeAll(async () => {
  test.setTimeout(400_000);
  await server.start();
});
test.afterAll(async () => {
  await server.throwAway();
  rmSync(folder, { recursive: true, force: true });
});

const SIZE = 100;
const root = join(import.meta.dirname, '..');
const run = promisify(execFile);

interface BookFile {
  readonly accounts: { id: string; number?: string; name: string; type: string }[];
  readonly opening: { balances: { account: string; debit?: string; credit?: string }[] };
  readonly entries: { lines: { account: string; debit?: string; credit?: string }[] }[];
}

const studentAt = (i: number) => `Pupil ${String(i + 1).padStart(3, '0')}`;

/** What each account stands at, in minor units: debits above zero. */
function balancesOf({ opening, entries }: BookFile): ReadonlyMap<string, number> {
  const balances = new Map<string, number>();
  for (const { account, debit = '0', credit = '0' } of [
    ...opening.balances,
    ...entries.flatMap(({ lines }) => lines),
  ]) {
    const amount = Math.round((Number(debit) - Number(credit)) * 100);
    balances.set(account, (balances.get(account) ?? 0) + amount);
  }
  return balances;
}

/** A book with as many faults as its turn says: an entry left out, an account under another type. */
function spoilt(book: BookFile, i: number): BookFile {
  const entries = book.entries.filter((_, at) => i % 3 === 0 || at !== i % book.entries.length);
  const accounts = book.accounts.map((each, at) =>
    i % 4 === 1 && at === i % book.accounts.length ? { ...each, type: 'sundry-operating' } : each,
  );
  return { ...book, accounts, entries };
}

const plain = (amount: number) => (amount / 100).toFixed(2);
const german = (amount: number) => plain(amount).replace('.', ',');

function rowsOf(book: BookFile) {
  const balances = balancesOf(book);
  return book.accounts
    .map(({ id, number = '', name }) => ({ number, name, amount: balances.get(id) ?? 0 }))
    .filter(({ amount }) => amount !== 0);
}

const BROKEN = [
  '%PDF-1.7 nothing',
  '{"format": "gleddo-book", "version": 1, "comp',
  '',
  '{"a": 1}',
];

async function workbook(book: BookFile): Promise<Buffer> {
  const made = new ExcelJS.Workbook();
  made.addWorksheet('Cover').addRow(['My books']);
  const sheet = made.addWorksheet('Balances');
  sheet.addRow(['No', 'Account', 'Balance']);
  for (const { number, name, amount } of rowsOf(book)) sheet.addRow([number, name, amount / 100]);
  return Buffer.from(await made.xlsx.writeBuffer());
}

/** A file of each kind in turn, some of them broken. */
async function fileOf(book: BookFile, i: number): Promise<{ ending: string; bytes: Buffer }> {
  const work = spoilt(book, i);
  const text = (ending: string, said: string) => ({ ending, bytes: Buffer.from(said) });
  if (i % 20 === 19) return text('csv', BROKEN[Math.floor(i / 20) % BROKEN.length] ?? '');
  if (i % 4 === 0) return text('json', JSON.stringify(work));
  if (i % 4 === 1) return { ending: 'xlsx', bytes: await workbook(work) };
  const rows = rowsOf(work);
  if (i % 4 === 2) {
    const sides = rows.map(({ number, name, amount }) =>
      amount > 0 ? [number, name, plain(amount), ''] : [number, name, '', plain(-amount)],
    );
    return text('csv', Papa.unparse([['Number', 'Name', 'Debit', 'Credit'], ...sides]));
  }
  const signed = rows.map(({ number, name, amount }) => [number, name, german(amount)]);
  return text('csv', Papa.unparse([['Konto', 'Name', 'Saldo'], ...signed], { delimiter: ';' }));
}

/** A class of a hundred that has the exercise, and the exercise as its file. */
async function classOfHundred(page: Page): Promise<{ exercise: string; id: string }> {
  const ask = async (method: 'get' | 'post', path: string, data?: object) => {
    const headers = { 'x-gleddo': '1' };
    const to = `${server.address}/api/${path}`;
    const answer = await page.request[method](to, { headers, ...(data ? { data } : {}) });
    return answer.json();
  };
  const group = await ask('post', 'groups', { name: 'A pile' });
  const names = Array.from({ length: SIZE }, (_, i) => studentAt(i));
  await ask('post', `groups/${group.id}/members`, {
    students: names.map((name) => ({ name, number: '', email: '' })),
    same: Object.fromEntries(names.map((_, at) => [at, 'new'])),
  });
  const exercises = (await ask('get', 'exercises')) as { id: string; title: string }[];
  const id = exercises.find(({ title }) => /^Quarter-end/.test(title))?.id ?? '';
  await ask('post', `exercises/${id}/hand-out`, { groupId: group.id });
  return { id, exercise: JSON.stringify(await ask('get', `exercises/${id}/file`)) };
}

/** What the command makes of the pile, by file: its points, or why it can’t be read. */
async function byCommand(exercise: string): Promise<ReadonlyMap<string, Record<string, string>>> {
  const marks = join(folder, 'marks.csv');
  const key = join(folder, 'the.exercise.json');
  writeFileSync(key, exercise);
  const args = [
    'cli/bin/gleddo.mjs',
    'check',
    key,
    join(folder, 'works'),
    '--as-read',
    '--csv',
    marks,
  ];
  await run(process.execPath, args, { cwd: root }).catch((error: { code: number }) =>
    expect(error.code).toBe(1),
  );
  const text = readFileSync(marks, 'utf8').replace(/^\ufeff/, '');
  const { data } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: true,
  });
  return new Map(data.map((row) => [row['work'] ?? '', row]));
}

test('a pile of a hundred mixed files is marked alike by the page and by the command', async ({
  page,
}) => {
  test.setTimeout(300_000);
  await comeInAs(page, 'Ruth Marsh', server.address);
  const { exercise, id } = await classOfHundred(page);
  const { book } = (JSON.parse(exercise) as { key: { book: BookFile } }).key;
  const files = await Promise.all(
    Array.from({ length: SIZE }, async (_, i) => {
      const { ending, bytes } = await fileOf(book, i);
      return { name: `${studentAt(i)}.${ending}`, mimeType: 'text/plain', buffer: bytes };
    }),
  );
  const works = join(folder, 'works');
  await run('mkdir', ['-p', works]);
  for (const { name, buffer } of files) writeFileSync(join(works, name), buffer);
  const marks = await byCommand(exercise);
  const unread = [...marks.values()].filter(({ score }) => score === '');
  expect(marks.size).toBe(SIZE);
  expect(unread).toHaveLength(5);

  await page.goto(`${server.address}/results/${id}/files`);
  await page.getByLabel('Choose files').setInputFiles(files);
  await expect(page.getByText(`${SIZE} files · 5 can’t be read`)).toBeVisible({ timeout: 120_000 });
  for (const { name } of files) {
    const row = marks.get(name);
    const item = page.locator('li').filter({ hasText: name });
    const says =
      row?.['score'] === '' ? '× can’t be read' : `${row?.['score']} of ${row?.['resultValueMax']}`;
    await expect(item).toContainText(says);
  }
  await page.getByRole('button', { name: `Put ${SIZE} beside the class` }).click();
  await expect(page.getByText('✓ beside the class')).toHaveCount(SIZE, { timeout: 120_000 });

  const marked = async () => {
    const answer = await page.request.get(`${server.address}/api/exercises/${id}/results`);
    return (await answer.json()) as {
      checking: object | null;
      rows: {
        student: string;
        points: number | null;
        of: number | null;
        checked: string;
        checkFault: string | null;
      }[];
    };
  };
  await expect(async () => {
    const { checking, rows } = await marked();
    expect(checking === null && rows.every(({ checked }) => checked !== 'waiting')).toBe(true);
  }).toPass({ timeout: 120_000 });
  const { rows } = await marked();
  for (const { name } of files) {
    const row = marks.get(name);
    const mark = rows.find(({ student }) => name.startsWith(student));
    if (row?.['score'] === '') {
      const reason = mark?.checkFault?.replace('This work could not be checked. ', '');
      expect(row['comment']?.replaceAll(`${join(works, name)}: `, '')).toContain(reason);
      continue;
    }
    expect(`${name} ${mark?.points} of ${mark?.of}`).toBe(
      `${name} ${row?.['score']} of ${row?.['resultValueMax']}`,
    );
  }
});
