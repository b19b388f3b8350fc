import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { ask } from './exercise-steps.js';
import { openOwnCompany } from './own-company.js';
import { comeInAs, saved } from './people.js';

const rows = (page: Page) => page.locator('.list-row.account');

async function openList(page: Page): Promise<void> {
  await openOwnCompany(page, 'Tern Island Kayaks');
  await page.getByRole('checkbox', { name: 'As one list' }).click();
  await expect(page.getByRole('grid', { name: 'Accounts as a list' })).toBeVisible();
}

test('the chart as one list is sorted, cut down, walked through by keys, and has an address', async ({
  page,
}) => {
  await openList(page);
  await expect(rows(page).first()).toContainText('Bank, current account');
  await page.getByRole('button', { name: /^Name/ }).click();
  await expect(rows(page).first()).toContainText('Accumulated depreciation, fleet');
  await page.getByLabel('Words to look for').fill('prepaid ren');
  await expect(rows(page)).toHaveCount(1);
  await expect(page.getByText('1 of 36')).toBeVisible();
  await page.getByLabel('Words to look for').fill('unearned revenue');
  await expect(rows(page)).toContainText('Season passes paid ahead');
  await page.getByLabel('Words to look for').fill('nothing of the kind');
  await expect(page.getByText('No account answers to that')).toBeVisible();
  await page.getByLabel('Words to look for').fill('');
  await rows(page).first().click();
  const slip = page.getByRole('complementary', { name: /^Account Accumulated/ });
  await expect(slip).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('End');
  await expect(rows(page).filter({ hasText: 'Wages payable' })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('complementary', { name: 'Account Wages' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('grid', { name: 'Accounts as a list' })).toBeVisible();
  await page.getByRole('checkbox', { name: 'As one list' }).click();
  await expect(page.getByRole('grid', { name: 'Balance sheet' })).toBeVisible();
});

test('an account is found by its type and by the name that it had before', async ({ page }) => {
  await openList(page);
  await rows(page).filter({ hasText: 'Boathouse loan, due' }).click();
  const name = page.getByLabel('Name of the account');
  await name.fill('Mortgage, this year’s part');
  await name.press('Enter');
  await page.getByRole('button', { name: 'Done' }).click();
  await saved(page);
  const find = page.getByLabel('Go to an account or page');
  await page.keyboard.press('/');
  await page.keyboard.type('boathouse loan, due');
  await expect(page.getByText('once “Boathouse loan, due within a year”')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('complementary', { name: 'Account Mortgage, this year’s part' }),
  ).toBeVisible();
  await find.fill('unearned');
  await expect(page.getByRole('listbox', { name: 'Where to go' })).toContainText(
    'Season passes paid ahead',
  );
  await find.fill('');
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
});

test('hand-outs are seen on paper and saved; a saved chart is understood when it comes back', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /Tern Island Kayaks/ }).click();
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByRole('link', { name: 'Sheets', exact: true }).click();
  const paper = page.getByRole('article');
  await expect(paper).toContainText('Opening balance');
  await expect(paper).not.toContainText('1010');
  await page.getByRole('radio', { name: 'The number plan' }).check();
  await expect(paper).toContainText('1500');
  await page.getByRole('radio', { name: 'The chart of accounts' }).check();
  await page.getByRole('checkbox', { name: /^With the answers/ }).check();
  await expect(paper).toContainText('Accumulated depreciation, fleet');
  const save = async (format: string) => {
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: `Save as ${format}` }).click();
    return waiting;
  };
  expect((await save('PDF')).suggestedFilename()).toBe('tern-island-kayaks-chart-of-accounts.pdf');
  expect((await save('CSV')).suggestedFilename()).toMatch(/\.csv$/);
  const workbook = await (await save('XLSX')).path();
  await page.goto('/companies/new');
  await page.getByLabel('Name', { exact: true }).fill('Tern Island, from paper');
  await page.getByRole('radio', { name: 'A file' }).check();
  await page.locator('input[type=file]').setInputFiles(workbook);
  await expect(page.getByRole('row', { name: /Season passes paid ahead/ })).toContainText(
    'Current liabilities › Deferred income',
  );
  await page.getByRole('button', { name: /^Open the book with 36 accounts/ }).click();
  await expect(page.getByRole('heading', { name: 'Tern Island, from paper' })).toBeVisible();
});

test('paper is set in every script that names are written in', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  const names = [
    '现金和银行存款',
    '売掛金の前払い',
    'חשבון בנק',
    'حساب البنك',
    'बैंक खाता',
    'Ταμείο',
  ];
  const accounts = names.map((name, at) => ({ id: `a${at}`, name, type: 'bank' }));
  const { bookId } = await ask(page, 'companies', {
    book: {
      format: 'gleddo-book',
      version: 1,
      company: { name: 'Names of all the world', currency: 'EUR', firstDay: '2027-01-01' },
      accounts,
    },
  });
  await page.goto(`/companies/${String(bookId)}/profile/handouts`);
  await expect(page.getByRole('article')).toContainText('חשבון בנק');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  const file = readFileSync(await (await waiting).path(), 'latin1');
  for (const type of ['Figtree', 'SansSC', 'SansJP', 'SansHebrew', 'SansArabic', 'SansDevanagari'])
    expect(file).toMatch(new RegExp(`/BaseFont /[A-Z]+\\+[A-Za-z]*${type}`));
});
