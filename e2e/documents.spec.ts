import { expect, test, type Page } from '@playwright/test';
import { pick, tab } from './by-keys.js';
import { ACCOUNTS, FEBRUARY, openDealer } from './dealer.js';
import { begin, handIn, handOut, notesOf } from './exercise-steps.js';
import { choose, saved } from './people.js';

const leaf = (page: Page, name: string) =>
  page
    .getByRole('radiogroup', { name: 'What to look at' })
    .getByText(name, { exact: true })
    .click();

/** Counts the keys that are pressed from now on. */
async function countKeys(page: Page): Promise<() => Promise<number>> {
  await page.evaluate(() => {
    const counted = window as unknown as { keys: number };
    counted.keys = 0;
    window.addEventListener('keydown', () => counted.keys++, true);
  });
  return () => page.evaluate(() => (window as unknown as { keys: number }).keys);
}

const form = (page: Page) => page.getByRole('form', { name: 'New document' });
const list = (page: Page) => page.getByRole('table', { name: 'Documents' });

/** What happened, of whom; the focus stands behind the reference then. */
async function heads(page: Page, kind: [string, string], party: [string, string]): Promise<void> {
  await pick(page, ...kind);
  await tab(page, 2);
  await pick(page, ...party);
  await tab(page, 2);
}

async function goods(page: Page, quantity: string): Promise<void> {
  await pick(page, 'lav', 'Lavender');
  await tab(page);
  await page.keyboard.type(quantity);
}

async function record(page: Page, count: number): Promise<void> {
  await page.keyboard.press('Control+Enter');
  await expect(list(page).locator('[data-document]')).toHaveCount(count);
  await expect(form(page).getByRole('combobox', { name: 'What happened' })).toBeFocused();
}

test('seven events by documents, in fewer than two hundred keys; the loss between them is explained', async ({
  page,
}) => {
  await openDealer(page, 'Seven events', { part: 'documents' });
  await form(page).getByRole('combobox', { name: 'What happened' }).focus();
  const keys = await countKeys(page);
  await heads(page, ['goods i', 'Goods in'], ['haz', 'Hazel Growers']);
  await goods(page, '220');
  await record(page, 1);
  await heads(page, ['supplier', 'Supplier’s invoice'], ['haz', 'Hazel Growers']);
  await goods(page, '220');
  await record(page, 2);
  await heads(page, ['money f', 'Money from customer'], ['fern', 'Fern and Stile']);
  await tab(page);
  await page.keyboard.type('1980');
  await record(page, 3);
  await heads(page, ['goods o', 'Goods out'], ['fern', 'Fern and Stile']);
  await goods(page, '220');
  await record(page, 4);
  await heads(page, ['invoice', 'Invoice to customer'], ['fern', 'Fern and Stile']);
  await goods(page, '220');
  await record(page, 5);
  await heads(page, ['paid', 'Paid to supplier'], ['haz', 'Hazel Growers']);
  await page.keyboard.press('Space');
  await record(page, 6);
  await pick(page, 'money o', 'Money out');
  await tab(page, 4);
  await pick(page, 'inter', 'Loan interest');
  await tab(page);
  await page.keyboard.type('80');
  await record(page, 7);
  expect(await keys()).toBeLessThan(200);

  await page.getByRole('link', { name: 'Statements', exact: true }).click();
  await page.getByText('Through time', { exact: true }).click();
  await page.getByRole('button', { name: /^Goods out, Fern and Stile/ }).click();
  const profit = page.getByRole('region', { name: 'Profit and loss' });
  await expect(profit).toContainText('A loss that is none');
  await expect(profit).toContainText('the invoice follows');
  await expect(page.getByRole('region', { name: 'Balance sheet' })).toContainText('was 1,100');
  await page.getByRole('button', { name: /^Invoice to customer/ }).click();
  await expect(profit).not.toContainText('A loss that is none');
  await page.getByRole('button', { name: /^Money out/ }).click();
  await expect(page.locator('.spread-foot.right')).toContainText('800');
});

