import { expect, test } from '@playwright/test';
import { choose, comeInAs } from './people.js';

test('the statements of two dates stand side by side; which ones is in the address', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /Tern Island Kayaks/ }).click();
  await page.getByRole('link', { name: 'Statements', exact: true }).click();
  await page.getByLabel('Compare with').click();
  await choose(page, 'beside the opening');
  const row = (name: string) =>
    page.locator('.row.account').filter({ has: page.getByText(name, { exact: true }) });
  await expect(row('Bank, current account').locator('.figure')).toHaveText(['18,940', '5,780']);
  await expect(row('Season passes paid ahead').locator('.figure')).toHaveText(['4,200', '–']);
  await expect(page.getByText('1 Oct – 31 Dec 2026')).toBeVisible();
  await page.getByLabel('Detail').click();
  await choose(page, 'Sections');
  await expect(row('Bank, current account')).toHaveCount(0);
  const head = page.locator('.section-head').filter({ hasText: 'Current assets' }).first();
  await expect(head.locator('.figure')).toHaveText(['41,260', '26,910']);
  await page.reload();
  await expect(head.locator('.figure')).toHaveText(['41,260', '26,910']);
  await page.getByLabel('Compare with').click();
  await choose(page, 'Nothing beside it');
  await expect(head.locator('.figure')).toHaveText(['41,260']);
});

test('each figure of every statement leads to its entries, and back', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /A year at Juniper Lane/ }).click();
  await page.getByRole('link', { name: 'Statements', exact: true }).click();
  for (const shown of ['equity', 'cash', 'worksheet', 'cost', 'basis']) {
    const at = new URL(page.url());
    at.search = `?show=${shown}`;
    await page.goto(at.href);
    const figure = page.getByRole('button', { name: /: its entries$/ }).first();
    await figure.click();
    const entries = page.getByRole('complementary', { name: /^Entries of / });
    await expect(entries.getByRole('table')).toBeVisible();
    await entries.getByRole('button', { name: 'Back' }).click();
    await expect(figure).toBeFocused();
  }
  const ledger = new URL(page.url());
  ledger.search = '?show=ledger';
  await page.goto(ledger.href);
  await page.getByLabel('Which account, customer or supplier').fill('1310');
  await page.keyboard.press('Enter');
  await expect(page.locator('tr.heading')).toHaveText(['1310 Prepaid glass insurance']);
  await page.getByRole('row').filter({ hasText: '2027' }).getByRole('link').first().click();
  await expect(page).toHaveURL(/journal\?entry=/);
  await page.goto(ledger.href);
  await page.getByLabel('Which account, customer or supplier').fill('Hallfield');
  await page.keyboard.press('Enter');
  await expect(page.locator('tr.heading')).toHaveText(['Hallfield Plants']);
  await page.getByLabel('Which kind of entries').fill('Sales');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('columnheader', { name: 'Added up' })).toBeVisible();
  await expect(page).toHaveURL(/party=hall.*kind=sales/);
});
