import { expect, test, type Page } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { choose, signInFirst } from './people.js';

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

/** A sample is laid out, looked at and thrown away: nothing of it is left. */
async function looksAround(page: Page): Promise<void> {
  const sample = page.getByRole('region', { name: 'A sample' });
  await sample.getByRole('button', { name: 'Lay out a sample' }).click();
  await expect(page.getByRole('region', { name: 'Waits for you' })).toContainText('Sample');
  await sample.getByRole('link', { name: 'The class’s results' }).click();
  await expect(page.getByText('Edda Fairley').first()).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await sample.getByRole('button', { name: 'Throw the sample away' }).click();
  await page.getByRole('button', { name: 'Throw it away' }).click();
  await expect(sample.getByRole('button', { name: 'Lay out a sample' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Waits for you' })).toHaveCount(0);
}

test('who comes first is led from nothing to an exercise handed out; its student is told the first minute', async ({
  page,
}) => {
  await page.goto(empty.address);
  await page.getByLabel('Your name').fill('Ada Holm');
  await page.getByLabel('Name to sign in with').fill('ada');
  await page.getByLabel('Password, 10 characters or more').fill('a long password of mine');
  await page.keyboard.press('Enter');
  const first = page.getByRole('region', { name: 'What comes first' });
  const steps = first.getByRole('listitem');
  await expect(page.getByRole('region', { name: 'What this is' })).toContainText('in the margin');
  await nothingSerious(page, 'the first today', 'main');
  await expect(steps.first()).toHaveAttribute('aria-current', 'step');
  await looksAround(page);
  await expect(steps.first()).toHaveAttribute('aria-current', 'step');
  await first.getByRole('link', { name: 'A class list' }).click();
  await page.getByLabel('Name of the new class group').fill('Evening class');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: /Evening class/ }).click();
  await page.getByLabel(/^A name on each line/).fill('Nell Harbour');
  await page.getByRole('button', { name: 'Add them' }).click();
  const password = await page.locator('code').innerText();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(steps.first()).toContainText('✓');
  await expect(steps.nth(1)).toHaveAttribute('aria-current', 'step');
  await first.getByRole('link', { name: 'From the shelf' }).click();
  await page.getByRole('link', { name: 'Two partners share a profit' }).click();
  await page.getByRole('button', { name: 'Take it and hand it out' }).click();
  await page.getByLabel('Class group').click();
  await choose(page, /^Evening class/);
  await page.getByRole('button', { name: 'Hand out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Handed out' })).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByRole('region', { name: 'This week' })).toBeVisible();
  await expect(first).toHaveCount(0);

  const nell = await page.context().browser()?.newPage();
  if (!nell) throw new Error('There is no browser.');
  await signInFirst(nell, 'nell.harbour', { password, address: empty.address });
  await nell.getByRole('link', { name: /Two partners/ }).click();
  await expect(nell.getByRole('region', { name: 'The first minute' })).toContainText('steps');
  await nell.getByRole('button', { name: 'Begin' }).click();
  await expect(nell.getByRole('navigation', { name: 'Steps' })).toBeVisible();
});
