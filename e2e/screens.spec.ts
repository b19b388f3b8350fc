import { expect, test, type Page } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { choose, comeInAs } from './people.js';

/** Goes on to another screen as a link would, without loading everything anew. */
async function goOn(page: Page, address: string): Promise<void> {
  await page.evaluate(async (to) => {
    history.pushState({ key: to, idx: history.length }, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
    await new Promise(requestAnimationFrame);
    await new Promise(requestAnimationFrame);
  }, address);
}

async function visit(page: Page, address: string, shows: string): Promise<void> {
  await goOn(page, address);
  await expect(page.locator(shows).first()).toBeVisible();
  await nothingSerious(page, address);
}

/** Opens a company; answers the address that those of its parts begin with. */
async function openTernIsland(page: Page): Promise<string> {
  await page
    .getByRole('link', { name: /Tern Island Kayaks/ })
    .first()
    .click();
  await expect(page.locator('.spread')).toBeVisible();
  return page.url().replace(/\/chart.*/, '');
}

test.describe.configure({ mode: 'parallel', timeout: 180_000 });

test('axe finds nothing serious where companies are built', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByText('Come in as')).toBeVisible();
  await nothingSerious(page, 'sign-in');
  await comeInAs(page, 'Ruth Marsh');
  await visit(page, '/companies', '.list-page-link');
  const book = await openTernIsland(page);
  for (const part of ['chart', 'opening', 'journal', 'statements'])
    await visit(page, `${book}/${part}`, '.spread');
  for (const show of ['trial', 'equity', 'cash'])
    await visit(page, `${book}/statements?show=${show}`, '.lines-table');
  await visit(page, `${book}/chart?account=slipway-prepaid`, '.slip-sheet');
});

test('axe finds nothing serious where a chart is worked out', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  const book = await openTernIsland(page);
  await visit(page, `${book}/profile/company`, '#company-name');
  await visit(page, `${book}/profile/scheme`, '.scheme-part');
  await page.getByRole('button', { name: /^Prepayment/ }).click();
  await nothingSerious(page, 'a type of the scheme', '.scheme-sheet');
  await visit(page, `${book}/profile/numbers`, '.numbers-band');
  await page.getByRole('combobox', { name: 'Another number plan' }).click();
  await choose(page, 'A plan of your own');
  await nothingSerious(page, 'a plan being written', '.numbers-plan-editor');
  await visit(page, `${book}/profile/taxes`, '.paper');
  await page.getByRole('button', { name: 'Add a line' }).first().click();
  await nothingSerious(page, 'tax lists', '.leaves');
  await visit(page, `${book}/profile/handouts`, '.handout-paper');
  await visit(page, `${book}/history`, '.state-line, .history-desk');
  await visit(page, `${book}/chart?view=list`, '.list-row.account');
  await visit(page, `${book}/chart?account=slipway-prepaid`, '.slip-sheet');
  await page.getByRole('button', { name: 'Opening, cash flow, note, taxes, budget' }).click();
  await nothingSerious(page, 'the whole slip', '.slip-sheet');
  await page.getByLabel('Placed in').click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await nothingSerious(page, 'the sheet of places', '.ant-modal');
  await page.keyboard.press('Escape');
  await page
    .locator('.row.account')
    .nth(2)
    .click({ modifiers: ['Control'] });
  await page
    .locator('.row.account')
    .nth(3)
    .click({ modifiers: ['Control'] });
  await expect(page.locator('.chart-together')).toBeVisible();
  await nothingSerious(page, 'several accounts together', '.chart-together');
  await visit(page, '/companies/new', '#company-name');
  await page.getByRole('radio', { name: 'A starter chart' }).check();
  await expect(page.locator('.glance-pages')).toBeVisible();
  await nothingSerious(page, 'a starter chart', '.desk');
});

test('axe finds nothing serious where a year is told, printed and closed', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  const book = await openTernIsland(page);
  for (const shown of ['trial', 'worksheet', 'ledger', 'equity', 'cash', 'cost'])
    await visit(page, `${book}/statements?show=${shown}`, '.lines-table');
  await page.getByRole('button', { name: 'Print or save' }).click();
  await expect(page.getByRole('button', { name: 'Save as PDF' })).toBeVisible();
  await nothingSerious(page, 'print or save', '.ant-popover');
  await visit(page, `${book}/journal?kind=adjusting`, '.entry-item');
  await visit(page, `${book}/profile/year-end`, '.lines-table');
  await visit(page, `${book}/profile/health`, 'h2');
});