test('the same seven events by entries, in fewer than three hundred keys', async ({ page }) => {
  await openDealer(page, 'Seven entries', { part: 'journal' });
  const entries = page.getByRole('list', { name: 'Recorded entries' }).getByRole('listitem');
  await page.getByLabel('Day', { exact: true }).focus();
  const keys = await countKeys(page);
  const events = [
    ['1200', '1100', '2020'],
    ['2020', '1100', '2010'],
    ['1010', '1980', '1100'],
    ['5010', '1100', '1200'],
    ['1100', '1980', '4010'],
    ['2010', '1100', '1010'],
    ['8510', '80', '1010'],
  ] as const;
  for (const [i, [debit, amount, credit]] of events.entries()) {
    await tab(page, 4);
    await pick(page, debit, debit);
    await tab(page);
    await page.keyboard.type(amount);
    await tab(page, 2);
    await pick(page, credit, credit);
    await page.keyboard.press('Control+Enter');
    await expect(entries).toHaveCount(i + 1);
    await expect(page.getByLabel('Day', { exact: true })).toBeFocused();
  }
  expect(await keys()).toBeLessThan(300);
  await expect(page.locator('.spread-foot.right')).toContainText('800');
});

test('who owes, a new customer, terms, a payment in part, and what names a thing keeps it', async ({
  page,
}) => {
  await openDealer(page, 'Who owes', { part: 'documents' });
  await leaf(page, 'Customers, suppliers');
  const party = page.getByRole('form', { name: 'New customer or supplier' });
  await party.getByLabel('Name').fill('Parish of Nether Fen');
  await party.getByLabel('Discount, %').fill('2');
  await party.getByLabel('if paid within days').fill('10');
  await party.getByLabel('Owed when the books begin').fill('1000');
  await party.getByLabel('Name').press('Enter');
  await expect(page.getByRole('table', { name: 'Customers' })).toContainText('2 % within 10 days');
  await expect(page.getByRole('region', { name: 'When the books begin' })).toContainText(
    'too much is listed',
  );
  await leaf(page, 'Documents');
  await form(page).getByRole('combobox', { name: 'What happened' }).focus();
  await heads(page, ['money f', 'Money from customer'], ['par', 'Parish']);
  await form(page)
    .getByRole('checkbox', { name: /Opening balance/ })
    .check();
  await expect(form(page).getByLabel('Amount')).toHaveValue('980');
  await expect(form(page).getByLabel('Discount')).toHaveValue('20');
  await form(page).getByLabel('Amount').fill('400');
  await form(page).getByLabel('Discount').fill('');
  await page.keyboard.press('Control+Enter');
  await leaf(page, 'Who owes');
  await expect(page.getByRole('table', { name: 'Who owes' })).toContainText('600');
  await expect(
    page.getByRole('status').filter({ hasText: 'control account stands' }),
  ).toBeVisible();
  await leaf(page, 'Customers, suppliers');
  await page.getByRole('button', { name: 'Remove Parish of Nether Fen' }).click();
  await expect(page.getByRole('alert')).toContainText('stands in 1 document');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Remove Parish of Nether Fen' }).click();
  await expect(page.getByText('Parish of Nether Fen')).toHaveCount(0);
});

test('a schedule from an account’s slip makes its entries, which are changed there alone', async ({
  page,
}) => {
  await openDealer(page, 'A schedule', { part: 'chart' });
  await page.getByText('Prepaid rent', { exact: true }).click();
  await page.getByRole('link', { name: 'Plan a schedule' }).click();
  const schedule = page.getByRole('form', { name: 'New schedule' });
  await schedule.getByLabel('What is spread').fill('Rent of the yard');
  await schedule.getByLabel('Paid ahead').fill('1000');
  await schedule.getByLabel('Months').fill('3');
  await expect(schedule.getByRole('status')).toContainText('3 rows of 333.33');
  await schedule.getByRole('button', { name: 'Add' }).click();
  const rows = page.getByRole('region', { name: 'Rows of the schedule' });
  await expect(rows).toContainText('333.34');
  await page.getByRole('button', { name: 'Make the next entry' }).click();
  await expect(rows.getByText('✓ made')).toHaveCount(1);
  await page.getByRole('button', { name: 'Make all 2' }).click();
  await expect(rows.getByText('✓ made')).toHaveCount(3);
  await saved(page);
  await page.getByRole('link', { name: 'Journal', exact: true }).click();
  const entries = page.getByRole('list', { name: 'Recorded entries' });
  await expect(entries.getByRole('listitem')).toHaveCount(3);
  await expect(entries.getByRole('button', { name: 'Change Rent of the yard' })).toHaveCount(0);
  await entries.getByRole('link', { name: 'made by a schedule' }).first().click();
  await expect(rows).toBeVisible();
  await page.getByRole('button', { name: 'Remove Rent of the yard' }).click();
  await expect(rows).toHaveCount(0);
});

