import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { choose, comeInAs, signIn, signInFirst, OWN_PASSWORD } from './people.js';

const server = new OwnServer(true);
test.beforeAll(async () => {
  test.setTimeout(400_000);
  await server.start();
});
test.afterAll(() => server.throwAway());

test('an exercise goes to a second class beside the first; taking it back asks, and takes nobody’s work', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Class groups' }).click();
  await page.getByLabel('Name of the new class group').fill('   ');
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('alert')).toHaveText(
    'Give the class group a name of 1 to 120 characters.',
  );
  await page.getByLabel('Name of the new class group').fill('Evening class');
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(page.getByRole('link', { name: /Evening class/ })).toBeVisible();
  await page.getByRole('link', { name: 'Exercises', exact: true }).click();
  await page.getByRole('link', { name: /Where does it stand/ }).click();
  await page.getByRole('link', { name: 'Hand out', exact: true }).click();
  const first = page.getByRole('row', { name: /Bookkeeping, spring term/ });
  await expect(first).toContainText('11');
  await page.getByRole('combobox', { name: 'Class group' }).click();
  await choose(page, /^Evening class/);
  await page.getByRole('button', { name: 'Hand out to this one, too' }).click();
  const second = page.getByRole('row', { name: /Evening class/ });
  await expect(second).toBeVisible();
  await expect(first).toContainText('11');
  await first.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText(/^11 students of the class have begun/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await second.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByText(/^Nobody of the class has begun/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(second).toHaveCount(0);
  await expect(first).toBeVisible();
});

test('a forgotten password is set anew, and changed by who it belongs to', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Class groups' }).click();
  await page.getByRole('link', { name: /Bookkeeping/ }).click();
  await page.getByRole('button', { name: 'Change: Greta Pohl' }).click();
  await page.getByRole('button', { name: 'Set a new password' }).click();
  const made = await page.locator('code').innerText();
  const greta = await browser.newPage();
  await signIn(greta, 'greta.pohl', { password: made, address: server.address });
  await greta.getByLabel('Password, 10 characters or more').fill(made);
  await greta.getByRole('button', { name: 'Come in' }).click();
  await expect(greta.getByRole('alert')).toContainText('the one that you were given');
  await greta.getByLabel('Password, 10 characters or more').fill(OWN_PASSWORD);
  await greta.getByRole('button', { name: 'Come in' }).click();
  await greta.getByRole('button', { name: /^Greta Pohl/ }).click();
  await greta.getByText('My sign-in').click();
  await greta.getByLabel('The password you have now').fill('guess');
  await greta.getByLabel(/^The new one/).fill('kept to herself');
  await greta.getByRole('button', { name: 'Change it' }).click();
  await expect(greta.getByRole('alert')).toHaveText('This is not the password that you have now.');
  await greta.getByLabel('The password you have now').fill(OWN_PASSWORD);
  await greta.getByRole('button', { name: 'Change it' }).click();
  await expect(greta.getByRole('status')).toContainText('Changed.');
  const again = await browser.newPage();
  await signIn(again, ' GRETA.POHL ', { password: 'kept to herself', address: server.address });
  await expect(again.getByRole('heading', { name: 'My exercises' })).toBeVisible();
});

test('the first instructor adds another, who has companies and classes of their own', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByLabel('Their name').fill('Tom Reed');
  await page.getByLabel('Name to sign in with').fill('tom.reed');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const password = await page.locator('code').innerText();
  await expect(page.getByRole('row', { name: /Tom Reed/ }).first()).toBeVisible();
  await expect(page.getByText('Ruth Marsh made an instructor of Tom Reed')).toBeVisible();
  const tom = await browser.newPage();
  await signInFirst(tom, 'tom.reed', { password, address: server.address });
  await expect(tom.getByRole('heading', { name: 'What comes first' })).toBeVisible();
  await tom.getByRole('link', { name: 'Companies' }).click();
  await expect(tom.getByRole('heading', { name: 'Companies' })).toBeVisible();
  await expect(tom.getByText('Tern Island')).toHaveCount(0);
  await expect(tom.getByRole('link', { name: 'People' })).toHaveCount(0);
});

test('a check while working is asked for as often as the exercise allows, and what is left is shown', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Exercises', exact: true }).click();
  await page.getByRole('link', { name: /Quarter-end/ }).click();
  await page.getByRole('link', { name: 'Checks' }).click();
  await page.getByText('Checking while working').click();
  await page.getByLabel(/^At most/).fill('1');
  await page.getByRole('button', { name: 'Save the checks' }).click();
  await expect(page.getByRole('button', { name: 'Save the checks' })).toBeDisabled();
  const vera = await browser.newPage();
  await comeInAs(vera, 'Vera Quill', server.address);
  await vera.getByRole('link', { name: /Quarter-end/ }).click();
  await vera.getByRole('button', { name: 'Check so far (1 left)' }).click();
  await expect(vera.getByText('You have asked once, as often as you may.')).toBeVisible();
  await vera.getByRole('button', { name: 'Go on working' }).click();
  await expect(vera.getByRole('button', { name: 'Check so far (0 left)' })).toBeDisabled();
});