test('axe finds nothing serious where a year is kept by documents', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /A year at Juniper Lane/ }).click();
  await expect(page).toHaveURL(/\/chart/);
  const book = new URL(page.url()).pathname.replace(/\/chart.*/, '');
  for (const leaf of ['papers', 'owed', 'parties', 'items', 'schedules'])
    await visit(page, `${book}/documents?show=${leaf}`, '.lines-table');
  await visit(page, `${book}/documents?show=posting`, '#posting-receivables');
  await visit(page, `${book}/statements?show=time&step=12`, '.row.account');
  await goOn(page, `${book}/opening`);
  await page.getByRole('button', { name: 'Take balances from elsewhere' }).click();
  await expect(page.getByLabel('Balances from a spreadsheet')).toBeVisible();
  await nothingSerious(page, 'balances from elsewhere', '.ant-modal');
});

test('axe finds nothing serious where an exercise is made to lead', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh', '/exercises');
  await page.getByRole('link', { name: /^Spring at Tern Island(?!,)/ }).click();
  await page.getByRole('link', { name: 'Steps', exact: true }).click();
  await page.getByRole('button', { name: '5 Adjustments' }).click();
  await nothingSerious(page, 'a step being written', 'main');
  await page.getByRole('link', { name: 'Own figures', exact: true }).click();
  await page.getByLabel('Search the amounts').fill('Bank, current');
  await nothingSerious(page, 'own figures', 'main');
  await page.getByRole('link', { name: 'Hand out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Practised' })).toBeVisible();
  await nothingSerious(page, 'what is handed out', 'main');
});

test('axe finds nothing serious where exercises are made and marked', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await visit(page, '/exercises', '.list-page-link');
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  await expect(page.locator('#brief-text')).toBeVisible();
  const exercise = page.url().replace('/brief', '');
  await visit(page, `${exercise}/brief`, '#brief-text');
  await visit(page, `${exercise}/key/chart`, '.spread');
  await visit(page, `${exercise}/key/profile/numbers`, '.lines-table');
  await visit(page, `${exercise}/also-right`, '.lines-table');
  await visit(page, `${exercise}/checks`, '.paper');
  await visit(page, `${exercise}/try`, '.slip-actions');
  await visit(page, `${exercise}/hand-out`, '.paper');
  await visit(page, '/groups', '.list-page-link');
  await page.getByRole('link', { name: /Bookkeeping, spring term/ }).click();
  await expect(page.getByText('24 students')).toBeVisible();
  await nothingSerious(page, 'a class group');
  const results = exercise.replace('exercises', 'results');
  await visit(page, results, '.matrix-table');
  await page.getByRole('button', { name: /^Key, version/ }).click();
  await expect(page.getByRole('heading', { name: /^Version 1/ })).toBeVisible();
  await nothingSerious(page, 'versions of the key', '.ant-modal');
  await page.keyboard.press('Escape');
  await visit(page, `${results}?by=student`, 'canvas');
  await visit(page, `${results}?by=check`, '.lines-table');
  await goOn(page, results);
  await page.getByRole('link', { name: 'Lior Mendes' }).click();
  await expect(page.locator('.marked-spread')).toBeVisible();
  await nothingSerious(page, 'marked work');
  for (const part of ['Opening', 'Journal']) {
    await page.getByText(part, { exact: true }).click();
    await expect(page.getByRole('heading', { name: part })).toBeVisible();
    await nothingSerious(page, part, '.page');
  }
  await page.getByRole('button', { name: 'Give back', exact: true }).click();
  await expect(page.getByRole('dialog')).toContainText('What is shown');
  await nothingSerious(page, 'what is shown', '.ant-modal');
  await page.getByRole('dialog').getByRole('button', { name: 'Not yet' }).click();
  await page.getByRole('link', { name: 'Pairs' }).click();
  await expect(page.getByRole('columnheader', { name: 'Stands for' })).toBeVisible();
  await nothingSerious(page, 'pairs');
  await visit(page, `${results}/files`, 'h2');
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
  await page.getByRole('link', { name: 'Put it right' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('region', { name: 'What is to be put right' })).toContainText('note');
  await nothingSerious(page, 'a work that is put right', '.work-beside');
});