test('a student keeps the books by documents and a schedule, and gets every point', async ({
  page,
  browser,
}) => {
  await openDealer(page, 'By documents', { part: 'documents', more: FEBRUARY });
  await expect(list(page).locator('[data-document]')).toHaveCount(2);
  const made = await handOut(page, 'Keep the books', {
    title: 'Documents of February',
    student: 'Mara Quince',
  });
  await page.goto(`/exercises/${made.id}/checks`);
  await page.getByRole('combobox', { name: 'What happens is entered' }).click();
  await choose(page, 'as documents');
  await page.getByRole('button', { name: 'Save the checks' }).click();
  await expect(page.getByRole('button', { name: 'Save the checks' })).toBeDisabled();
  const student = await begin(browser, page, { made, title: 'Documents of February' });
  await student.getByRole('link', { name: 'Opening', exact: true }).click();
  await student.getByRole('textbox', { name: 'Bank, debit' }).fill('16000');
  await student.getByRole('textbox', { name: 'Share capital, credit' }).fill('16000');
  await student.getByRole('textbox', { name: 'Share capital, credit' }).press('Enter');
  await student.getByRole('link', { name: 'Journal', exact: true }).click();
  await student.getByLabel('What happened').fill('By hand');
  for (const [line, account] of [
    [1, '1200'],
    [2, '2020'],
  ] as const) {
    await student.getByRole('combobox', { name: `Account of line ${line}` }).click();
    await pick(student, account, account);
  }
  await student.getByLabel('Debit of line 1').fill('50');
  await student.keyboard.press('Control+Enter');
  await expect(student.getByRole('alert')).toContainText('entered under Documents');

  await student.getByRole('link', { name: 'Documents', exact: true }).click();
  const day = async (text: string) => {
    await form(student).getByLabel('Day').fill(text);
    await form(student).getByLabel('Day').press('Enter');
    await form(student).getByRole('combobox', { name: 'What happened' }).focus();
  };
  await day('3 Feb 2027');
  await heads(student, ['goods i', 'Goods in'], ['haz', 'Hazel Growers']);
  await goods(student, '10');
  await record(student, 1);
  await day('5 Feb 2027');
  await heads(student, ['invoice', 'Invoice to customer'], ['fern', 'Fern and Stile']);
  await goods(student, '10');
  await record(student, 2);
  await leaf(student, 'Schedules');
  const schedule = student.getByRole('form', { name: 'New schedule' });
  await schedule.getByLabel('What is spread').fill('Rent of February');
  await schedule.getByLabel('Paid ahead').fill('300');
  await schedule.getByLabel('From').fill('1 Feb 2027');
  await schedule.getByLabel('From').press('Enter');
  await schedule.getByLabel('Months').fill('1');
  await schedule.getByRole('button', { name: 'Add' }).click();
  await student.getByRole('button', { name: 'Make the next entry' }).click();
  await handIn(student);
  expect(await (await notesOf(page, made, 'Mara Quince')).count()).toBe(0);
  await student.close();
});

test('customers and items come from a spreadsheet: what was understood is seen, what is there is changed', async ({
  page,
}) => {
  await openDealer(page, 'Lists from elsewhere', { part: 'documents' });
  await leaf(page, 'Customers, suppliers');
  const names = page.getByRole('region', { name: 'Several customers at once' });
  await names
    .getByLabel('customers, one a line')
    .fill('Name\tNet days\nFern and Stile\t14\nQuay Inn\t\nThe Pilot\tsoon');
  await expect(names).toContainText('Row 4: “soon” is not an amount.');
  await expect(names.getByRole('row', { name: /Fern and Stile/ })).toContainText('changed');
  await names.getByRole('button', { name: 'Add 1 customer, change 1' }).click();
  const customers = page.getByRole('table', { name: 'Customers' });
  await expect(customers.getByRole('row', { name: /Fern and Stile/ })).toContainText('14 days net');
  await expect(customers).toContainText('Quay Inn');
  await leaf(page, 'Items');
  const items = page.getByRole('region', { name: 'Several items at once' });
  await items.locator('input[type=file]').setInputFiles({
    ...{ name: 'items.csv', mimeType: 'text/csv' },
    buffer: Buffer.from('Item;Unit;Cost;Price;In stock\nThyme;pcs;0,80;2,10;\nSage;pcs;0,90;2,30;'),
  });
  await expect(items.getByRole('row', { name: /Thyme/ })).toContainText('cost 0.80, price 2.10');
  await items.getByRole('button', { name: 'Add 2 items' }).click();
  await expect(page.getByRole('table', { name: 'Items' })).toContainText('Sage');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('table', { name: 'Items' })).not.toContainText('Sage');
});

