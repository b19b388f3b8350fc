import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';

const PORT = 3219;
const ADDRESS = `http://localhost:${PORT}`;
const root = join(import.meta.dirname, '..');
const data = mkdtempSync(join(tmpdir(), 'gleddo-kill-'));

let server: ChildProcess;

async function start(): Promise<void> {
  server = spawn(process.execPath, ['server/dist/main.mjs'], {
    cwd: root,
    env: { ...process.env, GLEDDO_DATA: data, GLEDDO_PORT: String(PORT), GLEDDO_DEMO: '0' },
  });
  await new Promise<void>((resolve) =>
    server.stdout?.on('data', (said: Buffer) => {
      if (said.toString().includes('Gleddo is at')) resolve();
    }),
  );
}

const kill = () =>
  new Promise<void>((resolve) => {
    server.once('exit', () => resolve());
    server.kill('SIGKILL');
  });

test.beforeAll(start);
test.afterAll(async () => {
  await kill();
  rmSync(data, { recursive: true, force: true });
});

const line = (page: Page) =>
  page.getByRole('textbox', { name: 'New account in Current assets', exact: true });

async function add(page: Page, name: string): Promise<void> {
  await line(page).fill(name);
  await line(page).press('Enter');
  await expect(page.locator('.row.account').filter({ hasText: name })).toBeVisible();
}

test('the first visitor becomes the instructor; a kill of the server in the middle of work loses nothing', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto(ADDRESS);
  await expect(page.getByText('You are the first instructor.')).toBeVisible();
  await page.getByLabel('Your name').fill('Ada Quince');
  await page.getByLabel('Name to sign in with').fill('ada');
  await page.getByLabel(/^Password/).fill('short');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('alert')).toHaveText('Choose a password of at least 10 characters.');
  await page.getByLabel(/^Password/).fill('a long enough one');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('link', { name: 'New company' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Quince and Daughter');
  await page.getByRole('button', { name: 'Open the book' }).click();
  await line(page).click();
  await add(page, 'Bank');
  await expect(page.locator('.saved')).toHaveText('Saved');
  await kill();
  await add(page, 'Till');
  await expect(page.locator('.saved')).toHaveText('Kept here; waiting for the server');
  await add(page, 'Deposits paid');
  await start();
  await expect(page.locator('.saved')).toHaveText('Saved', { timeout: 20_000 });
  await page.reload();
  for (const name of ['Bank', 'Till', 'Deposits paid'])
    await expect(page.locator('.row.account').filter({ hasText: name })).toBeVisible();
});

test('of two tabs, the later one takes the newer book over and says why something is not done', async ({
  page,
  context,
}) => {
  await page.goto(ADDRESS);
  await page.getByLabel('Name you sign in with').fill('ada');
  await page.getByLabel('Password', { exact: true }).fill('a long enough one');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('link', { name: /Quince and Daughter/ }).click();
  await expect(line(page)).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await line(other).click();
  await add(other, 'Stamps');
  await expect(other.locator('.saved')).toHaveText('Saved');
  await line(page).fill('Tokens');
  await line(page).press('Enter');
  await expect(page.locator('.book-says')).toContainText('belongs to');
  await expect(page.locator('.row.account').filter({ hasText: 'Stamps' })).toBeVisible();
  await other.close();
});
