import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('a class at work: who asks is seen at once, the answer stands where they work', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Results' }).click();
  await page.getByRole('link', { name: /^Quarter-end/ }).click();
  await page.getByRole('link', { name: 'At work now' }).click();
  const vera = page.getByRole('row').filter({ hasText: 'Vera Quill' });
  await expect(vera).not.toContainText('asks');

  const student = await browser.newPage();
  await comeInAs(student, 'Vera Quill', server.address);
  await student.getByRole('link', { name: /^Quarter-end/ }).click();
  await student.getByRole('button', { name: 'Ask', exact: true }).click();
  const asking = student.getByRole('dialog');
  await asking.getByLabel('They see your work beside your question.').fill('Where do passes go?');
  await asking.getByRole('button', { name: 'Ask', exact: true }).click();
  await expect(asking.getByText('waits for an answer')).toBeVisible();
  await asking.getByRole('button', { name: 'Close' }).last().click();

  await expect(vera).toContainText('asks');
  await expect(page.getByRole('row').nth(1)).toContainText('Vera Quill');
  await page.getByRole('button', { name: /Vera Quill/ }).click();
  await expect(page.getByRole('region', { name: 'Vera Quill' })).toContainText('Not there yet');
  await nothingSerious(page, 'at work', 'main');
  await page
    .getByLabel('Answer to Vera Quill')
    .fill('They are paid ahead: money for rides to come.');
  const asked = page.getByRole('region', { name: 'Asked' }).getByRole('listitem');
  await asked
    .filter({ hasText: 'passes' })
    .getByRole('button', { name: 'Answer', exact: true })
    .click();
  await expect(asked).toHaveCount(1);

  const word = student.getByRole('status').filter({ hasText: 'money for rides to come' });
  await expect(word).toContainText('Where do passes go?');
  await word.getByRole('button', { name: 'Understood' }).click();
  await expect(word).toBeHidden();
});

test('a question at a note of marked work: the answer stands there, and at the others’ who have it', async ({
  page,
  browser,
}) => {
  const student = await browser.newPage();
  await comeInAs(student, 'Sami Kettle', server.address);
  await student.getByRole('link', { name: /^Quarter-end/ }).click();
  const note = student.getByRole('article', { name: 'Note 1', exact: true });
  await note.getByRole('button', { name: 'Ask about this' }).click();
  await note.getByRole('textbox').fill('I think this is right, because it was paid.');
  await note.getByRole('button', { name: 'Ask', exact: true }).click();
  await expect(note).toContainText('waits for an answer');

  await comeInAs(page, 'Ruth Marsh', `${server.address}/today`);
  await page.getByRole('link', { name: 'Answer: Quarter-end at Tern Island' }).click();
  const asked = page
    .getByRole('region', { name: 'Asked' })
    .getByRole('listitem')
    .filter({ hasText: 'because it was paid' });
  await asked.getByLabel('Answer to Sami Kettle').fill('Paid, and not used up yet.');
  await asked.getByRole('button', { name: /^Answer( |$)/ }).click();
  await expect(asked.filter({ hasText: 'because it was paid' })).toHaveCount(0);
  await student.reload();
  await expect(note).toContainText('Paid, and not used up yet.');
});
