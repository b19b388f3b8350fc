import { expect, test } from '@playwright/test';
import { OwnServer } from './own-server.js';
import { answerSheet, choose, comeInAs, giveBackHere, openClass } from './people.js';

const server = new OwnServer(true);
test.beforeAll(async () => {
  test.setTimeout(400_000);
  await server.start();
});
test.afterAll(() => server.throwAway());

const TABLE = [
  'Number,Account,Opening,Closing',
  '1010,Bank acct Harbour,5780.00,18940.00',
  '1510,Hire fleet,40000.00,46000.00',
  '1519,Acc. depn fleet,-9200.00,-11500.00',
  '2010,Creditors,-4300.00,-3700.00',
  '4010,Kayak hire,,-21300.00',
  ',Total,,28440.00',
].join('\n');

test('work from files: read, its student chosen, put beside the class; what can’t be read is named', async ({
  page,
}) => {
  await openClass(page, server.address);
  await page.getByRole('link', { name: 'Work from files' }).click();
  await page.getByLabel('Choose files').setInputFiles([
    { name: 'balances.csv', mimeType: 'text/csv', buffer: Buffer.from(TABLE) },
    { name: 'scan.csv', mimeType: 'text/csv', buffer: Buffer.from('%PDF-1.7 nothing') },
  ]);
  await expect(page.getByText('2 files · 1 without a student · 1 can’t be read')).toBeVisible();
  await expect(page.getByText('Amounts above zero were read as debits.')).toBeVisible();
  await expect(page.getByRole('cell', { name: 'debit 46,000' })).toBeVisible();
  await expect(page.getByRole('row', { name: /2010 Trade payables/ })).toContainText(
    '2010 Creditors',
  );
  await page.getByRole('button', { name: /scan\.csv/ }).click();
  await expect(page.getByText(/This is a PDF, not a table/)).toBeVisible();
  await page.getByRole('button', { name: /balances\.csv/ }).click();
  await page.getByRole('combobox', { name: 'Whose work balances.csv is' }).click();
  await choose(page, 'Wim Aldous');
  await page.getByRole('button', { name: 'Put 1 beside the class' }).click();
  await expect(page.getByText('✓ beside the class')).toBeVisible();
  await page.getByRole('link', { name: 'Quarter-end at Tern Island' }).click();
  await page.getByRole('link', { name: 'Wim Aldous' }).click();
  await expect(page.getByText('from balances.csv')).toBeVisible();
});

