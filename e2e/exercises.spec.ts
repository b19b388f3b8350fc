import { expect, test } from '@playwright/test';
import { begin, giveBack, handIn, handOut, notesOf, openBakery, row } from './exercise-steps.js';
import { findPlace, saved } from './people.js';

test('place them: from the tray each account goes to its place; one goes wrong', async ({
  page,
  browser,
}) => {
  await openBakery(page, 'Crumb Lane Bakery');
  const made = await handOut(page, 'Place them', {
    title: 'Place the bakery',
    student: 'Pia Crust',
  });
  const student = await begin(browser, page, { made, title: 'Place the bakery' });
  await expect(student.locator('.chart-tray .row.account')).toHaveCount(5);
  const place = async (name: string, type: string) => {
    await row(student, name).click();
    const slip = student.getByRole('complementary', { name: `Account ${name}` });
    await findPlace(student, slip, type);
    await student.keyboard.press('Enter');
    await expect(slip.getByTitle(new RegExp(`› ${type}$`))).toBeVisible();
    await slip.getByRole('button', { name: 'Done' }).click();
  };
  await row(student, 'Bank').click();
  await student.keyboard.press('Escape');
  await student.keyboard.press('Alt+ArrowDown');
  await expect(
    student.getByRole('rowgroup', { name: 'Current assets', exact: true }),
  ).toContainText('Bank');
  await place('Ovens', 'Repairs');
  await place('Oven loan', 'Long-term loan');
  await place('Bread sold', 'Sales of goods');
  await place('Flour used', 'Cost of goods sold');
  await expect(student.locator('.chart-tray')).toHaveCount(0);
  await handIn(student);
  const notes = await notesOf(page, made, 'Pia Crust');
  await expect(notes).toHaveCount(1);
  await expect(notes).toContainText('On the wrong statement');
  await expect(notes).toContainText('Ovens');
  await giveBack(page, student, made);
  await student.close();
});

test('number them: placed accounts get numbers by the plan; a word from the check while working', async ({
  page,
  browser,
}) => {
  await openBakery(page, 'Rye and Sons');
  const made = await handOut(page, 'Number them', {
    title: 'Number the bakery',
    student: 'Ned Loaf',
  });
  await page.goto(`/exercises/${made.id}/checks`);
  await page.getByRole('checkbox', { name: /^Checking while working/ }).check();
  await page.getByRole('checkbox', { name: /^The bands of the number plan/ }).uncheck();
  await page.getByRole('button', { name: 'Save the checks' }).click();
  await expect(page.getByRole('button', { name: 'Save the checks' })).toBeDisabled();
  const student = await begin(browser, page, { made, title: 'Number the bakery' });
  await expect(student.locator('.ruler-strip')).toHaveCount(0);
  const number = async (name: string, text: string) => {
    await row(student, name).click();
    const slip = student.getByRole('complementary', { name: `Account ${name}` });
    await slip.getByLabel('Number', { exact: true }).fill(text);
    await slip.getByRole('button', { name: 'Done' }).click();
    await expect(row(student, name)).toContainText(text);
  };
  await number('Bank', '1100');
  await number('Ovens', '1600');
  await number('Oven loan', '2600');
  await number('Bread sold', '6100');
  await expect(student.getByText('lies outside')).toHaveCount(0);
  await number('Flour used', '5200');
  await saved(student);
  await student.getByRole('button', { name: 'Check so far' }).click();
  const dialog = student.getByRole('dialog');
  await expect(dialog).toContainText('1 is not met yet');
  await expect(dialog).toContainText('Number outside its band · Bread sold');
  await expect(dialog).not.toContainText('4000');
  await dialog.getByRole('button', { name: 'Go on working' }).click();
  await number('Bread sold', '4100');
  await handIn(student);
  await expect(await notesOf(page, made, 'Ned Loaf')).toHaveCount(0);
  await giveBack(page, student, made);
  await student.close();
});

test('mend it: planted faults are found, mended, and marked', async ({ page, browser }) => {
  await openBakery(page, 'Oat Street Ovens');
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  await page.getByRole('radio', { name: /^Mend it/ }).check();
  await expect(page.getByLabel('on the wrong statement')).toHaveValue('1');
  await page.keyboard.press('Escape');
  const made = await handOut(page, 'Mend it', { title: 'Mend the bakery', student: 'Mia Kneader' });
  const student = await begin(browser, page, { made, title: 'Mend the bakery' });
  const before = await student.locator('.row.account .name').allTextContents();
  expect(before).toHaveLength(6);
  await handIn(student);
  const notes = await notesOf(page, made, 'Mia Kneader');
  await expect(notes).toHaveCount(3);
  const said = (await notes.allTextContents()).join(' ');
  expect(said).toContain('On the wrong statement');
  expect(said).toContain('In the wrong section');
  expect(said).toContain('Number outside its band');
  await giveBack(page, student, made);
  await student.close();
});
