import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('a class gets a second try; a student begins it, looks back at the first, and hands in', async ({
  browser,
}) => {
  const [ruth, sami] = [await browser.newPage(), await browser.newPage()];
  await comeInAs(ruth, 'Ruth Marsh', `${server.address}/exercises`);
  await ruth.getByRole('link', { name: /^Quarter-end/ }).click();
  await ruth.getByRole('link', { name: 'Hand out' }).click();
  await ruth.getByRole('button', { name: /^When Bookkeeping, spring term has it/ }).click();
  await ruth.getByLabel('How often a student may try').fill('2');
  await ruth.getByLabel('Minutes that a try lasts').fill('4');
  await ruth.getByLabel('How often a student may try').click();
  await expect(ruth.getByLabel('Minutes that a try lasts')).toHaveValue('5');
  await ruth.getByLabel('Minutes that a try lasts').fill('');
  await ruth.getByText('the last counts').click();
  await ruth.getByRole('button', { name: 'Save the times' }).click();
  await expect(ruth.getByText('2 tries, the last counts')).toBeVisible();

  await comeInAs(sami, 'Sami Kettle', `${server.address}/mine`);
  await sami.getByRole('link', { name: /^Quarter-end/ }).click();
  await expect(sami.getByText('Your 1st try of 2; the last counts')).toBeVisible();
  await sami.getByRole('button', { name: 'Try again' }).click();
  await expect(sami.getByText('This one stays as it was given back to you')).toBeVisible();
  await sami.getByRole('button', { name: 'Begin another try' }).click();
  await expect(sami.getByRole('button', { name: 'Hand in' })).toBeVisible();
  await expect(sami.getByText('1310', { exact: true })).toHaveCount(0);
  await sami.getByRole('link', { name: '1st try' }).click();
  await expect(sami.getByText('Your 1st try, as it was given back.')).toBeVisible();
  await expect(sami.getByText('On the wrong statement')).toBeVisible();
  await nothingSerious(sami, 'a try of before', 'main');
  await sami.getByRole('link', { name: 'To your 2nd try' }).click();
  await sami.getByRole('button', { name: 'Hand in' }).click();
  await sami.getByRole('dialog').getByRole('button', { name: 'Hand in' }).click();
  await expect(sami.getByText(/^Handed in /)).toBeVisible();

  await ruth.getByRole('link', { name: 'See the results' }).first().click();
  await ruth.getByRole('link', { name: 'By student' }).click();
  const row = ruth.getByRole('row', { name: /Sami Kettle/ });
  await expect(row).toContainText('2nd try');
  await row.getByRole('link', { name: '1st try' }).click();
  await expect(ruth.getByRole('heading', { name: /Sami Kettle, 1st try/ })).toBeVisible();
  await expect(ruth.getByText('On the wrong statement')).toBeVisible();
  await nothingSerious(ruth, 'a try of before, looked at', 'main');
  await ruth.getByRole('link', { name: 'To the latest' }).click();
  await expect(ruth.getByRole('link', { name: /^1st try: / })).toBeVisible();
});
