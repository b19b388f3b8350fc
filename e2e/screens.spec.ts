import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { comeInAs } from './people.js';

async function nothingSerious(page: Page, where: string): Promise<void> {
  await page.waitForTimeout(200);
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const serious = violations.filter((each) => ['serious', 'critical'].includes(each.impact ?? ''));
  const told = serious.map(({ id, nodes }) => `${where}: ${id}: ${nodes[0]?.html.slice(0, 160)}`);
  expect.soft(told).toEqual([]);
}

async function visit(page: Page, address: string, shows: string): Promise<void> {
  await page.goto(address);
  await expect(page.locator(shows).first()).toBeVisible();
  await nothingSerious(page, address);
}

test.describe.configure({ mode: 'parallel', timeout: 180_000 });

test('axe finds nothing serious where companies are built', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByText('Come in as')).toBeVisible();
  await nothingSerious(page, 'sign-in');
  await comeInAs(page, 'Ruth Marsh');
  await visit(page, '/companies', '.row-link');
  await page
    .getByRole('link', { name: /Tern Island Kayaks/ })
    .first()
    .click();
  await expect(page.locator('.spread')).toBeVisible();
  const book = page.url().replace(/\/chart.*/, '');
  for (const part of ['chart', 'opening', 'journal', 'statements'])
    await visit(page, `${book}/${part}`, '.spread');
  for (const show of ['trial', 'equity', 'cash'])
    await visit(page, `${book}/statements?show=${show}`, '.lines-table');
  await visit(page, `${book}/chart?account=slipway-prepaid`, '.slip');
  await visit(page, `${book}/profile`, '#company-name');
  await visit(page, '/companies/new', '#company-name');
});

test('axe finds nothing serious where exercises are made and marked', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await visit(page, '/exercises', '.row-link');
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  await expect(page.locator('#brief-text')).toBeVisible();
  const exercise = page.url().replace('/brief', '');
  await visit(page, `${exercise}/brief`, '#brief-text');
  await visit(page, `${exercise}/key/chart`, '.spread');
  await visit(page, `${exercise}/checks`, '.lines-table');
  await visit(page, `${exercise}/hand-out`, '.paper');
  await visit(page, '/groups', '.row-link');
  await page.getByRole('link', { name: /Bookkeeping, spring term/ }).click();
  await expect(page.getByText('24 students')).toBeVisible();
  await nothingSerious(page, 'a class group');
  const results = exercise.replace('exercises', 'results');
  await visit(page, results, '.matrix');
  await visit(page, `${results}?by=student`, 'canvas');
  await visit(page, `${results}?by=check`, '.lines-table');
  await page.goto(results);
  await page.getByRole('link', { name: 'Lior Mendes' }).click();
  await expect(page.locator('.marked-spread')).toBeVisible();
  await nothingSerious(page, 'marked work');
});

test('axe finds nothing serious on the student’s screens', async ({ page }) => {
  await comeInAs(page, 'Vera Quill');
  await nothingSerious(page, 'my exercises');
  await page.getByRole('link', { name: /Quarter-end/ }).click();
  await expect(page.locator('.spread')).toBeVisible();
  await nothingSerious(page, 'a try');
  await page.getByRole('button', { name: 'Hand in' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await nothingSerious(page, 'handing in');
});

test('axe finds nothing serious on work given back', async ({ page }) => {
  await comeInAs(page, 'Sami Kettle');
  await page.getByRole('link', { name: /Quarter-end/ }).click();
  await expect(page.locator('.marked-spread')).toBeVisible();
  await nothingSerious(page, 'given back');
});
