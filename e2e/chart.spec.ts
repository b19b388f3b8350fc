import { expect, test, type Page } from '@playwright/test';
import { openOwnCompany } from './own-company.js';
import { answerSheet, comeInAs, saved } from './people.js';

const row = (page: Page, name: string) =>
  page.locator('.row.account').filter({ has: page.getByText(name, { exact: true }) });

async function openChart(page: Page, company: string): Promise<void> {
  await openOwnCompany(page, company);
  await expect(page.getByRole('grid', { name: 'Balance sheet' })).toBeVisible();
}

/** Puts the selection on a row without its slip. */
async function select(page: Page, name: string): Promise<void> {
  await row(page, name).click();
  await page.keyboard.press('Escape');
  await expect(row(page, name)).toBeFocused();
}

test('accounts move, nest, retire and come back, and all of it is undone', async ({ page }) => {
  await openChart(page, 'Pollard Row Bindery');
  await expect(page.locator('.spread-foot').first()).toContainText('✓ equals');

  await select(page, 'Gift vouchers sold');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(page.getByRole('rowgroup', { name: 'Equity' })).toContainText('Gift vouchers sold');
  await expect(page.locator('.spread-foot').first()).toContainText('✓ equals');
  await page.keyboard.press('Control+z');
  await expect(
    page.getByRole('rowgroup', { name: 'Current liabilities', exact: true }),
  ).toContainText('Gift vouchers sold');

  await select(page, 'Cash in hand');
  await page.keyboard.press('Tab');
  await expect(row(page, 'Cash in hand').locator('.name')).toHaveCSS('padding-left', '16px');
  await page.keyboard.press('Shift+Tab');
  await expect(row(page, 'Cash in hand').locator('.name')).toHaveCSS('padding-left', '0px');

  await page.keyboard.type('rest');
  await expect(row(page, 'Restoring old books')).toBeFocused();
  await page.keyboard.press('Enter');
  const slip = page.getByRole('complementary', { name: 'Account Restoring old books' });
  await expect(slip).toContainText('Fees and services');
  await slip.getByRole('button', { name: 'Retire' }).click();
  const warning = page.getByRole('dialog', { name: 'Retire it all the same?' });
  await expect(warning).toContainText('still stands at');
  await warning.getByRole('button', { name: 'Retire' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'still stands at' })).toBeVisible();
  await slip.getByRole('button', { name: 'Bring back' }).click();
  await slip.getByRole('button', { name: 'Done' }).click();
  await saved(page);
});

test('a click on the ruler begins an account with that number, there', async ({ page }) => {
  await openChart(page, 'Pollard Row Bindery');
  const ruler = page
    .locator('.section')
    .filter({ hasText: 'Operating expenses' })
    .locator('.ruler-strip');
  const box = await ruler.boundingBox();
  if (!box) throw new Error('no ruler');
  await page.mouse.click(box.x + 10, box.y + box.height / 2);
  await page.keyboard.type('Tea and biscuits');
  await page.keyboard.press('Enter');
  await expect(row(page, 'Tea and biscuits')).toContainText(/^(69|70)\d\d/);
  await page.keyboard.press('Escape');
  await select(page, 'Tea and biscuits');
  await page.keyboard.press('Delete');
  await expect(row(page, 'Tea and biscuits')).toHaveCount(0);
});

test('an account is dragged to another page, and its figure goes with it', async ({ page }) => {
  await openChart(page, 'Pollard Row Bindery');
  const assets = page.getByRole('rowgroup', { name: 'Current assets', exact: true });
  await expect(async () => {
    await page.keyboard.press('Escape');
    await row(page, 'Telephone and post').hover();
    await page.waitForTimeout(150);
    await page.mouse.down();
    const target = await row(page, 'Paper, board and leather').boundingBox();
    if (!target) throw new Error('no row');
    await page.mouse.move(target.x + 60, target.y + 30, { steps: 5 });
    await page.mouse.move(target.x + 60, target.y + 6, { steps: 5 });
    await page.mouse.up();
    await expect(assets).toContainText('Telephone and post', { timeout: 2000 });
  }).toPass();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('rowgroup', { name: 'Operating expenses' })).toContainText(
    'Telephone and post',
  );
  await saved(page);
});

