import { EXERCISE_PARTS, partChanges, USUAL_RULES } from '@gleddo/core';
import type { Answer, RunningApp, Visitor } from './running-app.js';
import { untilThere } from './until-there.js';

/** A class of students in a house without a demo: an instructor, a company, an exercise, and who does it. */
export interface TestClass {
  readonly ruth: Visitor;
  readonly exerciseId: string;
  readonly groupId: string;
  readonly students: readonly { readonly login: string; readonly password: string }[];
  /** Who the students are, in their order. */
  readonly ids: readonly string[];
}

const RUTH = { name: 'Ruth Marsh', login: 'ruth', password: 'a long password' };

const account = (
  id: string,
  name: string,
  { number, type }: { readonly number: string; readonly type: string },
) => ({
  ...{ id, name, number, type },
});

/** A small company: some accounts, opening balances, two entries. */
export const COMPANY = {
  format: 'gleddo-book',
  version: 1,
  company: { name: 'Quay Lamps', firstDay: '2027-01-01' },
  numberPlan: 'four-digit',
  accounts: [
    account('bank', 'Bank', { number: '1010', type: 'bank' }),
    account('debtors', 'Trade receivables', { number: '1100', type: 'trade-receivables' }),
    account('stock', 'Inventory', { number: '1200', type: 'inventory' }),
    account('van', 'Van', { number: '1510', type: 'vehicles' }),
    account('van-dep', 'Accumulated depreciation, van', {
      number: '1519',
      type: 'accumulated-depreciation',
    }),
    account('creditors', 'Trade payables', { number: '2010', type: 'trade-payables' }),
    account('capital', 'Share capital', { number: '3010', type: 'share-capital' }),
    account('kept', 'Retained earnings', { number: '3100', type: 'retained-earnings' }),
    account('sales', 'Sales of lamps', { number: '4010', type: 'goods-sales' }),
    account('rent', 'Rent', { number: '6010', type: 'premises' }),
  ],
  opening: {
    date: '2026-12-31',
    balances: [
      { account: 'bank', debit: '900.00' },
      { account: 'van', debit: '600.00' },
      { account: 'van-dep', credit: '100.00' },
      { account: 'capital', credit: '1400.00' },
    ],
  },
  entries: [
    {
      ...{ id: 'e1', date: '2027-01-15', kind: 'general', text: 'Rent' },
      lines: [
        { account: 'rent', debit: '50.00' },
        { account: 'bank', credit: '50.00' },
      ],
    },
  ],
};

/** A school’s list of these names, of whom each is somebody new, whoever else is called so. */
export const listOf = (names: readonly string[]) => ({
  students: names.map((name) => ({ name, number: '', email: '' })),
  same: Object.fromEntries(names.map((_, at) => [at, 'new'])),
});

/** Lets a house begin: its first instructor, a company, an exercise handed out to a class of so many. */
export async function classOf(running: RunningApp, size: number): Promise<TestClass> {
  const ruth = running.visitor();
  const first = await ruth.post('first-instructor', RUTH);
  const { login, password } = RUTH;
  if (first.status !== 200) await ruth.post('sign-in', { login, password });
  const { body: company } = await ruth.post('companies', { book: COMPANY });
  const { body: group } = await ruth.post('groups', { name: 'Evening class' });
  const names = Array.from({ length: size }, (_, i) => `Student ${String(i + 1).padStart(3, '0')}`);
  const { body: added } = await ruth.post(`groups/${group.id}/members`, listOf(names));
  const { body: exercise } = await ruth.post('exercises', {
    ...{ companyId: company.id, title: 'Place them', start: 'place-them' },
  });
  await ruth.post(`exercises/${exercise.id}/hand-out`, { groupId: group.id });
  const ids = added.added.map(({ id }: { id: string }) => id);
  return { ruth, exerciseId: exercise.id, groupId: group.id, students: added.added, ids };
}

/** The students of a class, each signed in. */
export async function signedIn(running: RunningApp, { students }: TestClass): Promise<Visitor[]> {
  return Promise.all(
    students.map(async ({ login, password }) => {
      const student = running.visitor();
      await student.post('sign-in', { login, password });
      return student;
    }),
  );
}

export interface Row {
  readonly student: string;
  readonly state: string;
  readonly checked: string | null;
  readonly checkFault: string | null;
  readonly points: number | null;
  readonly of: number | null;
  readonly tryId: string | null;
}

/** The rows of a class, once nothing of it waits to be checked any more. */
export async function checkedRows(ruth: Visitor, exerciseId: string): Promise<Row[]> {
  for (;;) {
    const { body } = await untilThere(() => ruth.get(`exercises/${exerciseId}/results`));
    const rows = body.rows as Row[];
    if (body.checking === null && rows.every(({ checked }) => checked !== 'waiting')) return rows;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

/** One student's whole go: signs in, begins, places what the tray holds, and hands in. */
export async function goThrough(
  running: RunningApp,
  { exerciseId }: TestClass,
  who: { readonly login: string; readonly password: string },
): Promise<number[]> {
  const student = running.visitor();
  const statuses: number[] = [];
  const asks = async (ask: () => Promise<Answer>) => {
    const answer = await untilThere(ask);
    statuses.push(answer.status);
    return answer;
  };
  const { login, password } = who;
  await asks(() => student.post('sign-in', { login, password }));
  const begun = await asks(() => student.post(`my-exercises/${exerciseId}/begin`));
  const path = `books/${begun.body.bookId}`;
  const opened = await asks(() => student.get(path));
  let { revision } = opened.body as { revision: number };
  for (const { id, type } of opened.body.book.accounts as { id: string; type?: string }[]) {
    if (type !== undefined) continue;
    const move = { kind: 'move-account', id, type: 'bank', parent: null, number: null };
    const sent = { revision, token: `${id}-${revision}`, operations: [move] };
    const done = await asks(() => student.post(`${path}/operations`, sent));
    revision = done.body.revision ?? revision;
  }
  await asks(() => student.post(`my-exercises/${exerciseId}/hand-in`));
  return statuses;
}

/** An exercise's parts, as the server tells them. */
async function partsNow(who: Visitor, exerciseId: string): Promise<Record<string, object>> {
  const { title, brief, keyRules, guide, ...rest } = (await who.get(`exercises/${exerciseId}`))
    .body;
  const rules = Object.fromEntries(Object.keys(USUAL_RULES).map((name) => [name, rest[name]]));
  return { title, brief, rules, keyRules, guide };
}

/** Changes what is given of an exercise, as a page does that has it before it: rules of the try by their names. */
export async function rework(
  who: Visitor,
  exerciseId: string,
  given: Readonly<Record<string, unknown>>,
): Promise<Answer> {
  const was = await partsNow(who, exerciseId);
  const { title, brief, keyRules, guide, ...rules } = { ...was, ...given } as typeof was;
  const now = {
    title,
    brief,
    keyRules,
    guide,
    rules: { ...was['rules'], ...rules['rules'], ...rules },
  };
  delete (now.rules as { rules?: unknown }).rules;
  const changes = partChanges(EXERCISE_PARTS, was, now);
  return who.post(`exercises/${exerciseId}/changes`, { changes });
}
