import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { choose, comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('a closing day is dragged to another, which says for whom; a term goes over into the next', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', `${server.address}/today`);
  await page.getByRole('link', { name: 'The whole term' }).click();
  await expect(page.getByRole('heading', { name: 'The term' })).toBeVisible();
  await nothingSerious(page, 'the term', 'main');
  const closes = page.getByRole('button', { name: /^closes .*Where does it stand/ });
  const days = page.locator('td[data-day]');
  const dayOf = () => page.locator('td', { has: closes }).getAttribute('data-day');
  const before = (await dayOf()) ?? '';
  const all = await days.evaluateAll((cells) => cells.map((cell) => cell.getAttribute('data-day')));
  const wanted = all[all.indexOf(before) + 2] ?? '';
  const to = page.locator(`td[data-day="${wanted}"]`);
  // In the middle, where a page that is dragged to its edge doesn't roll.
  await to.evaluate((cell) => cell.scrollIntoView({ block: 'center' }));
  const from = await closes.boundingBox();
  if (!from) throw new Error('It stands nowhere.');
  await page.mouse.move(from.x + 20, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y + 30, { steps: 4 });
  await expect(async () => {
    const now = await to.boundingBox();
    if (!now) throw new Error('It stands nowhere.');
    await page.mouse.move(now.x + 30, now.y + 40, { steps: 8 });
    await expect(to).toHaveClass(/over/, { timeout: 1000 });
  }).toPass();
  await page.mouse.up();
  const dialog = page.getByRole('dialog', { name: /closes$/ });
  await expect(dialog).toContainText('11 students have begun, 9 handed in.');
  await expect(dialog.getByLabel('Closes')).toHaveValue(new RegExp(`^${wanted}T`));
  await dialog.getByRole('button', { name: 'Let it close then' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(to).toContainText('Where does it stand');
  await page.reload();
  await expect(to).toContainText('Where does it stand');

  await page.getByRole('button', { name: /^opens .*A shop at Tern Island/ }).click();
  const opens = page.getByRole('dialog', { name: /opens$/ });
  await opens.getByLabel('Opens').fill('2099-01-01T08:00');
  await opens.getByRole('button', { name: 'Let it open then' }).click();
  await expect(opens.getByRole('alert')).toContainText('It would close before it opens');
  await opens.getByRole('button', { name: 'Leave it' }).click();

  await page.goto(`${server.address}/groups`);
  await page.getByLabel('Name of the new class group').fill('Bookkeeping, autumn');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: /Bookkeeping, autumn/ })).toBeVisible();
  await page.goto(`${server.address}/term`);
  await page.getByRole('button', { name: /^Take it over/ }).click();
  const take = page.getByRole('dialog', { name: 'Take a term over' });
  await take.getByLabel('goes to').click();
  await choose(page, 'Bookkeeping, autumn');
  await take.getByLabel('so many weeks later').fill('26');
  await take.getByRole('button', { name: /^Hand \d+ exercises out/ }).click();
  await expect(take.getByRole('status')).toContainText('exercises handed out');
  await take.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('Bookkeeping, autumn').first()).toBeAttached();
});
