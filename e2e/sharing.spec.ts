import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { choose, comeInAs, openClass } from './people.js';

const server = new OwnServer(true);

test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('who assists sees the works of the class and writes notes; once she teaches along, she gives back', async ({
  browser,
}) => {
  const [odile, ruth] = [await browser.newPage(), await browser.newPage()];
  await comeInAs(odile, 'Odile Fenn', server.address);
  await odile.getByRole('link', { name: 'Companies' }).click();
  await expect(odile.getByRole('link', { name: /Ruth Marsh’s, to look at/ })).toBeVisible();
  await odile.getByRole('link', { name: 'Class groups' }).click();
  await odile.getByRole('link', { name: /spring term/ }).click();
  await expect(odile.getByText('Ruth Marsh’s, you assist')).toBeVisible();
  await expect(odile.getByRole('button', { name: /^Change: / })).toHaveCount(0);
  await odile.getByRole('link', { name: 'Exercises', exact: true }).click();
  await odile.getByRole('link', { name: /^Quarter-end/ }).click();
  await expect(odile.getByText('handed out to a class in which you assist')).toBeVisible();
  await nothingSerious(odile, 'a colleague’s exercise', 'main');
  await odile.getByRole('link', { name: 'See the results' }).click();
  await expect(odile.getByRole('button', { name: 'Give all back' })).toHaveCount(0);
  const work = odile.getByRole('link', { name: 'Ade Marlow' }).first();
  await work.click();
  await expect(odile.getByText('you assist: who teaches gives it back')).toBeVisible();
  await odile.getByRole('button', { name: 'Add a note' }).click();
  await odile.getByLabel('Your note to the student').fill('Come and see me on Tuesday.');
  await odile.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(odile.getByText('Come and see me on Tuesday.')).toBeVisible();

  await comeInAs(ruth, 'Ruth Marsh', `${server.address}/groups`);
  await ruth.getByRole('link', { name: /spring term/ }).click();
  await ruth.getByRole('button', { name: 'Share' }).click();
  const dialog = ruth.getByRole('dialog');
  await nothingSerious(ruth, 'sharing', '.ant-modal');
  await dialog.getByLabel('How it is shared with Odile Fenn').click();
  await choose(ruth, 'teaches along');
  await expect(dialog.getByRole('listitem')).toContainText('teaches along');

  await odile.reload();
  await expect(odile.getByText('you assist: who teaches gives it back')).toHaveCount(0);
  await expect(odile.getByRole('button', { name: /^(Give back|Take back)$/ })).toBeVisible();
});

test('a stock of notes is shared where notes are written, and a colleague takes from it', async ({
  browser,
}) => {
  const [ruth, odile] = [await browser.newPage(), await browser.newPage()];
  await openClass(ruth, server.address);
  await ruth.getByRole('link', { name: 'Lior Mendes' }).click();
  await ruth.getByRole('button', { name: 'Add a note' }).click();
  await ruth.getByLabel('Your note to the student').fill('See the unit on accruals.');
  await ruth.getByRole('button', { name: 'Keep it in the stock' }).click();
  await ruth.getByRole('button', { name: 'Share my stock' }).click();
  const dialog = ruth.getByRole('dialog');
  await nothingSerious(ruth, 'sharing a stock', '.ant-modal');
  await dialog.getByLabel('Colleague').click();
  await choose(ruth, 'Odile Fenn');
  await dialog.getByRole('button', { name: 'Share', exact: true }).click();
  await expect(dialog.getByRole('listitem')).toContainText('to take from');
  await ruth.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);

  await comeInAs(odile, 'Odile Fenn', server.address);
  await odile.getByRole('link', { name: 'Results', exact: true }).click();
  await odile.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  await odile.getByRole('link', { name: 'Lior Mendes' }).first().click();
  await odile.getByRole('button', { name: 'Add a note' }).click();
  await odile.getByLabel('From your stock of notes').click();
  await choose(odile, /See the unit on accruals.*Ruth Marsh/);
  await expect(odile.getByLabel('Your note to the student')).toHaveValue(
    'See the unit on accruals.',
  );
  await odile.getByRole('button', { name: 'No longer Ruth Marsh’s notes' }).click();
  await expect(odile.getByLabel('From your stock of notes')).toHaveCount(0);
});

test('a colleague’s company is looked at; a copy of it is one’s own, and takes over what is changed there', async ({
  browser,
}) => {
  const [page, ruth] = [await browser.newPage(), await browser.newPage()];
  await comeInAs(page, 'Odile Fenn', server.address);
  await page.getByRole('link', { name: 'Companies' }).click();
  await page
    .getByRole('link', { name: /Ruth Marsh’s, to look at/ })
    .first()
    .click();
  await expect(page.getByText('Ruth Marsh’s, to look at')).toBeVisible();
  await expect(page.getByText('Read only')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Share' })).toHaveCount(0);
  const bookId = /companies\/([^/]+)/.exec(page.url())?.[1] ?? '';
  await page.goto(`${server.address}/companies`);
  await page
    .getByRole('button', { name: /^Copy: / })
    .first()
    .click();
  await page.getByRole('link', { name: /^Copy of / }).click();
  await page.getByRole('button', { name: 'Origin' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Nothing was changed there');
  await page.keyboard.press('Escape');

  await comeInAs(ruth, 'Ruth Marsh', server.address);
  const { book } = await (await ruth.request.get(`${server.address}/api/books/${bookId}`)).json();
  const account = book.accounts[0];
  await ruth.request.post(`${server.address}/api/books/${bookId}/operations`, {
    headers: { 'x-gleddo': '1' },
    data: {
      ...{ revision: 0, token: 'renamed-by-ruth' },
      operations: [{ kind: 'rename-account', id: account.id, name: 'Bank of the harbour' }],
    },
  });

  await page.getByRole('button', { name: 'Origin' }).click();
  await expect(dialog).toContainText('1 change there since');
  await nothingSerious(page, 'the origin of a copy', '.ant-modal');
  await dialog.getByRole('button', { name: 'Take over what still fits' }).click();
  await expect(dialog.getByRole('status')).toHaveText('1 change was taken over.');
  await expect(dialog.getByRole('status')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  await expect(page.getByText('Bank of the harbour').first()).toBeVisible();
});
