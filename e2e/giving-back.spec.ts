import { expect, test } from '@playwright/test';
import { OwnServer } from './own-server.js';
import { answerSheet, choose, comeInAs, findPlace, openClass } from './people.js';

const server = new OwnServer(true);
test.beforeAll(async () => {
  test.setTimeout(400_000);
  await server.start();
});
test.afterAll(() => server.throwAway());

test('a student gets back what was chosen, and puts the work right in a copy, note by note', async ({
  page,
  browser,
}) => {
  await openClass(page, server.address);
  await page.getByRole('link', { name: 'Lior Mendes' }).click();
  await page.getByRole('button', { name: 'Add a note' }).click();
  await page.getByLabel('Your note to the student').fill('Look at what is owed.');
  await page.getByRole('button', { name: 'Keep it in the stock' }).click();
  await expect(page.getByRole('button', { name: 'Take it out of the stock' })).toBeVisible();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('link', { name: 'Quarter-end at Tern Island' }).click();
  await page.getByRole('link', { name: 'Ines Okafor' }).click();
  await page.getByRole('button', { name: 'Add a note' }).click();
  await page.getByLabel('From your stock of notes').click();
  await choose(page, 'Look at what is owed.');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.locator('.margin-own')).toContainText('Look at what is owed.');
  await page.getByRole('button', { name: 'Give back', exact: true }).click();
  const asks = page.getByRole('dialog');
  await asks.getByRole('checkbox', { name: /^The key beside/ }).check();
  await answerSheet(asks, 'Give it back');
  await expect(page.getByText('✓ given back')).toBeVisible();

  const student = await browser.newPage();
  await comeInAs(student, 'Ines Okafor', server.address);
  await student.getByRole('link', { name: /Quarter-end/ }).click();
  await expect(student.getByText('yours').first()).toBeVisible();
  await expect(student.locator('.margin-own')).toContainText('Look at what is owed.');
  const marks = await student.locator('.margin-head').innerText();
  await student.getByRole('link', { name: 'Put it right' }).click();
  await student.getByRole('button', { name: 'Begin' }).click();
  const paper = student.getByRole('region', { name: 'What is to be put right' });
  await expect(paper.getByRole('heading')).toHaveText('3 notes to put right');
  await expect(paper).toContainText('stands in Revenue, on the profit and loss');
  await expect(paper).not.toContainText('It belongs in Current liabilities');
  await paper.getByRole('button', { name: 'What belongs there?' }).click();
  await expect(paper).toContainText('It belongs in Current liabilities');
  await paper.getByRole('button', { name: 'Why?' }).click();
  await expect(paper).toContainText('Deferred income: paid by customers');
  await paper.getByRole('link', { name: 'Go there' }).click();
  await findPlace(student, student.locator('.slip-sheet'), 'deferred');
  await student.keyboard.press('Enter');
  await expect(paper.getByRole('listitem').first()).toContainText('put right');
  await expect(paper.getByRole('heading')).toHaveText('2 notes to put right');
  await expect(paper).toContainText('a number for Operating expenses');
  await student.getByRole('link', { name: 'Given back' }).click();
  await expect(student.locator('.margin-head')).toHaveText(
    marks
      .split('\n')
      .map((line) => line.trim())
      .join(''),
  );
  await student.close();
});
