import { expect, type Browser, type Page } from '@playwright/test';
import { answerSheet, comeInAs, saved, giveBackHere, signInFirst } from './people.js';

const HEADERS = { 'x-gleddo': '1' };

const ACCOUNTS = [
  { id: 'bank', number: '1010', name: 'Bank', type: 'bank' },
  { id: 'ovens', number: '1510', name: 'Ovens', type: 'plant-equipment' },
  { id: 'loan', number: '2510', name: 'Oven loan', type: 'long-term-loan' },
  { id: 'kept', number: '3100', name: 'Profits kept', type: 'retained-earnings' },
  { id: 'bread', number: '4010', name: 'Bread sold', type: 'goods-sales' },
  { id: 'flour', number: '5010', name: 'Flour used', type: 'cost-of-goods-sold' },
];

/** Asks the server as whoever came in. */
export async function ask(
  page: Page,
  path: string,
  data: object,
): Promise<Record<string, unknown>> {
  const answer = await page.request.post(`/api/${path}`, { headers: HEADERS, data });
  expect(answer.ok(), await answer.text()).toBe(true);
  return (await answer.json()) as Record<string, unknown>;
}

const bakery = (name: string) => ({
  format: 'gleddo-book',
  version: 1,
  company: {
    name,
    firstDay: '2027-01-01',
    currency: 'EUR',
    periods: 12,
    legalForm: 'company',
    trade: 'Bakery',
  },
  scheme: 'current-first',
  numberPlan: 'four-digit',
  accounts: ACCOUNTS,
  opening: {
    date: '2026-12-31',
    balances: [
      { account: 'bank', debit: '500.00' },
      { account: 'ovens', debit: '2000.00' },
      { account: 'loan', credit: '1500.00' },
      { account: 'kept', credit: '1000.00' },
    ],
  },
  entries: [],
});

/** Many companies beside those of the demo, so that lists of them are longer than what they show. */
export async function manyCompanies(page: Page): Promise<void> {
  for (let i = 1; i <= 15; i++) await ask(page, 'companies', { book: bakery(`Bakery ${i}`) });
}

/** A bakery of six accounts, its chart open before the instructor. */
export async function openBakery(page: Page, name: string): Promise<void> {
  await comeInAs(page, 'Ruth Marsh');
  const made = await ask(page, 'companies', { book: bakery(name) });
  await page.goto(`/companies/${String(made['bookId'])}/chart`);
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

interface Made {
  readonly id: string;
  readonly login: string;
  readonly password: string;
}

/** Makes an exercise of a kind through the page, and hands it out to a class group of one. */
export async function handOut(
  page: Page,
  kind: string,
  { title, student }: { readonly title: string; readonly student: string },
): Promise<Made> {
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await page.getByLabel('Title').fill(title);
  await page.getByRole('radio', { name: new RegExp(`^${kind}`) }).check();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.locator('#brief-text')).toBeVisible();
  const id = /exercises\/([^/]+)/.exec(page.url())?.[1] ?? '';
  const group = await ask(page, 'groups', { name: `Group for ${title}` });
  const added = await ask(page, `groups/${String(group['id'])}/members`, {
    students: [{ name: student, number: '', email: '' }],
    same: { 0: 'new' },
  });
  const [person] = added['added'] as { login: string; password: string }[];
  await ask(page, `exercises/${id}/hand-out`, { groupId: group['id'] });
  return { id, login: person?.login ?? '', password: person?.password ?? '' };
}

export async function begin(
  browser: Browser,
  page: Page,
  { made, title }: { readonly made: Made; readonly title: string },
): Promise<Page> {
  const student = await browser.newPage({ baseURL: new URL(page.url()).origin });
  await signInFirst(student, made.login, { password: made.password });
  await student.getByRole('link', { name: new RegExp(title) }).click();
  await student.getByRole('button', { name: 'Begin' }).click();
  await expect(student.getByRole('grid', { name: 'Balance sheet' })).toBeVisible();
  return student;
}

export const row = (page: Page, name: string) =>
  page.locator('.row.account').filter({ has: page.getByText(name, { exact: true }) });

export async function handIn(student: Page): Promise<void> {
  await saved(student);
  await student.getByRole('button', { name: 'Hand in' }).click();
  await answerSheet(student.getByRole('dialog'), 'Hand in');
  await expect(student.getByText(/^Handed in/)).toBeVisible();
}

export async function notesOf(page: Page, made: Made, student: string) {
  await page.goto(`/results/${made.id}`);
  await page.getByRole('link', { name: student }).click();
  await expect(page.locator('.marked-spread')).toBeVisible();
  return page.getByRole('article', { name: /^Note \d/ });
}

export async function giveBack(page: Page, student: Page, made: Made): Promise<void> {
  await giveBackHere(page);
  await student.goto(`/mine/${made.id}`);
  await expect(student.locator('.marked-spread')).toBeVisible();
}
