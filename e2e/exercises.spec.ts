import { expect, test, type Browser, type Page } from '@playwright/test';
import { comeInAs, saved, signIn } from './people.js';

const HEADERS = { 'x-gleddo': '1' };

const ACCOUNTS = [
  { id: 'bank', number: '1010', name: 'Bank', type: 'bank' },
  { id: 'ovens', number: '1510', name: 'Ovens', type: 'plant-equipment' },
  { id: 'loan', number: '2510', name: 'Oven loan', type: 'long-term-loan' },
  { id: 'kept', number: '3100', name: 'Profits kept', type: 'retained-earnings' },
  { id: 'bread', number: '4010', name: 'Bread sold', type: 'goods-sales' },
  { id: 'flour', number: '5010', name: 'Flour used', type: 'cost-of-goods-sold' },
];

async function ask(page: Page, path: string, data: object): Promise<Record<string, unknown>> {
  const answer = await page.request.post(`/api/${path}`, { headers: HEADERS, data });
  expect(answer.ok(), await answer.text()).toBe(true);
  return (await answer.json()) as Record<string, unknown>;
}

/** A bakery of six accounts, its chart open before the instructor. */
async function openBakery(page: Page, name: string): Promise<void> {
  await comeInAs(page, 'Ruth Marsh');
  const book = {
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
  };
  const made = await ask(page, 'companies', { book });
  await page.goto(`/companies/${String(made['bookId'])}/chart`);
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

interface Made {
  readonly id: string;
  readonly login: string;
  readonly password: string;
}

/** Makes an exercise of a kind through the page, and hands it out to a class group of one. */
async function handOut(page: Page, kind: string, title: string, student: string): Promise<Made> {
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await page.getByLabel('Title').fill(title);
  await page.getByRole('radio', { name: new RegExp(`^${kind}`) }).check();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.locator('#brief-text')).toBeVisible();
  const id = /exercises\/([^/]+)/.exec(page.url())?.[1] ?? '';
  const group = await ask(page, 'groups', { name: `Group for ${title}` });
  const added = await ask(page, `groups/${String(group['id'])}/members`, { names: [student] });
  const [person] = added['added'] as { login: string; password: string }[];
  await ask(page, `exercises/${id}/hand-out`, { groupId: group['id'] });
  return { id, login: person?.login ?? '', password: person?.password ?? '' };
}

async function begin(browser: Browser, page: Page, made: Made, title: string): Promise<Page> {
  const student = await browser.newPage({ baseURL: new URL(page.url()).origin });
  await signIn(student, made.login, made.password);
  await student.getByRole('link', { name: new RegExp(title) }).click();
  await student.getByRole('button', { name: 'Begin' }).click();
  await expect(student.getByRole('grid', { name: 'Balance sheet' })).toBeVisible();
  return student;
}

const row = (page: Page, name: string) =>
  page.locator('.row.account').filter({ has: page.getByText(name, { exact: true }) });

async function handIn(student: Page): Promise<void> {
  await saved(student);
  await student.getByRole('button', { name: 'Hand in' }).click();
  await student.getByRole('dialog').getByRole('button', { name: 'Hand in' }).click();
  await expect(student.getByText(/^Handed in/)).toBeVisible();
}

async function notesOf(page: Page, made: Made, student: string) {
  await page.goto(`/results/${made.id}`);
  await page.getByRole('link', { name: student }).click();
  await expect(page.locator('.marked-spread')).toBeVisible();
  return page.getByRole('article', { name: /^Note \d/ });
}

async function giveBack(page: Page, student: Page, made: Made): Promise<void> {
  await page.getByRole('button', { name: 'Give back' }).click();
  await expect(page.getByText('✓ given back')).toBeVisible();
  await student.goto(`/mine/${made.id}`);
  await expect(student.locator('.marked-spread')).toBeVisible();
}

