import { expect, test, type Page } from '@playwright/test';
import { openOwnCompany } from './own-company.js';
import { comeInAs } from './people.js';

async function openPart(page: Page, part: string, of = 'Juniper Lane Nursery'): Promise<void> {
  await openOwnCompany(page, of);
  await page.getByRole('link', { name: part, exact: true }).click();
}

test('a wrong password is refused in one sentence, and what was typed stays', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Name you sign in with').fill('ruth.marsh');
  await page.getByLabel('Password', { exact: true }).fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toHaveText(
    'The name and the password do not go together. Check both, and the capitals.',
  );
  await expect(page.getByLabel('Name you sign in with')).toHaveValue('ruth.marsh');
});

test('an amount that can’t be read is refused at its row, and stays to be mended', async ({
  page,
}) => {
  await openPart(page, 'Opening');
  const field = page.getByLabel('Till, debit');
  await field.fill('two hundred');
  await field.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“two hundred” is not an amount');
  await expect(field).toHaveValue('two hundred');
  await field.fill('200.005');
  await field.press('Enter');
  await expect(page.getByRole('alert')).toContainText('has more than 2 decimals');
  await field.fill('200');
  await field.press('Enter');
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('an entry out of balance is refused with its difference; a refresh loses nothing typed', async ({
  page,
}) => {
  await openPart(page, 'Journal');
  await page.getByLabel('What happened').fill('Peat for the beds');
  for (const [at, account] of [
    [1, 'Pots and compost'],
    [2, 'Bank'],
  ] as const) {
    await page.getByRole('combobox', { name: `Account of line ${at}` }).click();
    await page.keyboard.type(account);
    await page.keyboard.press('Enter');
  }
  await page.getByLabel('Debit of line 1').fill('90');
  await page.getByLabel('Credit of line 2').fill('80');
  await expect(page.getByText('× 10 more in debit')).toBeVisible();
  await page.getByRole('button', { name: 'Record' }).click();
  await expect(page.getByRole('alert')).toContainText(
    'Debits are 90.00, credits 80.00: 10.00 apart',
  );
  await page.reload();
  await expect(page.getByLabel('What happened')).toHaveValue('Peat for the beds');
  await expect(page.getByLabel('Credit of line 2')).toHaveValue('80');
  await page.getByLabel('Credit of line 2').fill('');
  await expect(page.getByText('✓ in balance')).toBeVisible();
  await page.getByRole('button', { name: 'Record' }).click();
  await expect(page.getByRole('listitem').first()).toContainText('Peat for the beds');
  await page.keyboard.press('Control+z');
});

test('a name that is too long, and a second account of a kind that a book has once', async ({
  page,
}) => {
  await openPart(page, 'Chart', 'Tern Island Kayaks');
  const line = page.getByRole('textbox', { name: 'New account in Equity', exact: true });
  await line.click();
  await line.fill('x'.repeat(140));
  await line.press('Enter');
  await expect(page.getByRole('alert')).toContainText('140 characters; 120 is the most');
  await line.fill('Retained earnings');
  await line.press('Enter');
  await expect(page.getByRole('alert')).toContainText('A book has exactly one');
  await line.press('Escape');
});

test('an address that leads nowhere says so', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.goto('/companies/nothing/chart');
  await expect(page.getByText('This book is not here, or not yours to see.')).toBeVisible();
  await page.goto('/nowhere/at/all');
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
  await page.getByRole('link', { name: 'Go to today' }).click();
  await expect(page.getByRole('heading', { name: 'Waits for you' })).toBeVisible();
});
