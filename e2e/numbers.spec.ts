import { expect, test, type Locator, type Page } from '@playwright/test';
import { manyCompanies } from './exercise-steps.js';
import { openOwnCompany } from './own-company.js';
import { choose, saved } from './people.js';

/** The account numbers of a company; answers the card on which they stand. */
async function openNumbers(page: Page): Promise<Locator> {
  await openOwnCompany(page, 'Juniper Lane Nursery');
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByRole('link', { name: 'Account numbers' }).click();
  return page.getByRole('region', { name: 'Account numbers' });
}

test('a whole chart is renumbered, its numbers are taken off and put on again, all undone step by step', async ({
  page,
}) => {
  const card = await openNumbers(page);
  const choosePlan = async (name: string) => {
    await card.getByRole('combobox', { name: 'Another number plan' }).click();
    await choose(page, name);
  };
  await choosePlan('Five digits');
  await expect(card.getByRole('row', { name: /^Field|Nursery field/ })).toContainText('10100');
  await card.getByRole('button', { name: /^Renumber \d+ accounts/ }).click();
  await expect(card).toContainText('Five digits; a step of 100');
  await choosePlan('Without numbers');
  await card.getByRole('button', { name: 'Take the numbers off' }).click();
  await expect(card).toContainText('This book works without numbers');
  await page.getByRole('link', { name: 'Chart', exact: true }).click();
  await expect(page.locator('.row.account .no')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(
    page.locator('.row.account').filter({ hasText: 'Glasshouse' }).first(),
  ).toContainText('10200');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.row.account').filter({ hasText: 'Nursery field' })).toContainText(
    '1500',
  );
  await saved(page);
});

test('a plan of one’s own is told its overlaps as it is written; room is made in a section', async ({
  page,
}) => {
  const card = await openNumbers(page);
  await card.getByRole('combobox', { name: 'Another number plan' }).click();
  await choose(page, 'A plan of your own');
  await card.getByLabel('Revenue, to').fill('5500');
  await expect(card.getByRole('alert')).toContainText('The bands 4000–5500 and 5000–5999 overlap');
  await card.getByLabel('Revenue, to').fill('3000');
  await expect(card.getByRole('alert')).toContainText('ends before it begins');
  await card.getByLabel('Revenue, to').fill('4500');
  await expect(card.getByRole('alert')).toHaveCount(0);
  await card.getByRole('button', { name: 'Leave it as it is' }).click();
  await card.getByRole('combobox', { name: 'Section to make room in' }).click();
  await choose(page, 'Current assets');
  await card.getByRole('button', { name: 'Spread its numbers evenly' }).click();
  await expect(card.getByRole('status')).toContainText('accounts have new numbers');
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
});

test('the plan of another company is taken over, and can be changed before it is used', async ({
  page,
}) => {
  const card = await openNumbers(page);
  await manyCompanies(page);
  await page.reload();
  const plan = card.getByRole('combobox', { name: 'Another number plan' });
  await plan.click();
  await choose(page, 'Tern Island Kayaks');
  await expect(card.getByLabel('Current assets, from', { exact: true })).toHaveValue('1000');
  await card.getByLabel('Income tax, to').fill('9999');
  await card.getByRole('button', { name: /^Renumber \d+ accounts/ }).click();
  await expect(card).toContainText('a step of 10 between neighbours');
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
});
