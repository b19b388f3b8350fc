import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { comeInAs, signIn } from './people.js';

const server = new OwnServer(true);

test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('a student chooses a password by a link that was made for them, and is in; the link is used up', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', `${server.address}/groups`);
  await page.getByRole('link', { name: /spring term/ }).click();
  await page.getByRole('button', { name: 'Change: Wim Aldous' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'A link to choose one' }).click();
  await expect(dialog.getByText(/^By this link Wim Aldous chooses a password, once/)).toBeVisible();
  const link = (await dialog.getByRole('code').textContent()) ?? '';
  expect(link).toContain('/link/');

  const other = await browser.newPage();
  const address = link.replace(/^https?:\/\/[^/]+/, server.address);
  await other.goto(address);
  await expect(other.getByRole('heading', { name: 'Welcome, Wim Aldous' })).toBeVisible();
  await nothingSerious(other, 'a link', 'main');
  await other.getByLabel('Password, 10 characters or more').fill('short');
  await other.getByRole('button', { name: 'Come in' }).click();
  await expect(other.getByRole('alert')).toContainText('at least 10 characters');
  await other.getByLabel('Password, 10 characters or more').fill('anchors at noon');
  await other.getByRole('button', { name: 'Come in' }).click();
  await expect(other.getByRole('navigation', { name: 'Main' })).toBeVisible();
  await expect(other).toHaveURL(`${server.address}/mine`);

  const third = await browser.newPage();
  await third.goto(address);
  await expect(third.getByRole('alert')).toContainText('This link has been used');
  await signIn(third, 'wim.aldous', { password: 'anchors at noon', address: server.address });
  await expect(third.getByRole('navigation', { name: 'Main' })).toBeVisible();
});