test('a name is accepted once its effect on everybody was seen; what was given back stays; it is withdrawn', async ({
  page,
}) => {
  await openClass(page, server.address);
  await page.getByRole('link', { name: 'Ade Marlow' }).click();
  const total = page.getByText('89 of 100');
  await expect(total).toBeVisible();
  await page.getByRole('button', { name: 'Accept this place' }).click();
  const dialog = page.getByRole('dialog', { name: /Accept “Fees and services” from everybody/ });
  await expect(dialog.getByRole('row', { name: /Ade Marlow/ })).toContainText('89 of 100');
  await expect(dialog.getByText(/^Given back: these stay as they are/)).toBeVisible();
  await expect(dialog.getByRole('row', { name: /Sami Kettle/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Accept it' }).click();
  await expect(dialog).toBeHidden();
  await expect(total).toBeHidden();
  await page.getByText('Accepted besides the key', { exact: false }).click();
  const accepted = page.getByRole('listitem').filter({ hasText: '“Fees and services”' });
  await accepted.getByRole('button', { name: 'Accept it no longer' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Accept it no longer' }).click();
  await expect(total).toBeVisible();
  await page.getByText('Checks of this work so far').click();
  await expect(page.getByText(/, key 3/)).toBeVisible();
  await page.getByText('otherwise than before').first().click();
  await expect(page.getByText(/^× ?(Statement|Section)/).first()).toBeVisible();
});

test('a pair is parted and joined by hand, and stays so', async ({ page }) => {
  await openClass(page, server.address);
  await page.getByRole('link', { name: 'Ade Marlow' }).click();
  await page.getByRole('link', { name: 'Pairs' }).click();
  const row = page.getByRole('row', { name: /4040 Season passes/ });
  await expect(row).toContainText('doubtful');
  await expect(page.getByText('89 of 100')).toBeVisible();
  await row.getByRole('combobox').press('Backspace');
  await expect(row).toContainText('parted by hand');
  await expect(page.getByText('89 of 100')).toBeHidden();
  await row.getByRole('button', { name: 'Let it be told again' }).click();
  await expect(page.getByText('89 of 100')).toBeVisible();
  await expect(row).toContainText('2100 Season passes paid ahead');
});

test('a mark given back is taken back while its student has not looked, and no longer', async ({
  page,
  browser,
}) => {
  await openClass(page, server.address);
  await page.getByRole('link', { name: 'Ines Okafor' }).click();
  await giveBackHere(page);
  await page.getByRole('button', { name: 'Take back' }).click();
  await giveBackHere(page);
  const student = await browser.newPage();
  await comeInAs(student, 'Ines Okafor', server.address);
  await student.getByRole('link', { name: /Quarter-end/ }).click();
  await expect(student.getByRole('article', { name: 'Note 1' })).toBeVisible();
  await student.close();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(page.getByRole('alert')).toContainText('has looked at these marks already');
  await page.getByRole('button', { name: 'Open again' }).click();
  await answerSheet(page.getByRole('dialog'), 'Open it again');
  await expect(page.getByRole('row', { name: /Ines Okafor/ })).toContainText('still working');
  const again = await browser.newPage();
  await comeInAs(again, 'Ines Okafor', server.address);
  await again.getByRole('link', { name: /Quarter-end/ }).click();
  await expect(again.getByRole('button', { name: 'Hand in' })).toBeVisible();
  await again.close();
});

test('what is right besides the key is said beforehand: a second place, its reason, an account left out', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Exercises', exact: true }).click();
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  await page.getByRole('link', { name: 'Also right' }).click();
  const offered = page.getByRole('region', { name: 'Can be defended' });
  await offered
    .getByRole('button', { name: 'Direct labour can be defended, too, for Wages' })
    .click();
  const row = page.getByRole('row', { name: /^6010 Wages/ });
  await expect(row.getByLabel('Why, for Wages')).toHaveValue(/both can be defended/);
  const names = row.getByRole('combobox', { name: 'Other names of Wages' });
  await names.fill('Pay of the crew');
  await names.press('Enter');
  await page.getByLabel('Say something of an account').fill('Bank charges');
  await page.keyboard.press('Enter');
  const bank = page.getByRole('row', { name: /^6500 Bank charges/ });
  await bank.getByLabel('Whether Bank charges is asked for').click();
  await choose(page, 'may be left out');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('button', { name: /Save$/ })).toBeDisabled();
  await page.reload();
  await expect(row).toContainText('Pay of the crew');
  await expect(row).toContainText('Direct labour');
  await expect(bank).toContainText('may be left out');
});

test('a name that the program does not know is asked about once, and costs nothing until it is said to be wrong', async ({
  page,
}) => {
  await openClass(page, server.address);
  const names = page.getByRole('region', { name: 'Names to be looked at' });
  await expect(names).toContainText('“Cover” for Prepaid insurance, Current assets');
  await expect(names).toContainText('Quin Darrow');
  await names.getByRole('button', { name: '“Cover” is wrong' }).click();
  const asked = page.getByRole('dialog');
  await expect(asked).toContainText('Does “Cover” say something else than “Prepaid insurance”?');
  await asked.getByRole('button', { name: 'Leave it as it is' }).click();
  await names.getByRole('button', { name: '“Cover” is right' }).click();
  await expect(names).toHaveCount(0);
});
