import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { comeInAs } from './people.js';

const server = new OwnServer(true);

test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('the marks of a term: weighed, one who was ill excused, and told to the student', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', `${server.address}/groups`);
  await page.getByRole('link', { name: /spring term/ }).click();
  await page.getByRole('link', { name: 'Marks', exact: true }).click();
  const row = page.getByRole('row', { name: /^Sami Kettle/ });
  await expect(row).toContainText('91.0 %');
  await nothingSerious(page, 'the marks over the term', 'main');
  await row.getByRole('button', { name: /Quarter-end/ }).click();
  await expect(row).toContainText('excused');
  await expect(row).not.toContainText('91.0 %');
  await row.getByRole('button', { name: /Quarter-end/ }).click();
  await expect(row).toContainText('91.0 %');
  const weight = page.getByLabel(/^Weight of Quarter-end/);
  await weight.fill('0');
  await weight.press('Enter');
  await expect(row).toContainText('no weight');
  await weight.fill('3');
  await weight.press('Enter');
  await expect(row).toContainText('91.0 %');

  const sami = await browser.newPage();
  await comeInAs(sami, 'Sami Kettle', server.address);
  await expect(sami.getByRole('region', { name: 'Over the term' })).toContainText('91.0 %');
});
