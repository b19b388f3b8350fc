import { expect, test } from '@playwright/test';
import { choose, comeInAs, saved } from './people.js';

test('the history is told in sentences; a moment is named, looked at and gone back to', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'New company' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Plover Print');
  await page.getByRole('button', { name: 'Open the book' }).click();
  const line = page.getByRole('textbox', { name: 'New account in Current assets', exact: true });
  await line.click();
  for (const name of ['Bank', 'Paper in stock', 'Stamps']) {
    await page.keyboard.type(name);
    await page.keyboard.press('Enter');
  }
  await saved(page);
  await page.getByRole('link', { name: 'History', exact: true }).click();
  const history = page.getByRole('region', { name: 'History' });
  await expect(
    history.getByRole('button', { name: /“1010 Bank” added in Current assets/ }),
  ).toBeVisible();
  await history.getByRole('button', { name: /Paper in stock/ }).click();
  await expect(page.locator('.spread')).not.toContainText('Stamps');
  await expect(page.locator('.spread')).toContainText('Paper in stock');
  await history.getByLabel('Name of this moment').fill('Before the stamps');
  await history.getByRole('button', { name: 'Name it' }).click();
  await expect(history.locator('.history-moment-name')).toHaveText('Before the stamps');
  await history.getByRole('button', { name: 'Go back to it' }).click();
  await expect(history.getByRole('button', { name: /“1030 Stamps” deleted/ })).toBeVisible();
  await page.getByRole('link', { name: 'Chart', exact: true }).click();
  await expect(page.locator('.row.account')).toHaveCount(3);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.row.account')).toHaveCount(4);
  await saved(page);
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await page.getByLabel('Title').fill('Without the stamps');
  await page.getByLabel('The book', { exact: true }).click();
  await choose(page, 'at the moment “Before the stamps”');
  await page.getByRole('radio', { name: /^The whole book/ }).check();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.locator('#brief-text')).toBeVisible();
  await page.getByRole('link', { name: 'Answer key' }).click();
  await expect(page.locator('.row.account')).toHaveCount(3);
});
