import { expect, test } from '@playwright/test';
import { choose, comeInAs } from './people.js';

/** As a spreadsheet writes it: a title, thousands marks, parentheses, a total, a row that can't be read. */
const TABLE = `Cormorant Cycles Ltd;;;
Trial balance at 31 December 2026;;;
;;;
Acc. no;Account name;Debit;Credit
1010;Bank;"12.480,50";
1100;Trade debtors;"3.200,00";
1200;Stock of parts;"9.019,50";
1510;Workshop equipment;"20.000,00";
1519;Accumulated depreciation;;"4.000,00"
2010;Trade creditors;;"2.700,00"
3010;Ordinary share capital;;"30.000,00"
3100;Retained profits;;"8.000,00"
6010;Wages;lots;
;Total;"44.700,00";"44.700,00"
`;

test('a table of accounts from a spreadsheet becomes a company', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'New company' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Cormorant Cycles');
  await page.getByRole('radio', { name: 'A file' }).check();
  await page.locator('input[type=file]').setInputFiles({
    name: 'balances.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(TABLE, 'utf8'),
  });
  await expect(page.getByText('Row 13: “lots” is not an amount.')).toBeVisible();
  await expect(page.getByText(/is a total; it is not an account/)).toBeVisible();
  await expect(page.getByText('✓ The balances are in balance')).toBeVisible();
  await expect(page.getByRole('row', { name: /Trade creditors/ })).toContainText(
    'Current liabilities › Trade payables',
  );
  await page.getByRole('button', { name: 'Open the book with 8 accounts' }).click();
  await expect(page.getByRole('heading', { name: 'Cormorant Cycles' })).toBeVisible();
  await expect(page.locator('.spread-foot').first()).toContainText('Assets 40,700.00');
  await expect(page.locator('.spread-foot').first()).toContainText('✓ equals');
});

test('a broken file, and one of another kind, are refused with their reasons', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.goto('/companies/new');
  await page.getByRole('radio', { name: 'A file' }).check();
  const choose = (name: string, text: string | Buffer) =>
    page.locator('input[type=file]').setInputFiles({
      name,
      mimeType: 'application/octet-stream',
      buffer: Buffer.from(text),
    });
  await choose('a.json', '{ "format": "gleddo-book", "version": 1, ');
  await expect(page.getByRole('alert')).toContainText('not readable as JSON');
  await choose(
    'b.json',
    '{ "format": "gleddo-book", "version": 1, "company": { "name": "X" }, "oops": 1 }',
  );
  await expect(page.getByRole('alert')).toContainText('oops: “oops” is not known here');
  await choose('c.xlsx', Buffer.from([0x50, 0x4b, 3, 4]));
  await expect(page.getByRole('alert')).toContainText('no workbook can be read in it');
  await choose('d.csv', '\n\n');
  await expect(page.getByRole('alert')).toContainText('There is nothing in the table');
});

test('a book saved as a file comes in again as it was', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /Tern Island Kayaks/ }).click();
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByRole('link', { name: 'Files', exact: true }).click();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the book' }).click();
  const path = await (await waiting).path();
  await page.goto('/companies/new');
  await page.getByLabel('Name', { exact: true }).fill('Tern Island, once more');
  await page.getByRole('radio', { name: 'A file' }).check();
  await page.locator('input[type=file]').setInputFiles(path);
  await page.getByRole('button', { name: 'Open the book' }).click();
  await expect(page.getByRole('heading', { name: 'Tern Island, once more' })).toBeVisible();
  await expect(page.locator('.spread-foot').first()).toContainText('Assets 84,310');
});

test('150 accounts pasted from a spreadsheet are understood, placed and numbered, and undone in one step', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'New company' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Long Chart');
  await page.getByRole('button', { name: 'Open the book' }).click();
  await expect(page.getByRole('heading', { name: 'Long Chart' })).toBeVisible();
  const sections = [
    'Current assets',
    'Non-current assets',
    'Revenue',
    'Operating expenses',
    'Equity',
  ];
  const rows = Array.from({ length: 150 }, (_, i) => `Account ${i + 1}\t${sections[i % 5] ?? ''}`);
  await page.getByRole('button', { name: 'Paste rows from a spreadsheet' }).click();
  await page.getByLabel('Rows from a spreadsheet').fill(`Name\tSection\n${rows.join('\n')}`);
  await expect(page.getByRole('row', { name: /Account 150/ })).toContainText('Equity ›');
  await page.getByRole('button', { name: 'Add 150 accounts' }).click();
  await expect(page.locator('.row.account')).toHaveCount(151);
  await expect(page.locator('.row.account').filter({ hasText: /^\d{4}/ })).toHaveCount(151);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.row.account')).toHaveCount(1);
});

test('a starter chart for a trade is shown, and taken with the equity of the legal form', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'New company' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Plaster and Pine');
  await page.getByRole('radio', { name: 'A starter chart' }).check();
  await page.getByRole('combobox', { name: 'Starter chart of' }).click();
  await choose(page, 'Building trade');
  await expect(page.locator('.glance-pages')).toContainText('Share capital');
  await page.getByRole('combobox', { name: 'Legal form' }).click();
  await choose(page, 'Sole trader');
  await expect(page.locator('.glance-pages')).toContainText('Drawings');
  await expect(page.locator('.glance-pages')).not.toContainText('Share capital');
  await page.getByRole('button', { name: /^Open the book with \d+ accounts/ }).click();
  await expect(page.getByRole('rowgroup', { name: 'Cost of sales' })).toContainText(
    'Subcontractors',
  );
});
