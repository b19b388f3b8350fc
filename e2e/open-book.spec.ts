import { expect, test, type Page } from '@playwright/test';
import { openBakery, row } from './exercise-steps.js';
import { saved } from './people.js';

const line = (page: Page) =>
  page.getByRole('textbox', { name: 'New account in Current assets', exact: true });

async function add(page: Page, name: string): Promise<void> {
  await line(page).fill(name);
  await line(page).press('Enter');
}

const news = (page: Page) => page.getByRole('status').filter({ hasText: 'Changed in another' });
const refused = (page: Page) => page.locator('.book-tools-says.is-alert');

/** Lets nothing of what this tab does get through, as where the connection is lost. */
const cutOff = (page: Page) => page.route('**/api/books/**', (route) => route.abort());
const mend = (page: Page) => page.unroute('**/api/books/**');

async function secondTab(page: Page): Promise<Page> {
  const other = await page.context().newPage();
  await other.goto(page.url());
  await expect(row(other, 'Bank')).toBeVisible();
  return other;
}

test('two tabs see each other’s changes, in words, and undo what was done in the other', async ({
  page,
}) => {
  await openBakery(page, 'Two Tabs Bakery');
  const other = await secondTab(page);
  await add(other, 'Stamps');
  await expect(row(page, 'Stamps')).toBeVisible();
  await expect(news(page)).toContainText('“1020 Stamps” added in Current assets.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'Stamps')).toHaveCount(0);
  await expect(row(other, 'Stamps')).toHaveCount(0);
  await expect(other.getByRole('button', { name: 'Redo' })).toBeEnabled();
  await other.getByRole('button', { name: 'Redo' }).click();
  await expect(row(page, 'Stamps')).toBeVisible();
});

test('a tab that was cut off keeps what it does; what no longer fits is refused, and undo means the rest', async ({
  page,
}) => {
  await openBakery(page, 'Cut Off Bakery');
  const other = await secondTab(page);
  await add(page, 'Till');
  await saved(page);
  await expect(row(other, 'Till')).toBeVisible();
  await cutOff(page);
  await add(page, 'Tokens');
  await expect(page.locator('.saved')).toHaveText('Kept here; waiting for the server');
  await add(other, 'Vouchers');
  await saved(other);
  await mend(page);
  await expect(refused(page)).toContainText('Not done: “1030 Tokens” added in Current assets.');
  await expect(refused(page)).toContainText('belongs to “1030 Vouchers”');
  await expect(row(page, 'Tokens')).toHaveCount(0);
  await expect(row(page, 'Vouchers')).toBeVisible();
  await saved(page);
  for (const name of ['Vouchers', 'Till']) {
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(row(page, name)).toHaveCount(0);
  }
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await expect(row(other, 'Till')).toHaveCount(0);
});

test('an undo does not write over what the other tab wrote meanwhile, and says so', async ({
  page,
}) => {
  await openBakery(page, 'Written Over Bakery');
  await page.getByRole('link', { name: 'Opening' }).click();
  const bank = (tab: Page) => tab.getByRole('textbox', { name: 'Bank, debit' });
  await bank(page).fill('600');
  await bank(page).press('Enter');
  await saved(page);
  const other = await page.context().newPage();
  await other.goto(page.url());
  await expect(bank(other)).toHaveValue('600');
  await cutOff(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bank(page)).toHaveValue('500');
  await bank(other).fill('750');
  await bank(other).press('Enter');
  await saved(other);
  await mend(page);
  await expect(refused(page)).toContainText('it was changed again since');
  await expect(bank(page)).toHaveValue('750');
  await expect(bank(other)).toHaveValue('750');
});

test('after an undo and a refresh, redo is still there and does what it says', async ({ page }) => {
  await openBakery(page, 'Refreshed Bakery');
  await add(page, 'Till');
  await expect(row(page, 'Till')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'Till')).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(row(page, 'Bank')).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(row(page, 'Till')).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'Till')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('a lost connection is told, and what was missed meanwhile is fetched', async ({ page }) => {
  await openBakery(page, 'Silent Bakery');
  const other = await secondTab(page);
  await page.context().setOffline(true);
  await add(page, 'Done offline');
  await expect(page.locator('.saved')).toHaveText('Kept here; waiting for the server');
  await page.context().setOffline(false);
  await saved(page);
  await expect(row(other, 'Done offline')).toBeVisible();
});

test('a part of the pages that can’t be fetched is told, and comes when it can', async ({
  page,
}) => {
  await page.route('**/assets/JournalView*', (route) => route.abort());
  await openBakery(page, 'Half Loaded Bakery');
  await page.getByRole('link', { name: 'Journal' }).click();
  await expect(page.getByRole('heading', { name: 'This can’t be shown' })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
  await page.getByRole('link', { name: 'Chart', exact: true }).click();
  await expect(row(page, 'Bank')).toBeVisible();
  await page.getByRole('link', { name: 'Journal' }).click();
  await page.unroute('**/assets/JournalView*');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByLabel('What happened')).toBeVisible();
});

test('where a browser keeps nothing, all of it works as long as the page is open', async ({
  page,
}) => {
  const thrown: Error[] = [];
  page.on('pageerror', (error) => thrown.push(error));
  await page.addInitScript(() => {
    for (const name of ['getItem', 'setItem', 'removeItem'] as const)
      Storage.prototype[name] = () => {
        throw new DOMException('blocked', 'SecurityError');
      };
  });
  await openBakery(page, 'Forgetful Bakery');
  await line(page).click();
  await page.keyboard.type('Kept nowhere');
  await page.keyboard.press('Enter');
  await expect(row(page, 'Kept nowhere')).toBeVisible();
  await saved(page);
  expect(thrown).toEqual([]);
});

test('a day that is half typed stays, whatever another tab does meanwhile', async ({ page }) => {
  await openBakery(page, 'Bakery of days');
  const other = await secondTab(page);
  await page.getByRole('link', { name: 'Documents', exact: true }).click();
  const form = page.getByRole('form', { name: 'New document' });
  const day = form.getByLabel('Day');
  await day.click();
  await day.fill('3 Feb 2027');
  await add(other, 'Stamps');
  await expect(news(page)).toContainText('Stamps');
  await day.press('Enter');
  await form.getByRole('combobox', { name: 'What happened' }).focus();
  await expect(day).toHaveValue('3 Feb 2027');
});