test('the slip changes number, place and parent, and refuses at the field', async ({ page }) => {
  await openChart(page, 'Pollard Row Bindery');
  await row(page, 'Drawings').click();
  const slip = page.getByRole('complementary', { name: 'Account Drawings' });
  const number = slip.getByLabel('Number', { exact: true });
  await number.fill('3010');
  await number.press('Enter');
  await expect(slip.getByRole('alert')).toContainText(
    'Number 3010 belongs to “3010 Capital, owner”',
  );
  await number.fill('31 00 !');
  await number.press('Enter');
  await expect(slip.getByRole('alert')).toContainText('is not an account number');
  await number.fill('7777');
  await number.press('Enter');
  await expect(slip).toContainText('Outside 3000–3999');
  await page.keyboard.press('Control+z');
  await slip.getByRole('button', { name: 'See its entries' }).click();
  await expect(slip).toContainText('Owner takes money out');
  await slip.getByRole('button', { name: 'Back' }).click();
  await slip.getByRole('button', { name: 'Done' }).click();
  await page.reload();
  await expect(row(page, 'Drawings')).toContainText('3050');
});

test('a parent is folded into one figure, an asset gets its accumulated depreciation, an account is duplicated', async ({
  page,
}) => {
  await openChart(page, 'Pollard Row Bindery');
  await select(page, 'Presses and cutter');
  await page.keyboard.press('Space');
  await expect(row(page, 'Depreciation to date, presses')).toHaveCount(0);
  await expect(
    page.locator('.row.account').filter({ hasText: 'and what is under it' }),
  ).toContainText('7,040');
  await page.keyboard.press('Space');
  await expect(row(page, 'Depreciation to date, presses')).toBeVisible();
  await select(page, 'Depreciation to date, presses');
  await page.keyboard.press('Shift+Tab');
  await row(page, 'Presses and cutter').click();
  const slip = page.getByRole('complementary', { name: 'Account Presses and cutter' });
  await slip.getByRole('button', { name: /^Add “Depreciation to date/ }).click();
  await expect(row(page, 'Depreciation to date, presses and cutter')).toBeVisible();
  await slip.getByRole('button', { name: 'Duplicate it' }).click();
  await expect(row(page, 'Presses and cutter (copy)')).toBeVisible();
  await slip.getByRole('button', { name: 'Done' }).click();
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'Presses and cutter (copy)')).toHaveCount(0);
  await saved(page);
});

test('what a student added and changed is told from what was given', async ({ page }) => {
  await comeInAs(page, 'Vera Quill');
  await page.getByRole('link', { name: /Quarter-end/ }).click();
  await expect(row(page, 'Prepaid insurance').locator('.mark-says')).toHaveText('added');
  await page.getByRole('checkbox', { name: /^Only what differs/ }).check();
  await expect(row(page, 'Guided tours')).toHaveCount(0);
  await expect(row(page, 'Prepaid insurance')).toBeVisible();
});

test('several accounts are taken together, placed elsewhere in one step, and refused as a whole', async ({
  page,
}) => {
  await openChart(page, 'Pollard Row Bindery');
  await select(page, 'Binding');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  const bar = page.getByRole('toolbar', { name: 'Accounts taken together' });
  await expect(bar).toContainText('3 accounts');
  await bar.getByRole('button', { name: 'Place them …' }).click();
  const where = page.getByRole('dialog', { name: 'Where do these 3 accounts belong?' });
  await where.getByRole('button', { name: /^Other income/ }).click();
  await answerSheet(where, 'Sundry income');
  await expect(page.getByRole('rowgroup', { name: 'Other income' })).toContainText(
    'Notebooks sold',
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('rowgroup', { name: 'Turnover' })).toContainText('Notebooks sold');
  await select(page, 'Workshop rent');
  await row(page, 'Telephone and post').click({ modifiers: ['Control'] });
  await expect(bar).toContainText('2 accounts');
  await bar.getByRole('button', { name: 'Delete' }).click();
  await expect(bar.getByRole('alert')).toContainText('can’t be deleted. Retire it');
  await bar.getByRole('button', { name: 'Let go' }).click();
  await expect(bar).toHaveCount(0);
  await saved(page);
});
