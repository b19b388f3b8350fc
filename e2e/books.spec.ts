import { expect, test, type Page } from '@playwright/test';
import { ask, manyCompanies, openBakery } from './exercise-steps.js';
import { openOwnCompany } from './own-company.js';
import { choose, comeInAs, saved } from './people.js';

async function open(page: Page, company: RegExp, part: string): Promise<void> {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: company }).click();
  await page.getByRole('link', { name: part, exact: true }).click();
}

test('an entry is found in the journal; from an account’s lines one comes to it, and back', async ({
  page,
}) => {
  await open(page, /Tern Island Kayaks/, 'Journal');
  const list = page.getByRole('list', { name: 'Recorded entries' });
  const search = page.getByRole('search', { name: 'Entries to look at' });
  await search.getByLabel('Find entries').fill('slipway 1,500');
  await expect(list.getByRole('listitem')).toHaveCount(1);
  await expect(search.getByRole('status')).toContainText('1 of 28');
  await search.getByLabel('Find entries').fill('nothing of the kind');
  await expect(page.getByText('No entry answers to that.')).toBeVisible();
  await search.getByRole('button', { name: 'Show all' }).click();
  await search.getByRole('combobox', { name: 'Kind of entry' }).click();
  await choose(page, 'Adjusting');
  await expect(search.getByRole('status')).toContainText('7 of 28');
  await search.getByLabel('Entries from day to day').first().click();
  await page.getByText('1 Jan – 31 Jan 2027').click();
  await expect(search.getByRole('status')).toContainText('0 of 28');
  await search.getByLabel('Entries from day to day').first().click();
  await page.getByText('The year', { exact: true }).click();
  await expect(search.getByRole('status')).toContainText('7 of 28');
  const did = page.getByRole('region', { name: 'What it does' });
  await expect(did).toContainText('What these 7 entries did');
  await list.getByRole('link', { name: 'Wages earned, paid in April' }).click();
  await expect(did).toContainText('What this entry did');
  await expect(did.getByRole('row', { name: /^6010 Wages/ })).toContainText('9,71010,830');
  await expect(did.getByRole('row', { name: /^Total assets/ })).toContainText('unchanged');

  await page.getByRole('link', { name: 'Statements', exact: true }).click();
  await page.getByText('Trial balance', { exact: true }).click();
  await page.getByRole('button', { name: 'Prepaid insurance' }).click();
  const lines = page.getByRole('complementary', { name: 'Entries of Prepaid insurance' });
  await lines.getByRole('link', { name: 'Prepaid insurance used up' }).click();
  await expect(list.getByRole('listitem')).toHaveCount(1);
  await expect(list).toContainText('Prepaid insurance used up');
  await page.goBack();
  await expect(lines).toBeVisible();
});

test('a day outside the year is told before an entry is recorded', async ({ page }) => {
  await open(page, /Tern Island Kayaks/, 'Journal');
  const day = page.getByLabel('Day', { exact: true });
  await day.fill('3 Mar 2030');
  await day.press('Enter');
  await expect(
    page.getByRole('form', { name: 'New entry' }).getByRole('status').first(),
  ).toContainText('3 March 2030 lies outside the financial year');
});

test('statements are printed on paper only, and saved; a cash flow is told by either method', async ({
  page,
}) => {
  await open(page, /Juniper Lane Nursery/, 'Statements');
  await page.getByRole('button', { name: 'Print or save' }).click();
  await expect(page.getByRole('button', { name: 'Save as PDF' })).toBeVisible();
  // What a browser says when it prints; printing itself asks for a printer.
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.handout-on-paper-only article')).toHaveCount(2);
  await expect(page.locator('#root')).toBeHidden();
  await expect(page.getByRole('article', { name: 'Balance sheet' })).toContainText('Total equity');
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await page.emulateMedia({ media: 'screen' });
  await expect(page.locator('.handout-on-paper-only')).toHaveCount(0);
  for (const kind of ['PDF', 'XLSX', 'CSV']) {
    const file = page.waitForEvent('download');
    await page.getByRole('button', { name: `Save as ${kind}` }).click();
    expect((await file).suggestedFilename()).toBe(
      `juniper-lane-nursery-statements.${kind.toLowerCase()}`,
    );
  }
  await page.keyboard.press('Escape');
  await page.getByText('Cash flow', { exact: true }).click();
  await expect(page.getByRole('row', { name: /^Profit for the period/ })).toBeVisible();
  await page.getByText('For what money came and went').click();
  await expect(page.getByRole('row', { name: /^Profit for the period/ })).toHaveCount(0);
  await expect(page.getByRole('row', { name: /Seasonal wages/ })).toContainText('(4,100)');
});