test('a work in progress is looked at by the instructor, and not touched', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Results', exact: true }).click();
  await page.getByRole('link', { name: /Quarter-end/ }).click();
  await page.getByRole('link', { name: 'By student' }).click();
  const xenia = page.getByRole('row', { name: /Xenia Holt/ });
  await expect(xenia).toContainText('still working');
  await xenia.getByRole('link', { name: 'Look at the book' }).click();
  await expect(page.getByRole('heading', { name: /Xenia Holt$/ })).toBeVisible();
  await expect(page.locator('.row.account').filter({ hasText: 'Hire fleet' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: /^New account/ })).toHaveCount(0);
  await page.getByRole('link', { name: 'Journal' }).click();
  await expect(page.getByText('School week invoiced')).toBeVisible();
});

test('a book that can’t be read any more is told so, and set back to before its last change', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: /Pollard Row/ }).click();
  const row = page.locator('.row.account').filter({ hasText: 'Gift vouchers sold' });
  await row.click();
  const name = page.getByLabel('Name of the account');
  for (const next of ['Vouchers', 'Vouchers sold']) {
    await name.fill(next);
    await name.press('Enter');
    await expect(page.locator('.saved')).toHaveText('Saved');
  }
  await server.end('SIGTERM');
  const database = await PGlite.create(join(server.data, 'database'));
  await database.query(
    "update books set state = '{}' where name like 'Pollard%' and use = 'company'",
  );
  await database.close();
  await server.start();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'This book can’t be opened' })).toBeVisible();
  await page.getByRole('button', { name: 'Set back to before it' }).first().click();
  await expect(name).toHaveValue('Vouchers');
});

test('the school’s list says what it will do; two of one name are told apart; somebody leaves and comes back', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Class groups' }).click();
  await page.getByLabel('Name of the new class group').fill('Evening school');
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('link', { name: /Evening school/ }).click();
  const list = page.getByLabel(/^A name on each line/);
  await list.fill(
    [
      'Surname;First name;Student ID;E-mail;Class',
      'Vance;Priya;2716;;Evening school',
      'Obi;Tess;;;Evening school',
      'Lund;Eva;31;eva;Evening school',
      'Reed;Tom;32;;Morning school',
      'Moss;Vik;33;vik@quay.example;Evening school',
    ].join('\n'),
  );
  const told = page.getByRole('status').filter({ hasText: 'in the list' });
  await expect(told).toHaveText(
    '3 students in the list: 1 new, 1 from another class, 1 to be decided.',
  );
  await expect(page.getByText('Row 4 is left out: “eva” is no e-mail.')).toBeVisible();
  await expect(page.getByText('Row 5 is left out: it is of Morning school.')).toBeVisible();
  const add = page.getByRole('button', { name: 'Add them' });
  await expect(add).toBeDisabled();
  await page.getByRole('combobox', { name: 'Who is Tess Obi' }).click();
  await page.getByTitle('the same as Tess Obi, in Bookkeeping, spring term').click();
  await add.click();
  await expect(page.getByText('2 students taken in from other classes')).toBeVisible();
  await expect(page.getByRole('heading', { name: '3 students' })).toBeVisible();
  await expect(page.locator('code')).toHaveCount(1);

  await list.fill('Name;Number\nVik Moss-Reed;33\nTess Obi;2720');
  await expect(page.getByText('Name Vik Moss becomes Vik Moss-Reed')).toBeVisible();
  await page.getByRole('checkbox', { name: 'Priya Vance' }).check();
  await page.getByRole('button', { name: 'Take the list' }).click();
  await expect(page.getByRole('heading', { name: 'Taken out' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring back: Priya Vance' }).click();
  await expect(page.getByRole('heading', { name: '3 students' })).toBeVisible();
  await page.getByRole('button', { name: 'Change: Vik Moss-Reed' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('E-mail').fill('no place');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(sheet.getByRole('alert')).toContainText('An e-mail is written as name@place');
  await sheet.getByRole('combobox', { name: 'To which class' }).click();
  await page.getByTitle('Bookkeeping, spring term').click();
  await sheet.getByRole('button', { name: 'Move there' }).click();
  await expect(sheet).toBeHidden();
  await expect(page.getByRole('heading', { name: '2 students' })).toBeVisible();
  await nothingSerious(page, 'class-list', 'main');
});
