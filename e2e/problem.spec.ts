import { expect, test, type Page } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { choose, comeInAs } from './people.js';

const PROBLEM = `Nether Quay Pottery makes and sells bowls. On 1 May 2027 its owner begins the books.

1. The owner puts 12,000 into the business’s bank account.
2. Buys a kiln for 6,000, half from the bank, the rest is owed to Fenn Ovens.
3. Pays 1,800 for three months’ rent of the workshop, from 1 May.
4. Buys clay and glazes on account, 640.
5. Sells bowls for 1,150, of which 400 in cash.
6. Agrees to make a dinner service for the inn in June, 900.
7. Receives a third of it from the inn in advance.
8. Pays Fenn Ovens 1,000.
9. Squares up with the carrier.
10. Takes 250 home.`;

const counted = (page: Page) => page.getByRole('main').locator('..').getByRole('status').first();

async function pasteIt(page: Page, text: string): Promise<void> {
  await comeInAs(page, 'Ruth Marsh', '/exercises');
  await page.getByRole('link', { name: 'From a problem’s text' }).click();
  await page.getByLabel('The text').fill(text);
  await page.keyboard.press('Control+Enter');
}

test('a problem’s text becomes an exercise, by keys, and is handed out', async ({ page }) => {
  await pasteIt(page, PROBLEM);
  await expect(counted(page)).toHaveText('8 of 10 understood · 1 to look at · 2 to be done');
  const books = page.getByRole('region', { name: 'What it does to the books' });
  const current = books.locator('li[aria-current="true"]');
  await expect(current).toContainText('supplies or inventory?');
  await nothingSerious(page, 'a problem’s text', 'main');
  await page.keyboard.press('2');
  await expect(books.locator('li').nth(3)).toContainText('Inventory');
  await expect(current).toContainText('No amount moves by this');
  await current.getByRole('button', { name: 'Leave it as a sentence' }).click();
  await expect(current).toContainText('Not understood: who is owed how much isn’t said.');
  await page.reload();
  await expect(counted(page)).toHaveText('9 of 10 understood · 1 to be done');
  await page
    .getByRole('button', { name: /Buys a kiln/ })
    .first()
    .click();
  await expect(current).toContainText('Fenn Ovens');
  await page.keyboard.press('Enter');
  await expect(current).toContainText('Not understood');
  await page.keyboard.press('F2');
  await page.getByRole('button', { name: 'Take it so' }).click();
  await expect(page.getByRole('alert')).toHaveText('An entry moves at least two accounts.');
  await books.getByLabel('Account', { exact: true }).first().fill('Carriage in');
  await books.getByLabel('Debit', { exact: true }).first().fill('35');
  await books.getByLabel('Account', { exact: true }).last().fill('Bank');
  await books.getByLabel('Credit', { exact: true }).last().fill('30');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText('5.00 more in debit.');
  await books.getByLabel('Credit', { exact: true }).last().fill('35');
  await page.keyboard.press('Enter');
  await expect(counted(page)).toHaveText('10 of 10 understood');

  await page.getByRole('button', { name: 'Take these 9' }).click();
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(
    page.getByRole('heading', { name: 'Nether Quay Pottery: what happened' }),
  ).toBeVisible();
  await expect(
    page.getByText(/35\.00 on “Carriage in” is neither told nor reckoned/),
  ).toBeVisible();
  await page.getByLabel('Class group').click();
  await choose(page, /^Bookkeeping, spring term/);
  await page.getByRole('button', { name: 'Hand out', exact: true }).click();
  await page.getByRole('link', { name: 'Steps', exact: true }).click();
  await expect(page.getByText('1 May 2027: Buys clay and glazes on account, 640.')).toBeVisible();
});

test('a text in which nothing happens says so, and is not lost', async ({ page }) => {
  await pasteIt(page, 'A pottery by the sea.');
  await expect(page.getByText(/^Nothing happens in this text/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to the text' }).click();
  await expect(page.getByLabel('The text')).toHaveValue('A pottery by the sea.');
});

test('what the text lists is settled, a wrong type is put right, and a mended text keeps what was said', async ({
  page,
}) => {
  const text = `Sable Loft sells lamps. Its books begin on 1 May 2027.

Bank 900
Workshop bits 100
Capital 1,000

The owner puts 500 into the bank.
Buys wire on account, 40.`;
  await pasteIt(page, text);
  const books = page.getByRole('region', { name: 'What it does to the books' });
  await expect(books.getByText('What the text lists')).toBeVisible();
  await books.getByRole('button', { name: 'The type of Workshop bits is right' }).click();
  await expect(books.getByRole('row', { name: /Workshop bits/ })).not.toContainText('type?');
  await books.getByLabel('Type of Workshop bits').click();
  await choose(page, 'Supplies');
  await expect(books.getByRole('row', { name: /Workshop bits/ })).not.toContainText('type?');
  await nothingSerious(page, 'what a text lists', 'main');
  await books.getByRole('button', { name: /Buys wire/ }).click();
  await page.keyboard.press('F2');
  await books.getByLabel('Type', { exact: true }).first().click();
  await choose(page, 'Repairs');
  await page.getByRole('button', { name: 'Take it so' }).click();
  await expect(books.locator('li').nth(1)).toContainText('repairs');
  await page.getByRole('button', { name: 'Back to the text' }).click();
  await page.getByLabel('The text').fill(text.replace('puts 500', 'puts 700'));
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(books.locator('li').nth(0)).toContainText('700');
  await expect(books.locator('li').nth(1)).toContainText('repairs');
  await page.getByRole('button', { name: 'Back to the text' }).click();
  await page.getByLabel('The text').fill('a '.repeat(26_000));
  await expect(page.getByRole('alert')).toContainText('longer than a problem can be');
  await expect(page.getByRole('button', { name: 'Read it' })).toBeDisabled();
});