test('a year is closed by shares, locked, and the next one begun from it', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await manyCompanies(page);
  await page.goto('/companies');
  await page
    .getByRole('link', { name: /^Bakery 1,|^Bakery 1 / })
    .first()
    .click();
  await page.getByRole('link', { name: 'Journal', exact: true }).click();
  const search = page.getByRole('search', { name: 'Entries to look at' });
  await search.getByLabel('Find entries').fill('something else');
  await page.getByLabel('What happened').fill('Bread sold at the door');
  for (const [line, account, side] of [
    [1, 'Bank', 'Debit'],
    [2, 'Bread sold', 'Credit'],
  ] as const) {
    await page.getByRole('combobox', { name: `Account of line ${line}` }).click();
    await page.keyboard.type(account);
    await page.keyboard.press('Enter');
    if (side === 'Debit') await page.getByLabel('Debit of line 1').fill('700');
  }
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  // What is looked for would hide it: it is let go of.
  await expect(page.getByRole('list', { name: 'Recorded entries' })).toContainText('at the door');
  await expect(search.getByLabel('Find entries')).toHaveValue('');
  await saved(page);
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByRole('link', { name: 'Year end' }).click();
  const card = page.getByRole('region', { name: 'Year end' });
  await expect(card).toContainText('The year is not closed');
  await card.getByRole('button', { name: 'Record the closing entries' }).click();
  await expect(card).toContainText('this year is closed');
  await card.getByRole('button', { name: /^Lock entries up to/ }).click();
  await expect(card).toContainText('Entries up to 31 Dec 2027 are locked');
  await saved(page);
  await card.getByRole('button', { name: 'Begin the next year' }).click();
  await expect(page.getByRole('textbox', { name: 'Bank, debit' })).toHaveValue('1,200');
  await expect(page.getByRole('textbox', { name: 'Profits kept, credit' })).toHaveValue('1,700');
});

test('entries wait in a batch, are looked at and posted together; one begins from a template', async ({
  page,
}) => {
  await openBakery(page, 'Batch Lane Bakery');
  const id = /companies\/([^/]+)/.exec(page.url())?.[1] ?? '';
  const name = 'Loan paid back';
  const lines = [
    { account: 'loan', amount: 10_000 },
    { account: 'bank', amount: -10_000 },
  ];
  const entry = { id: 'e', date: '2027-01-15', kind: 'general', reference: '', text: name, lines };
  await ask(page, `books/${id}/operations`, {
    ...{ revision: 0, token: 'first', operations: [{ kind: 'record-entry', entry }] },
  });
  await page.getByRole('link', { name: 'Profile', exact: true }).click();
  await page.getByLabel('Entries are posted').click();
  await choose(page, 'In batches, posted together');
  await page.getByLabel('Basis of the profit').click();
  await choose(page, 'Cash: when money comes and goes');
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await saved(page);
  await page.getByRole('link', { name: 'Journal', exact: true }).click();
  const recorded = page.getByRole('list', { name: 'Recorded entries' }).getByRole('listitem');
  const first = recorded.first();
  await first.getByRole('button', { name: /^Repeat/ }).click();
  await page.getByRole('button', { name: 'Keep as a template' }).click();
  for (const word of ['Once', 'Twice']) {
    await page.getByRole('button', { name: 'From a template' }).click();
    await page
      .getByRole('list', { name: 'Templates' })
      .getByRole('button', { name })
      .first()
      .click();
    await page.getByLabel('What happened').fill(`${word} more`);
    await page.getByRole('button', { name: 'Into the batch' }).click();
  }
  const batch = page.getByRole('region', { name: 'Batch' });
  await expect(batch).toContainText('The batch: 2 entries not posted yet');
  await expect(recorded.filter({ hasText: 'Once more' })).toHaveCount(0);
  await page.reload();
  await batch.getByRole('button', { name: 'Change Once more in the batch' }).click();
  await page.getByLabel('Reference', { exact: true }).fill('B1');
  await page.getByRole('button', { name: 'Record the change' }).click();
  await expect(batch).toContainText('The batch: 2 entries not posted yet');
  await batch.getByRole('button', { name: 'Take Twice more out of the batch' }).click();
  await batch.getByRole('button', { name: 'Post the batch' }).click();
  await expect(batch).toHaveCount(0);
  await expect(recorded.filter({ hasText: 'Once more' })).toHaveCount(1);
  await expect(recorded.filter({ hasText: 'B1' })).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(batch).toContainText('1 entry not posted yet');
  await page.getByRole('button', { name: 'Redo' }).click();
  await saved(page);

  await page.getByRole('link', { name: 'Statements', exact: true }).click();
  await expect(page.getByText(/^On a cash basis the profit is/)).toBeVisible();
  await page.getByRole('button', { name: 'What differs' }).click();
  await expect(page.getByRole('heading', { name: /accrual and on a cash basis/ })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Cash basis' })).toBeVisible();
});

test('a journal is pasted from a spreadsheet: what was understood is seen, what can’t be read is told', async ({
  page,
}) => {
  await openOwnCompany(page, 'Pollard Row Bindery');
  await page.getByRole('link', { name: 'Journal', exact: true }).click();
  await page.getByText('A journal from a spreadsheet').click();
  const typed = page.getByLabel('entries, one a line');
  await typed.fill(
    [
      'Date\tRef\tText\tAccount\tDebit\tCredit',
      '3 Feb 2027\tP1\tA stack of notebooks\tBank\t120\t',
      '\t\t\tNotebooks sold\t\t120',
      '4 Feb 2027\tP2\tGroceries bought\tGroceries\t15\t',
      '\t\t\tBank\t\t15',
    ].join('\n'),
  );
  await expect(
    page.getByText('Row 4: There is no account “Groceries” in this book.'),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'Row by row' })).toContainText(
    'Bank 120.00 to Notebooks sold 120.00',
  );
  await page.getByRole('button', { name: 'Add 1 entry' }).click();
  await expect(typed).toHaveValue('');
  await expect(page.getByText('A stack of notebooks').first()).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('A stack of notebooks')).toHaveCount(0);
  await saved(page);
});
