import { chromium, expect, test, type Page } from '@playwright/test';
import { launchOptions } from '../scripts/chromium.mjs';
import { OwnServer } from './own-server.js';

const server = new OwnServer(false);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

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
  await page.goto(server.address);
  await expect(page.getByText('You are the first instructor.')).toBeVisible();
  await page.getByLabel('Your name').fill('Ada Quince');
  await page.getByLabel('Name to sign in with').fill('ada');
  await page.getByLabel(/^Password/).fill('short');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('alert')).toHaveText('Choose a password of at least 10 characters.');
  await page.getByLabel(/^Password/).fill('a long enough one');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('link', { name: 'From a company of your own' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Quince and Daughter');
  await page.getByRole('button', { name: 'Open the book' }).click();
  await line(page).click();
  await add(page, 'Bank');
  await expect(page.locator('.saved')).toHaveText('Saved');
  await server.end('SIGKILL');
  await add(page, 'Till');
  await expect(page.locator('.saved')).toHaveText('Kept here; waiting for the server');
  await add(page, 'Deposits paid');
  await server.start();
  await expect(page.locator('.saved')).toHaveText('Saved');
  await page.reload();
  for (const name of ['Bank', 'Till', 'Deposits paid'])
    await expect(page.locator('.row.account').filter({ hasText: name })).toBeVisible();
});

test('over plain http, by another name than localhost, all can be changed and is saved', async () => {
  const browser = await chromium.launch(
    launchOptions('--host-resolver-rules=MAP books.school 127.0.0.1'),
  );
  const page = await browser.newPage();
  await page.goto(server.address.replace('localhost', 'books.school'));
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  const isFirst = page.getByText('You are the first instructor.');
  await expect(isFirst.or(page.getByRole('heading', { name: 'Sign in' }))).toBeVisible();
  if (await isFirst.isVisible()) {
    await page.getByLabel('Your name').fill('Bo Plain');
    await page.getByLabel('Name to sign in with').fill('bo');
    await page.getByLabel(/^Password/).fill('a long enough one');
    await page.getByRole('button', { name: 'Begin' }).click();
  } else {
    await page.getByLabel('Name you sign in with').fill('ada');
    await page.getByLabel('Password', { exact: true }).fill('a long enough one');
    await page.getByRole('button', { name: 'Sign in' }).click();
  }
  await page.getByRole('link', { name: 'From a company of your own' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Plainly Reached');
  await page.getByRole('button', { name: 'Open the book' }).click();
  await line(page).click();
  await add(page, 'Bank over plain http');
  await expect(page.locator('.saved')).toHaveText('Saved');
  await page.reload();
  await expect(page.locator('.row.account').filter({ hasText: 'Bank over plain' })).toBeVisible();
  await browser.close();
});
