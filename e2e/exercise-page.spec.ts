import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { answerSheet, choose, comeInAs, findPlace, saved } from './people.js';

test('an exercise is made from its own page, with a brief proposed and its points told', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'Exercises' }).click();
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await page.getByRole('menuitem', { name: 'from Juniper Lane Nursery' }).click();
  const dialog = page.getByRole('dialog', { name: 'An exercise from Juniper Lane Nursery' });
  await dialog.getByLabel('Title').fill('Places in the nursery');
  await dialog.getByRole('radio', { name: /^Place them/ }).check();
  await dialog.getByRole('button', { name: 'Make it' }).click();
  await expect(page.locator('#brief-text')).toHaveValue(/wait in the tray/);

  await page.getByRole('link', { name: 'Checks', exact: true }).click();
  await expect(page.getByText('357 points to earn.')).toBeVisible();
  await page.getByText('Points of each check').click();
  await page.getByLabel('Points for: Section', { exact: true }).fill('9');
  await expect(page.getByText('492 points to earn.')).toBeVisible();
  for (const field of await page.getByLabel(/^Points for/).all()) await field.fill('0');
  await expect(page.getByText(/^The starting point lacks nothing that is checked/)).toBeVisible();
});

test('an exercise asked for is left again by the button that goes back', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /Juniper Lane Nursery/ }).click();
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(page.locator('.spread')).toBeVisible();
});

test('a key has a profile like a company: its numbers change, and an account is found from there', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'Exercises' }).click();
  await page.getByRole('link', { name: /^Mend the nursery’s books/ }).click();
  await page.getByRole('link', { name: 'Answer key' }).click();
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByRole('link', { name: 'Account numbers' }).click();
  const card = page.getByRole('region', { name: 'Account numbers' });
  await card.getByRole('combobox', { name: 'Another number plan' }).click();
  await choose(page, /^Five digits/);
  await card.getByRole('button', { name: /^Renumber/ }).click();
  await saved(page);
  await card.getByRole('heading').first().click();
  await page.keyboard.press('/');
  await page.keyboard.type('nursery field');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/key\/chart\?account=field$/);
  await expect(page.getByLabel('Name of the account')).toHaveValue('Nursery field');
  await expect(page.getByText('10100', { exact: true }).first()).toBeVisible();
});

test('an instructor tries an exercise as a student: its help, its marks as they change, begun again', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'Exercises' }).click();
  await page.getByRole('link', { name: /^Where does it stand/ }).click();
  await page.getByRole('link', { name: 'Checks', exact: true }).click();
  await page.getByRole('checkbox', { name: /^The bands of the number plan/ }).uncheck();
  await page.getByRole('checkbox', { name: /^Health of their book/ }).check();
  await page.getByRole('button', { name: 'Save the checks' }).click();
  await page.getByRole('link', { name: 'Try it' }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await page.getByRole('link', { name: 'Health', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Health of the book' })).toBeVisible();
  await page.getByRole('link', { name: 'Chart', exact: true }).click();
  await expect(page.locator('.chart-tray')).toContainText('Gift vouchers sold');
  await expect(page.locator('.ruler-strip')).toHaveCount(0);

  await nothingSerious(page, 'a try with its tray');

  const marks = () => page.getByRole('region', { name: 'Margin notes' });
  await page.getByRole('link', { name: 'Marks' }).click();
  await expect(marks()).toContainText('0 of 100');
  await page.getByRole('link', { name: 'Chart', exact: true }).click();
  await page.locator('.chart-tray').getByText('Gift vouchers sold').click();
  await findPlace(page, page.locator('.slip-sheet'), 'deferred');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByRole('link', { name: 'Marks' }).click();
  await expect(marks()).toContainText('5 of 100');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(marks()).toContainText('0 of 100');

  await page.getByRole('button', { name: 'Begin again' }).click();
  await page.getByRole('tooltip').getByRole('button', { name: 'Begin again' }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await page.getByRole('button', { name: 'Spoil a copy' }).click();
  await answerSheet(page.getByRole('dialog'), 'Plant them');
  await expect(page).toHaveURL(/\/try\/marks$/);
  await expect(page.getByText('a spoilt copy of the key')).toBeVisible();
  await expect(marks().getByRole('article', { name: 'Note 1' })).toBeVisible();
  await page.goto('/results');
  await expect(page.getByRole('link', { name: /^Where does it stand.* 11 begun/ })).toBeVisible();
});

test('an exercise is put away, shown on request, and brought back', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'Exercises' }).click();
  const numbers = page.getByRole('link', { name: /^Numbers for the nursery/ });
  await page.getByRole('button', { name: 'Put away: Numbers for the nursery' }).focus();
  await page.keyboard.press('Enter');
  await expect(numbers).toHaveCount(0);
  await expect(page.locator('body')).not.toBeFocused();
  await page.getByRole('checkbox', { name: 'Show what was put away (1)' }).check();
  await expect(numbers).toContainText('put away');
  await page.getByRole('button', { name: 'Bring back: Numbers for the nursery' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('checkbox', { name: /put away/ })).toHaveCount(0);
  await expect(numbers).toBeVisible();
});
