import { expect, test, type Page } from '@playwright/test';
import { openOwnCompany } from './own-company.js';
import { choose, saved, tabTo } from './people.js';

async function openProfile(page: Page, part: string): Promise<void> {
  await openOwnCompany(page, 'Juniper Lane Nursery');
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByRole('link', { name: part, exact: true }).click();
}

const chart = (page: Page) => page.getByRole('link', { name: 'Chart', exact: true }).click();

test('a scheme is adapted: what would lose its place is said first, kept, and undone', async ({
  page,
}) => {
  await openProfile(page, 'Scheme');
  const scheme = page.getByRole('region', { name: 'Scheme' });
  await scheme.getByRole('button', { name: /^Inventory/ }).click();
  await expect(scheme.getByRole('complementary')).toContainText('Used by 1 account');
  await scheme.getByLabel('Type', { exact: true }).fill('Plants for sale');
  await expect(scheme.getByRole('status')).toContainText('Every account keeps its place.');
  await scheme.getByRole('button', { name: /^Land/ }).click();
  await scheme.getByRole('button', { name: 'Drop the type' }).click();
  await expect(scheme.getByRole('status')).toContainText('Without a place then: “Nursery field”.');
  await page.reload();
  await expect(scheme.getByRole('button', { name: /^Plants for sale/ })).toBeVisible();
  await scheme.getByRole('button', { name: 'Save the scheme' }).click();
  await saved(page);
  await chart(page);
  await expect(page.locator('.chart-tray')).toContainText('Nursery field');
  await expect(page.locator('.spread-foot').first()).toContainText('✓ equals');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.chart-tray')).toHaveCount(0);
  await saved(page);
});

test('sections move, and a section of one’s own takes types in; the name of none is refused', async ({
  page,
}) => {
  await openProfile(page, 'Scheme');
  const scheme = page.getByRole('region', { name: 'Scheme' });
  const sheet = scheme.getByRole('region', { name: 'Balance sheet' });
  await sheet.getByLabel('A new section on this page, its name').fill('Growing stock');
  await page.keyboard.press('Enter');
  await expect(scheme.getByLabel('Section', { exact: true })).toHaveValue('Growing stock');
  await scheme.getByRole('button', { name: 'Up', exact: true }).click();
  await sheet.getByRole('button', { name: 'Add a type in Growing stock' }).click();
  await scheme.getByLabel('Type', { exact: true }).fill(' ');
  await expect(scheme.getByRole('status')).toContainText('A type needs a name of 1 to 80');
  await expect(scheme.getByRole('button', { name: 'Save the scheme' })).toBeDisabled();
  await scheme.getByLabel('Type', { exact: true }).fill('Plants in the field');
  await scheme.getByRole('button', { name: /^Retained earnings/ }).click();
  await scheme.getByRole('button', { name: 'Drop the type' }).click();
  await expect(scheme.getByRole('status')).toContainText(
    'A scheme needs one type with the role retained earnings',
  );
  await scheme.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(scheme.getByRole('status')).toHaveCount(0);
  await expect(sheet.getByRole('button', { name: /^Retained earnings/ })).toBeVisible();
});

test('a company’s words change on every screen, and only the words', async ({ page }) => {
  await openProfile(page, 'The company');
  await page.getByLabel('Words').click();
  await choose(page, /^American/);
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await saved(page);
  await chart(page);
  await expect(page.getByRole('heading', { name: 'Income statement' })).toBeVisible();
  await expect(page.locator('.spread-foot.right')).toContainText('Net income for the period');
  await page.getByRole('link', { name: 'Statements', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Income statement' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Profit and loss' })).toBeVisible();
  await saved(page);
});

test('tax lists are kept; what is given to an account can’t be taken off', async ({ page }) => {
  await openProfile(page, 'Tax lists');
  const card = page.getByRole('region', { name: 'Tax lists' });
  await card.getByRole('button', { name: 'Add a line' }).last().click();
  await card.getByLabel('Tax codes, code 1').fill('S20');
  await card.getByRole('button', { name: 'Save the lists' }).click();
  await expect(card.getByRole('alert')).toContainText('a name of 1 to 80');
  await card.getByLabel('Tax codes, name 1').fill('Standard rate');
  await card.getByRole('button', { name: 'Save the lists' }).click();
  await saved(page);
  await chart(page);
  await page.locator('.row.account').filter({ hasText: 'Nursery field' }).click();
  const slip = page.getByRole('complementary', { name: 'Account Nursery field' });
  await slip.getByRole('button', { name: 'Opening, cash flow, note, taxes, budget' }).click();
  await slip.getByLabel('Tax code').click();
  await choose(page, 'S20 Standard rate');
  await slip.getByLabel('Budget').fill('12,x');
  await slip.getByLabel('Note on it').fill('Two hectares by the lane');
  await expect(slip.getByRole('alert')).toContainText('“12,x” is not an amount');
  await slip.getByLabel('Budget').fill('1200');
  await slip.getByLabel('Budget').press('Enter');
  await slip.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('checkbox', { name: 'Budget beside the figure' }).check();
  await expect(page.locator('.row.account').filter({ hasText: 'Nursery field' })).toContainText(
    'budget 1,200',
  );
  await saved(page);
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByRole('link', { name: 'Tax lists', exact: true }).click();
  await card.getByRole('button', { name: 'Take Standard rate off' }).click();
  await card.getByRole('button', { name: 'Save the lists' }).click();
  await expect(card.getByRole('alert')).toContainText(/“S20” is given to .*Nursery field/);
});

test('a scheme is adapted by keys alone', async ({ page }) => {
  await openProfile(page, 'Scheme');
  const scheme = page.getByRole('region', { name: 'Scheme' });
  const first = scheme.getByRole('button', { name: 'Current assets', exact: true });
  await tabTo(page, first);
  for (let i = 0; i < 13; i++) await page.keyboard.press('ArrowDown');
  await expect(scheme.getByRole('button', { name: /^Prepayment/ })).toBeFocused();
  await page.keyboard.press('Alt+ArrowUp');
  await page.keyboard.press('Enter');
  await expect(scheme.getByLabel('Type', { exact: true })).toBeFocused();
  await page.keyboard.press('End');
  await page.keyboard.type(', such as rent');
  await tabTo(page, scheme.getByRole('button', { name: 'Save the scheme' }));
  await page.keyboard.press('Enter');
  await saved(page);
  const parts = scheme.locator('.of-type');
  await expect(parts.nth(11)).toHaveText(/^Prepayment, such as rent/);
  await page.keyboard.press('Control+z');
  await expect(parts.nth(12)).toHaveText(/^Prepayment\d*$/);
  await saved(page);
});
