import { expect, test } from '@playwright/test';
import { HOSTILE_FILES } from '../scripts/hostile-files.mjs';
import { OwnServer } from './own-server.js';
import { comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('files that mean harm, in one pile with a good one: each is told, the page goes on', async ({
  page,
}) => {
  test.setTimeout(300_000);
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.goto(`${server.address}/results`);
  await page.getByRole('link', { name: /^Quarter-end/ }).click();
  await page.getByRole('link', { name: 'Files' }).click();
  const bad = HOSTILE_FILES.map(([name, bytes]) => ({
    ...{ name, mimeType: 'application/octet-stream', buffer: Buffer.from(bytes()) },
  })).filter(({ buffer }) => buffer.length < 4_000_000);
  const good = Buffer.from('Account,Debit,Credit\nBank,5,\nShare capital,,5\n');
  await page
    .getByLabel('Choose files')
    .setInputFiles([...bad, { name: 'good.csv', mimeType: 'text/csv', buffer: good }]);
  const list = page.getByRole('listitem');
  await expect(page.getByText(/^\d+ files · \d+ can’t be read/)).toBeVisible({ timeout: 200_000 });
  for (const { name } of bad.filter(({ name }) => !name.endsWith('.csv')))
    await expect(list.filter({ hasText: name }).first()).toContainText('can’t be read');
  await list.filter({ hasText: 'good.csv' }).getByRole('button', { name: /good/ }).click();
  await expect(page.getByRole('heading', { name: 'good.csv' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Who is who' })).toBeVisible();
});
