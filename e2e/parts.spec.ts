import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { choose, comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('some of a class are a group, have an exercise by themselves, and it counts for them alone', async ({
  browser,
}) => {
  const [ruth, sami, ines] = [
    await browser.newPage(),
    await browser.newPage(),
    await browser.newPage(),
  ];
  await comeInAs(ruth, 'Ruth Marsh', `${server.address}/groups`);
  await ruth.getByRole('link', { name: /^Bookkeeping, spring term/ }).click();
  const within = ruth.getByRole('region', { name: 'Groups within the class' });
  await within.getByRole('button', { name: 'New group' }).click();
  const dialog = ruth.getByRole('dialog');
  await dialog.getByLabel('What it is called').fill('Tuesday');
  await dialog.getByLabel('Sami Kettle').check();
  await dialog.getByLabel('Vera Quill').check();
  await nothingSerious(ruth, 'a group within a class', '[role="dialog"]');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(within).toContainText('2 students');

  await ruth.goto(`${server.address}/exercises/shelf`);
  await ruth.getByRole('link', { name: 'Customers who will not pay' }).click();
  await ruth.getByRole('button', { name: 'Take it and hand it out' }).click();
  await ruth.getByLabel('Class group').click();
  await choose(ruth, /› Tuesday, 2 students/);
  await ruth.getByRole('button', { name: 'Hand out', exact: true }).click();
  const row = ruth.getByRole('row', { name: /› Tuesday/ });
  await expect(row).toBeVisible();

  await comeInAs(sami, 'Sami Kettle', `${server.address}/mine`);
  await expect(sami.getByRole('link', { name: /^Customers who will not pay/ })).toBeVisible();
  await comeInAs(ines, 'Ines Okafor', `${server.address}/mine`);
  await expect(ines.getByRole('link', { name: /^Quarter-end/ })).toBeVisible();
  await expect(ines.getByRole('link', { name: /^Customers who will not pay/ })).toHaveCount(0);

  await ruth.goto(`${server.address}/groups`);
  await ruth.getByRole('link', { name: /^Bookkeeping, spring term/ }).click();
  await within.getByRole('button', { name: 'Tuesday' }).click();
  await dialog.getByRole('button', { name: 'Delete this group' }).click();
  await expect(dialog.getByText(/Take it back from this group first/)).toBeVisible();
});
