import { expect, test, type Page } from '@playwright/test';
import { comeInAs, openClass } from './people.js';

/** As wide as a sheet of A4 is for a browser. */
const SHEET = { width: 794, height: 1123 };

async function onPaper(page: Page): Promise<void> {
  await page.setViewportSize(SHEET);
  await page.emulateMedia({ media: 'print' });
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
}

/** What can only be pressed has no place on paper. */
async function nothingToPress(page: Page): Promise<void> {
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeHidden();
  await expect(page.locator('.ant-btn:visible')).toHaveCount(0);
  await expect(page.locator('.tabs:visible')).toHaveCount(0);
  const isOver = await page.evaluate(
    () => document.documentElement.scrollWidth > document.documentElement.clientWidth,
  );
  expect(isOver).toBe(false);
}

test('the browser’s own print is paper: both pages of a book, the whole of a journal, a class', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /Tern Island Kayaks/ }).click();
  await expect(page.getByText('Prepaid slipway rent')).toBeVisible();
  await onPaper(page);
  await nothingToPress(page);
  for (const shown of ['Balance sheet', 'Profit and loss', 'Prepaid slipway rent', 'Kayak hire'])
    await expect(page.getByText(shown, { exact: true }).first()).toBeVisible();
  await expect(page.locator('.empty-line:visible')).toHaveCount(0);
  const chart = page.url();
  await page.emulateMedia({ media: 'screen' });
  await page.goto(chart.replace('/chart', '/journal'));
  await expect(page.getByText('Wages earned, paid in April')).toBeVisible();
  await onPaper(page);
  await nothingToPress(page);
  await expect(page.getByRole('form', { name: 'New entry' })).toBeHidden();
});

test('on paper a long list is drawn whole', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  const headers = { 'x-gleddo': '1' };
  const made = await page.request.post('/api/groups', { headers, data: { name: 'A long list' } });
  const { id } = await made.json();
  const students = Array.from({ length: 150 }, (_, i) => ({
    ...{ name: `Learner ${i + 1}`, number: '', email: '' },
  }));
  const same = Object.fromEntries(students.map((_, at) => [at, 'new']));
  await page.request.post(`/api/groups/${id}/members`, { headers, data: { students, same } });
  await page.goto(`/groups/${id}`);
  await expect(page.getByRole('heading', { name: '150 students' })).toBeVisible();
  const rows = page.getByRole('button', { name: /^Change: Learner/ });
  expect(await rows.count()).toBeLessThan(150);
  await onPaper(page);
  await expect(rows).toHaveCount(150);
});

test('on paper the checks of a class that are wider than a sheet go on below, with the names again', async ({
  page,
}) => {
  await openClass(page);
  const matrix = page.locator('.paper', { hasText: 'Every student, every check' });
  const tables = matrix.getByRole('table');
  await expect(tables).toHaveCount(1);
  const heads = await tables.getByRole('columnheader').count();
  expect(heads).toBeGreaterThan(30);
  await onPaper(page);
  await nothingToPress(page);
  const sheets = Math.ceil((heads - 2) / 28);
  await expect(tables).toHaveCount(sheets);
  await expect(matrix.getByText('Lior Mendes')).toHaveCount(sheets);
  await expect(matrix.getByRole('columnheader', { name: 'mark' })).toHaveCount(1);
});
