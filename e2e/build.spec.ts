import { expect, test, type Page } from '@playwright/test';
import { choose, comeInAs, findPlace, saved } from './people.js';
import { begin, giveBack, handIn, handOut, notesOf, openBakery, row } from './exercise-steps.js';

const slipOf = (page: Page, name: string) =>
  page.getByRole('complementary', { name: `Account ${name}`, exact: true });

async function rename(page: Page, from: string, to: string): Promise<void> {
  await row(page, from).click();
  await page.getByLabel('Name of the account').fill(to);
  await page.keyboard.press('Enter');
  await slipOf(page, to).getByRole('button', { name: 'Done' }).click();
  await expect(row(page, to)).toBeVisible();
}

async function add(page: Page, section: string, name: string): Promise<void> {
  await page.getByRole('textbox', { name: `New account in ${section}`, exact: true }).click();
  await page.keyboard.type(name);
  await page.keyboard.press('Enter');
  await expect(row(page, name)).toBeVisible();
}

async function putUnder(page: Page, name: string): Promise<void> {
  await row(page, name).click();
  await page.keyboard.press('Escape');
  await expect(row(page, name)).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(row(page, name).locator('.name')).toHaveCSS('padding-left', '16px');
}

async function retire(page: Page, name: string): Promise<void> {
  await row(page, name).click();
  await slipOf(page, name).getByRole('button', { name: 'Retire' }).click();
  await slipOf(page, name).getByRole('button', { name: 'Done' }).click();
  await expect(row(page, name)).toHaveCount(0);
}

/** What the brief asks: one account takes the name that another gives up, among the rest. */
async function asTheBriefSays(page: Page): Promise<void> {
  await rename(page, 'Advertising', 'Market stall fees');
  await rename(page, 'Bank charges', 'Advertising');
  await add(page, 'Non-current assets', 'Delivery bicycle');
  await putUnder(page, 'Electricity and water');
}

test('build it: from a starter chart to the one of the brief, a name crossed; one thing forgotten', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'New company' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Saffron Corner');
  await page.getByRole('radio', { name: 'A starter chart' }).check();
  await page.getByRole('button', { name: /^Open the book with/ }).click();
  await expect(page.getByRole('grid', { name: 'Balance sheet' })).toBeVisible();
  await asTheBriefSays(page);
  await page.getByLabel('Only what differs from the chart it was begun with').check();
  await expect(row(page, 'Delivery bicycle').locator('.mark-says')).toContainText('added');
  await expect(row(page, 'Market stall fees').locator('.mark-says')).toContainText('changed');
  await expect(row(page, 'Insurance')).toHaveCount(0);
  await page.getByLabel('Only what differs from the chart it was begun with').uncheck();
  await retire(page, 'Telephone and internet');
  await saved(page);
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await page.getByLabel('They begin with').click();
  await choose(page, 'the starter chart: Shop');
  await page.getByRole('button', { name: 'Not now' }).click();
  const made = await handOut(page, 'Build it', {
    title: 'Build the corner shop',
    student: 'Bo Saffron',
  });
  const student = await begin(browser, page, { made, title: 'Build the corner shop' });
  await expect(row(student, 'Telephone and internet')).toBeVisible();
  await asTheBriefSays(student);
  await handIn(student);
  const notes = await notesOf(page, made, 'Bo Saffron');
  await expect(notes).toHaveCount(1);
  await expect(notes).toContainText('Telephone and internet');
  await giveBack(page, student, made);
  await student.close();
});

test('place them, with the normal side asked: nothing says it, an answer is marked', async ({
  page,
  browser,
}) => {
  await openBakery(page, 'Thyme Row Bakery');
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await page.getByRole('radio', { name: /^Place them/ }).check();
  await page.getByRole('checkbox', { name: /^Ask for the normal side/ }).check();
  await page.keyboard.press('Escape');
  const made = await handOut(page, 'Place them', {
    title: 'Place Thyme Row',
    student: 'Tia Dough',
  });
  const student = await begin(browser, page, { made, title: 'Place Thyme Row' });
  await expect(row(student, 'Oven loan').locator('.figure')).toHaveText('1,500');
  const place = async (name: string, type: string, side: 'Debit' | 'Credit') => {
    await row(student, name).click();
    const slip = slipOf(student, name);
    await findPlace(student, slip, type);
    await expect(student.getByRole('dialog')).not.toContainText('Normal side:');
    await student.keyboard.press('Enter');
    await expect(slip.getByTitle(new RegExp(`› ${type}$`))).toBeVisible();
    await expect(slip).not.toContainText('Normal side:');
    await slip.getByRole('radio', { name: side }).check();
    await slip.getByRole('button', { name: 'Done' }).click();
  };
  await place('Bank', 'Bank', 'Debit');
  await place('Ovens', 'Plant and equipment', 'Debit');
  await place('Oven loan', 'Long-term loan', 'Debit');
  await place('Bread sold', 'Sales of goods', 'Credit');
  await student.getByRole('button', { name: 'Hand in' }).click();
  await expect(student.getByRole('dialog')).toContainText(
    'The normal side of “Flour used” is asked and not answered yet.',
  );
  await student.keyboard.press('Escape');
  await place('Flour used', 'Cost of goods sold', 'Debit');
  await handIn(student);
  const notes = await notesOf(page, made, 'Tia Dough');
  await expect(notes).toHaveCount(1);
  await expect(notes).toContainText('It normally stands in credit.');
  await giveBack(page, student, made);
  await student.close();
});
