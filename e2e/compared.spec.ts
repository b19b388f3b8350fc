import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { choose, comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('an exercise goes back to how it was; a colleague’s copy takes over what was changed since', async ({
  browser,
}) => {
  const [ruth, odile] = [await browser.newPage(), await browser.newPage()];
  await comeInAs(odile, 'Odile Fenn', `${server.address}/exercises`);
  await odile.getByRole('link', { name: /^Quarter-end/ }).click();
  await odile.getByRole('button', { name: 'Take a copy of your own' }).click();
  await expect(odile.getByRole('link', { name: 'Compare' })).toBeVisible();

  await comeInAs(ruth, 'Ruth Marsh', `${server.address}/exercises`);
  await ruth.getByRole('link', { name: /^Quarter-end/ }).click();
  await ruth.getByLabel('Title').fill('Quarter-end, and its adjustments');
  await ruth.getByRole('button', { name: 'Save the brief' }).click();
  await expect(ruth.getByText('Saved', { exact: true })).toBeVisible();

  await odile.getByRole('link', { name: 'Compare' }).click();
  await expect(odile.getByText('A copy of “Quarter-end, and its adjustments”')).toBeVisible();
  await nothingSerious(odile, 'an exercise compared', 'main');
  await odile.getByRole('button', { name: 'Take over 1 of 1' }).click();
  await expect(
    odile.getByRole('heading', { name: 'Quarter-end, and its adjustments' }),
  ).toBeVisible();
  await expect(odile.getByText('nothing was changed there that is not here')).toBeVisible();

  await ruth.getByText('What was changed of this exercise').click();
  await ruth.getByRole('link', { name: 'Compare with before' }).click();
  await ruth.getByRole('button', { name: 'Go back to how it was' }).click();
  await expect(ruth.getByRole('heading', { name: 'Quarter-end at Tern Island' })).toBeVisible();
  await ruth.getByRole('combobox', { name: 'Compare with' }).click();
  await choose(ruth, 'Six entries, five of them wrong');
  await expect(ruth.getByText('It speaks of what this key has not')).toBeVisible();
  await expect(ruth.getByRole('button', { name: /^Take over 0 of \d+/ })).toBeDisabled();
});
