import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { OwnServer } from './own-server.js';
import { answerSheet, choose, comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(async () => {
  test.setTimeout(400_000);
  await server.start();
});
test.afterAll(() => server.throwAway());

test('an exercise is saved as a file, read back as another, and a student hands a file in', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Exercises', exact: true }).click();
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'The whole exercise' }).click(),
  ]);
  expect(saved.suggestedFilename()).toBe('quarter-end-at-tern-island.exercise.json');
  const text = readFileSync(await saved.path(), 'utf8');

  await page.getByRole('link', { name: 'Exercises', exact: true }).click();
  const input = page.getByLabel('From a file');
  const file = (name: string, content: string) => ({
    ...{ name, mimeType: 'application/json', buffer: Buffer.from(content) },
  });
  await input.setInputFiles(file('list.json', 'Bank, 5'));
  await expect(page.getByRole('alert')).toContainText('is no file of an exercise or a key');
  const again = text.replace('"Quarter-end at Tern Island"', '"Quarter-end, from a colleague"');
  await input.setInputFiles(file('q.exercise.json', again));
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Quarter-end, from a colleague');
  await page.getByRole('link', { name: 'Checks', exact: true }).click();
  await expect(page.getByText('230 points to earn.')).toBeVisible();
  await page.getByRole('checkbox', { name: /^Handing in a file/ }).check();
  await page.getByRole('button', { name: 'Save the checks' }).click();
  await page.getByRole('link', { name: 'Hand out' }).click();
  await page.getByRole('combobox', { name: 'Class group' }).click();
  await choose(page, /^Bookkeeping, spring term/);
  await page.getByRole('button', { name: 'Hand out', exact: true }).click();
  await expect(page.getByRole('link', { name: 'See the results' }).first()).toBeVisible();

  const student = await browser.newPage();
  await comeInAs(student, 'Vera Quill', server.address);
  await student.getByRole('link', { name: /from a colleague/ }).click();
  await student.getByLabel('Hand in a file').setInputFiles({
    ...{ name: 'vera.csv', mimeType: 'text/csv' },
    buffer: Buffer.from('Number,Account,Balance\n1010,Bank,18940.00\n4010,Kayak hire,-21300.00\n'),
  });
  const sheet = student.getByRole('dialog');
  await expect(sheet).toContainText('A table of 3 rows');
  await answerSheet(sheet, 'Hand it in');
  await expect(student.getByText(/^Handed in/)).toBeVisible();
  await student.close();
});
