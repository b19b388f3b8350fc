import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';

const demo = new OwnServer(true);
const empty = new OwnServer(false);
test.beforeAll(async () => {
  test.setTimeout(400_000);
  await Promise.all([demo.start(), empty.start()]);
});
test.afterAll(async () => {
  await Promise.all([demo.throwAway(), empty.throwAway()]);
});

test('an instructor comes in to what waits and what closes, and is led there', async ({ page }) => {
  await page.goto(demo.address);
  await page.getByRole('button', { name: /^Ruth Marsh/ }).click();
  const waits = page.getByRole('region', { name: 'Waits for you' });
  await expect(waits).toContainText('1 question to answer · 16 to mark');
  const week = page.getByRole('region', { name: 'This week' });
  const closing = week.getByRole('listitem').filter({ hasText: 'closes' }).first();
  await expect(closing).toContainText(/Where does it stand.* closes/);
  await expect(closing).toContainText('of 24 in');
  await expect(week.getByRole('listitem').filter({ hasText: 'opens' })).toContainText('A shop');
  await nothingSerious(page, 'today', 'main');
  await waits.getByRole('link', { name: 'Answer: Quarter-end at Tern Island' }).click();
  await expect(page.getByRole('heading', { name: 'Quarter-end at Tern Island' })).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await week.getByRole('link', { name: /Where does it stand/ }).click();
  await expect(page.getByRole('button', { name: /^When Bookkeeping/ })).toContainText('until');
});

test('who comes first is told what comes first, and sees what is done', async ({ page }) => {
  await page.goto(empty.address);
  await page.getByLabel('Your name').fill('Ada Holm');
  await page.getByLabel('Name to sign in with').fill('ada');
  await page.getByLabel('Password, 10 characters or more').fill('a long password of mine');
  await page.keyboard.press('Enter');
  const first = page.getByRole('region', { name: 'What comes first' });
  await expect(first.getByRole('listitem').first()).toHaveAttribute('aria-current', 'step');
  await first.getByRole('link', { name: 'A practice company' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Sable Lamps');
  await page.getByRole('button', { name: 'Open the book' }).click();
  await expect(page.getByRole('heading', { name: 'Sable Lamps' })).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(first.getByRole('listitem').first()).toContainText('✓');
  await expect(first.getByRole('listitem').nth(1)).toHaveAttribute('aria-current', 'step');
});