test('place them: from the tray each account goes to its place; one goes wrong', async ({
  page,
  browser,
}) => {
  await openBakery(page, 'Crumb Lane Bakery');
  const made = await handOut(page, 'Place them', 'Place the bakery', 'Pia Crust');
  const student = await begin(browser, page, made, 'Place the bakery');
  await expect(student.locator('.tray .row.account')).toHaveCount(5);
  const place = async (name: string, type: string) => {
    await row(student, name).click();
    const slip = student.getByRole('complementary', { name: `Account ${name}` });
    await slip.getByLabel('Placed in').click();
    await student.keyboard.type(type);
    await student.keyboard.press('Enter');
    await expect(slip.getByTitle(new RegExp(`› ${type}$`))).toBeVisible();
    await slip.getByRole('button', { name: 'Done' }).click();
  };
  await row(student, 'Bank').click();
  await student.keyboard.press('Escape');
  await student.keyboard.press('Alt+ArrowDown');
  await expect(
    student.getByRole('rowgroup', { name: 'Current assets', exact: true }),
  ).toContainText('Bank');
  await place('Ovens', 'Repairs');
  await place('Oven loan', 'Long-term loan');
  await place('Bread sold', 'Sales of goods');
  await place('Flour used', 'Cost of goods sold');
  await expect(student.locator('.tray')).toHaveCount(0);
  await handIn(student);
  const notes = await notesOf(page, made, 'Pia Crust');
  await expect(notes).toHaveCount(1);
  await expect(notes).toContainText('On the wrong statement');
  await expect(notes).toContainText('Ovens');
  await giveBack(page, student, made);
  await student.close();
});

test('number them: placed accounts get numbers by the plan; a word from the check while working', async ({
  page,
  browser,
}) => {
  await openBakery(page, 'Rye and Sons');
  const made = await handOut(page, 'Number them', 'Number the bakery', 'Ned Loaf');
  await page.goto(`/exercises/${made.id}/checks`);
  await page.getByRole('checkbox', { name: /^Checking while working/ }).check();
  await page.getByRole('checkbox', { name: /^The bands of the number plan/ }).uncheck();
  await page.getByRole('button', { name: 'Keep the checks' }).click();
  await expect(page.getByRole('button', { name: 'Keep the checks' })).toBeDisabled();
  const student = await begin(browser, page, made, 'Number the bakery');
  await expect(student.locator('.ruler')).toHaveCount(0);
  const number = async (name: string, text: string) => {
    await row(student, name).click();
    const slip = student.getByRole('complementary', { name: `Account ${name}` });
    await slip.getByLabel('Number', { exact: true }).fill(text);
    await slip.getByRole('button', { name: 'Done' }).click();
    await expect(row(student, name)).toContainText(text);
  };
  await number('Bank', '1100');
  await number('Ovens', '1600');
  await number('Oven loan', '2600');
  await number('Bread sold', '6100');
  await expect(student.getByText('lies outside')).toHaveCount(0);
  await number('Flour used', '5200');
  await saved(student);
  await student.getByRole('button', { name: 'Check so far' }).click();
  const dialog = student.getByRole('dialog');
  await expect(dialog).toContainText('1 are not met yet');
  await expect(dialog).toContainText('Number outside its band · Bread sold');
  await expect(dialog).not.toContainText('4000');
  await dialog.getByRole('button', { name: 'Go on working' }).click();
  await number('Bread sold', '4100');
  await handIn(student);
  await expect(await notesOf(page, made, 'Ned Loaf')).toHaveCount(0);
  await giveBack(page, student, made);
  await student.close();
});

test('mend it: planted faults are found, mended, and marked', async ({ page, browser }) => {
  await openBakery(page, 'Oat Street Ovens');
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await page.getByRole('radio', { name: /^Mend it/ }).check();
  await expect(page.getByLabel('on the wrong statement')).toHaveValue('1');
  await page.keyboard.press('Escape');
  const made = await handOut(page, 'Mend it', 'Mend the bakery', 'Mia Kneader');
  const student = await begin(browser, page, made, 'Mend the bakery');
  const before = await student.locator('.row.account .name').allTextContents();
  expect(before).toHaveLength(6);
  await handIn(student);
  const notes = await notesOf(page, made, 'Mia Kneader');
  await expect(notes).toHaveCount(3);
  const said = (await notes.allTextContents()).join(' ');
  expect(said).toContain('On the wrong statement');
  expect(said).toContain('In the wrong section');
  expect(said).toContain('Number outside its band');
  await giveBack(page, student, made);
  await student.close();
});
