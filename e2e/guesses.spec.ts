import { expect, test, type Page } from '@playwright/test';
import { openOwnCompany } from './own-company.js';
import { saved } from './people.js';

async function addTo(page: Page, section: string, name: string): Promise<void> {
  const line = page.getByPlaceholder(`Type a name to add to ${section}`);
  await line.click();
  await line.fill(name);
  await line.press('Enter');
  await expect(page.getByRole('row', { name: new RegExp(name) })).toBeVisible();
}

test('types that were taken from names are shown as guesses, and settled in one list', async ({
  page,
}) => {
  await openOwnCompany(page, 'Pollard Row Bindery');
  await addTo(page, 'Fixed assets', 'Delivery bicycles');
  await addTo(page, 'Fixed assets', 'Vehicles');
  await addTo(page, 'Current assets', 'Glue and thread');
  await expect(page.getByRole('row', { name: /Delivery bicycles type\?/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Vehicles/ })).not.toContainText('type?');
  await page.getByRole('button', { name: '2 types are guesses' }).click();
  const list = page.getByRole('dialog');
  await list.getByRole('button', { name: 'The type of Glue and thread is right' }).click();
  await expect(list).toContainText('Delivery bicycles');
  await expect(list).not.toContainText('Glue and thread');
  await page.getByRole('button', { name: 'All are right' }).click();
  await expect(page.getByText('type?')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /guess/ })).toHaveCount(0);
  await saved(page);
});

test('a guess is said to be right where the account stands, by choosing what it is', async ({
  page,
}) => {
  await openOwnCompany(page, 'Pollard Row Bindery');
  await addTo(page, 'Fixed assets', 'Sewing frames');
  const row = page.getByRole('row', { name: /Sewing frames/ });
  await expect(row).toContainText('type?');
  await page.keyboard.press('Escape');
  await row.click();
  await page.getByLabel('Placed in').click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Plant and machinery/ })
    .click();
  await expect(row).not.toContainText('type?');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toContainText('type?');
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
});

test('what is typed into a profile is there when one comes back, until it is saved or left', async ({
  page,
}) => {
  await openOwnCompany(page, 'Pollard Row Bindery');
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByLabel('Contact', { exact: true }).fill('Ask at the counter');
  await page.getByRole('link', { name: 'Chart', exact: true }).click();
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await expect(page.getByLabel('Contact', { exact: true })).toHaveValue('Ask at the counter');
  await expect(page.getByText('Not saved yet')).toBeVisible();
  await page.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(page.getByLabel('Contact', { exact: true })).toHaveValue('');
  await expect(page.getByText('Not saved yet')).toHaveCount(0);
});
