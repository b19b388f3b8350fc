import { expect, test } from '@playwright/test';
import { openOwnCompany } from './own-company.js';

test('a company in Germany: figures and days as there, typed, shown and saved', async ({
  page,
}) => {
  await openOwnCompany(page, 'Juniper Lane Nursery');
  await page.getByRole('link', { name: 'Profile' }).click();
  const place = page.getByLabel('Figures and days as in');
  await place.click();
  await place.fill('Germ');
  await page.getByTitle(/^Germany: 1\.234\.567,50/).click();
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await page.getByRole('link', { name: 'Opening' }).click();
  const bank = page.getByLabel(/^(\d+ )?Bank.*, debit$/).first();
  await bank.fill('1.234,5');
  await bank.press('Enter');
  await expect(bank).toHaveValue('1.234,50');
  await bank.fill('12,3,4');
  await bank.press('Enter');
  await expect(page.getByText('1234,50.')).toBeVisible();
  await bank.press('Escape');
  await page.reload();
  await expect(page.getByLabel(/^(\d+ )?Bank.*, debit$/).first()).toHaveValue('1.234,50');
});

test('a company in the United States writes the month first', async ({ page }) => {
  await openOwnCompany(page, 'Juniper Lane Nursery');
  await page.getByRole('link', { name: 'Profile' }).click();
  const place = page.getByLabel('Figures and days as in');
  await place.click();
  await place.fill('United S');
  await page.getByTitle(/^United States: /).click();
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await page.getByRole('link', { name: 'Journal' }).click();
  await expect(page.getByText(/^(Mar|Apr) \d{1,2}, 2027$/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Chart' }).click();
  await page.getByRole('row', { name: /^1010 Bank/ }).click();
  await page.getByRole('button', { name: 'See its entries' }).click();
  const slip = page.getByRole('complementary', { name: /Bank/ });
  await expect(
    slip.getByRole('cell', { name: /^(Jan|Feb|Mar|Apr) \d{1,2}$/ }).first(),
  ).toBeVisible();
});
