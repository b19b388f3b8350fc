import { expect, test } from '@playwright/test';
import { ask, openBakery } from './exercise-steps.js';
import { choose, saved } from './people.js';

test('opening balances from a pasted table with one signed column: found, set up, turned round', async ({
  page,
}) => {
  await openBakery(page, 'Bakery of tables');
  await page.getByRole('link', { name: 'Opening', exact: true }).click();
  await page.getByRole('button', { name: 'Take balances from elsewhere' }).click();
  const sheet = page.getByRole('dialog', { name: 'Opening balances from elsewhere' });
  await sheet
    .getByLabel('Balances from a spreadsheet')
    .fill(
      'Account\tBalance\nBank\t-900\nOvens\t-2000\nPetty cash\t-100\nOven loan\t1500\nProfits kept\t1500\nTotal\t0',
    );
  // Credits are the ones above zero here: arithmetic and the sides of the accounts say so.
  await expect(sheet.getByLabel('Amounts above zero are')).toBeVisible();
  await expect(sheet.getByRole('row', { name: /^Bank/ })).toContainText('900');
  await expect(sheet).toContainText('“Total” is a total');
  await expect(sheet.getByRole('button', { name: 'Take 4 of 5 balances' })).toBeVisible();
  await expect(sheet.getByRole('status')).toContainText('100 more in credit');
  await sheet.getByRole('combobox', { name: 'Where Petty cash goes' }).click();
  await choose(page, 'a new account of that name');
  await expect(sheet.getByRole('status')).toContainText('in balance');
  await sheet.getByRole('button', { name: 'Take 5 of 5 balances' }).click();
  await expect(page.getByRole('textbox', { name: 'Bank, debit' })).toHaveValue('900');
  await expect(page.getByRole('textbox', { name: 'Petty cash, debit' })).toHaveValue('100');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Bank, debit' })).toHaveValue('500');
});

test('another company’s closing balances are carried forward; a later change is a prior-period adjustment', async ({
  page,
}) => {
  await openBakery(page, 'Bakery carried');
  await ask(page, 'companies', {
    book: {
      format: 'gleddo-book',
      version: 1,
      company: { name: 'Mill of old', firstDay: '2026-01-01', currency: 'EUR', periods: 12 },
      accounts: [
        { id: 'b', name: 'Bank', type: 'bank' },
        { id: 'k', name: 'Profits kept', type: 'retained-earnings' },
        { id: 's', name: 'Flour sold', type: 'goods-sales' },
      ],
      opening: { date: '2025-12-31' },
      entries: [
        {
          id: 'e',
          date: '2026-05-01',
          lines: [
            { account: 'b', debit: '750.00' },
            { account: 's', credit: '750.00' },
          ],
        },
      ],
    },
  });
  await page.reload();
  await page.getByRole('link', { name: 'Opening', exact: true }).click();
  await page.getByRole('button', { name: 'Take balances from elsewhere' }).click();
  const sheet = page.getByRole('dialog', { name: 'Opening balances from elsewhere' });
  await sheet.getByText('Another company’s closing balances').click();
  await sheet.getByRole('combobox', { name: 'Company' }).click();
  await page.keyboard.type('Mill of old');
  await page.keyboard.press('Enter');
  await sheet.getByRole('button', { name: 'Take 2 of 2 balances' }).click();
  await expect(page.getByRole('textbox', { name: 'Bank, debit' })).toHaveValue('750');
  await expect(page.getByRole('textbox', { name: 'Profits kept, credit' })).toHaveValue('750');

  await page.getByRole('link', { name: 'Journal', exact: true }).click();
  await page.getByLabel('What happened').fill('Bread');
  for (const [line, account] of [
    [1, 'Bank'],
    [2, 'Bread sold'],
  ] as const) {
    await page.getByRole('combobox', { name: `Account of line ${line}` }).click();
    await page.keyboard.type(account);
    await page.keyboard.press('Enter');
  }
  await page.getByLabel('Debit of line 1').fill('20');
  await page.keyboard.press('Control+Enter');
  await page.getByRole('link', { name: 'Opening', exact: true }).click();
  const bank = page.getByRole('textbox', { name: 'Bank, debit' });
  await bank.fill('800');
  await bank.press('Enter');
  await page.getByRole('button', { name: 'Make it a prior-period adjustment' }).click();
  await expect(bank).toHaveValue('750');
  await page.getByRole('link', { name: 'Journal', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Recorded entries' })).toContainText(
    'as it should have been brought forward',
  );
});

test('a balance sheet lies beside: copied by hand, ticked as it stands, compared on paper, put away', async ({
  page,
}) => {
  await openBakery(page, 'Bakery beside');
  await page.getByRole('link', { name: 'Opening', exact: true }).click();
  await page.getByRole('button', { name: 'Take balances from elsewhere' }).click();
  const dialog = page.getByRole('dialog', { name: 'Opening balances from elsewhere' });
  await dialog
    .getByLabel('Balances from a spreadsheet')
    .fill('Account\tDebit\tCredit\nBank\t900\t\nOvens\t2000\t\nOld sign\t100\t\nOven loan\t\t1500');
  await dialog.getByRole('button', { name: 'Lay it beside' }).click();
  const beside = page.getByRole('complementary', { name: 'Balance sheet to copy from' });
  await expect(beside.getByRole('row', { name: /Bank/ })).toContainText('here 500 in debit');
  await expect(beside.getByRole('row', { name: /Old sign/ })).toContainText('no account of that');
  await page.getByRole('textbox', { name: 'Bank, debit' }).fill('900');
  await page.getByRole('textbox', { name: 'Ovens, debit' }).fill('2000');
  await page.keyboard.press('Enter');
  await expect(beside.getByRole('checkbox', { name: /^Bank/ })).toBeChecked();
  await expect(beside.getByRole('checkbox', { name: /^Ovens/ })).toBeChecked();
  await expect(beside.getByRole('status')).toContainText('of 4 stand in the books');
  await beside.getByRole('checkbox', { name: /^Old sign/ }).check();
  await saved(page);
  await page.reload();
  await expect(beside.getByRole('checkbox', { name: /^Old sign/ })).toBeChecked();
  await beside.getByRole('button', { name: 'Print or save both' }).click();
  await expect(page.getByRole('button', { name: 'Save as CSV' })).toBeVisible();
  await page.keyboard.press('Escape');
  await beside.getByRole('button', { name: 'Put it away' }).click();
  await expect(beside).toHaveCount(0);
});