test('documents come from a spreadsheet: what was understood is seen, and recorded and taken back in one step', async ({
  page,
}) => {
  await openDealer(page, 'Documents from elsewhere', { part: 'documents' });
  await page.getByText('Documents from a spreadsheet').click();
  const several = page.getByRole('region', { name: 'Several documents at once' });
  await several
    .getByLabel('documents, one a line')
    .fill(
      [
        'Date\tKind\tRef\tParty\tItem or account\tQuantity\tPrice\tAmount\tSettles',
        '3 Feb 2027\tSupplier’s invoice\tH-7\tHazel Growers\tLavender\t10\t3.00\t\t',
        '4 Feb 2027\tPaid to supplier\tP-7\tHazel Growers\t\t\t\t30.00\tH-7',
        '5 Feb 2027\tParcel\tX\tHazel Growers\tLavender\t1\t3.00\t\t',
      ].join('\n'),
    );
  await expect(several).toContainText('Row 4: “Parcel” is no kind of document.');
  await expect(several.getByRole('row', { name: /Supplier’s invoice H-7/ })).toContainText(
    'Hazel Growers, 1 line, 30.00',
  );
  await several.getByRole('button', { name: 'Add 2 documents' }).click();
  const papers = list(page);
  await expect(papers).toContainText('H-7');
  await expect(papers).toContainText('P-7');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('main')).not.toContainText('P-7');
});

const SALES_TAX = { id: 'tax', number: '2100', name: 'Sales tax', type: 'sales-tax' };

test('a tax is set up, charged by an invoice on top or in its prices, and told by the return of its period', async ({
  page,
}) => {
  const more = { accounts: [...ACCOUNTS, SALES_TAX] };
  await openDealer(page, 'Taxed plants', { part: 'documents', more });
  await leaf(page, 'Tax');
  const tax = page.getByRole('form', { name: 'New tax' });
  await tax.getByLabel('Code').fill('S20');
  await tax.getByLabel('Name').fill('Standard rate');
  await tax.getByLabel('Rate, %').fill('a fifth');
  await tax.getByRole('button', { name: 'Add' }).click();
  await expect(tax).toContainText('“a fifth” is not an amount');
  await tax.getByLabel('Rate, %').fill('120');
  await tax.getByRole('button', { name: 'Add' }).click();
  await expect(tax).toContainText('from 0 to 100 percent');
  await tax.getByLabel('Rate, %').fill('20 %');
  await tax.getByRole('button', { name: 'Add' }).click();
  const rules = page.getByRole('table', { name: 'Taxes that documents charge' });
  await expect(rules.getByRole('row', { name: /S20/ })).toContainText('2100 Sales tax');

  await leaf(page, 'Documents');
  const invoice = form(page);
  await invoice.getByRole('combobox', { name: 'What happened' }).click();
  await choose(page, 'Invoice to customer');
  await invoice.getByRole('combobox', { name: 'Customer' }).click();
  await choose(page, 'Fern and Stile');
  await invoice.getByRole('combobox', { name: 'What line 1 is of' }).click();
  await choose(page, 'Lavender');
  await invoice.getByLabel('How many of line 1').fill('10');
  await invoice.getByRole('combobox', { name: 'Tax of line 1' }).click();
  await choose(page, 'S20');
  await expect(invoice).toContainText('Net 90, S20 18, together 108');
  await invoice.getByRole('checkbox', { name: 'Prices hold the tax' }).check();
  await expect(invoice).toContainText('Net 75, S20 15, together 90');
  await invoice.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(list(page).getByRole('row', { name: /Fern and Stile/ })).toContainText('90');

  await leaf(page, 'Tax');
  const told = page.getByRole('table', { name: 'Tax return' });
  await expect(told.getByRole('row', { name: /To be paid/ })).toContainText('15');
  await expect(page.getByRole('table', { name: 'Beside the accounts' })).toContainText('Owed at');
  await told
    .getByRole('row', { name: /Invoice to customer/ })
    .getByRole('link')
    .first()
    .click();
  await expect(page.getByRole('main')).toContainText('Sales tax');
  await saved(page);
});
