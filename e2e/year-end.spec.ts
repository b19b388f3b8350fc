import { expect, test, type Page } from '@playwright/test';
import { ask, begin, handIn, handOut, notesOf } from './exercise-steps.js';
import { choose, comeInAs } from './people.js';

const CLOSED = {
  format: 'gleddo-book',
  version: 1,
  company: { name: 'Kiln and Clay', firstDay: '2027-01-01', currency: 'EUR', periods: 12 },
  scheme: 'current-first',
  numberPlan: 'four-digit',
  accounts: [
    { id: 'bank', number: '1010', name: 'Bank', type: 'bank' },
    { id: 'kept', number: '3100', name: 'Profits kept', type: 'retained-earnings' },
    { id: 'pots', number: '4010', name: 'Pots sold', type: 'goods-sales' },
    { id: 'clay', number: '5010', name: 'Clay used', type: 'cost-of-goods-sold' },
  ],
  opening: {
    date: '2026-12-31',
    balances: [
      { account: 'bank', debit: '800.00' },
      { account: 'kept', credit: '800.00' },
    ],
  },
  entries: [
    {
      ...{ id: 'sold', date: '2027-05-04', kind: 'cash-receipts', text: 'Pots sold at the fair' },
      lines: [
        { account: 'bank', debit: '500.00' },
        { account: 'pots', credit: '500.00' },
      ],
    },
    {
      ...{ id: 'clay', date: '2027-06-01', kind: 'cash-payments', text: 'Clay' },
      lines: [
        { account: 'clay', debit: '120.00' },
        { account: 'bank', credit: '120.00' },
      ],
    },
    {
      ...{ id: 'closed', date: '2027-12-31', kind: 'closing', text: 'The year is closed' },
      lines: [
        { account: 'pots', debit: '500.00' },
        { account: 'clay', credit: '120.00' },
        { account: 'kept', credit: '380.00' },
      ],
    },
  ],
};

interface Typed {
  readonly day: string;
  readonly kind: string;
  readonly text: string;
  /** Each line: an account’s number, its side, how much; nothing for the last, whose amount is proposed. */
  readonly lines: readonly (readonly [account: string, side: 'Debit' | 'Credit', amount: string])[];
}

async function record(page: Page, { day, kind, text, lines }: Typed): Promise<void> {
  await page.getByLabel('Day', { exact: true }).fill(day);
  await page.getByLabel('Day', { exact: true }).press('Enter');
  await page.getByLabel('Kind', { exact: true }).click();
  await choose(page, kind);
  await page.getByLabel('What happened').fill(text);
  for (const [at, [account, side, amount]] of lines.entries()) {
    await page.getByRole('combobox', { name: `Account of line ${at + 1}` }).click();
    await page.keyboard.type(account);
    await page.keyboard.press('Enter');
    if (amount !== '') await page.getByLabel(`${side} of line ${at + 1}`).fill(amount);
  }
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Recorded entries' })).toContainText(text);
}

test('a student records the entries of a year and closes it by hand, and gets every point', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  const { bookId } = await ask(page, 'companies', { book: CLOSED });
  await page.goto(`/companies/${String(bookId)}/chart`);
  const made = await handOut(page, 'Keep the books', {
    title: 'The year of the kiln',
    student: 'Ulf Kestrel',
  });
  const student = await begin(browser, page, { made, title: 'The year of the kiln' });
  await student.getByRole('link', { name: 'Opening', exact: true }).click();
  await student.getByRole('textbox', { name: 'Bank, debit' }).fill('800');
  await student.getByRole('textbox', { name: 'Profits kept, credit' }).fill('800');
  await student.getByRole('textbox', { name: 'Profits kept, credit' }).press('Enter');
  await student.getByRole('link', { name: 'Journal', exact: true }).click();
  await record(student, {
    ...{ day: '4 May 2027', kind: 'Cash receipts', text: 'Pots sold' },
    lines: [
      ['1010', 'Debit', '500'],
      ['4010', 'Credit', ''],
    ],
  });
  await record(student, {
    ...{ day: '1 Jun 2027', kind: 'Cash payments', text: 'Clay bought' },
    lines: [
      ['5010', 'Debit', '120'],
      ['1010', 'Credit', ''],
    ],
  });
  await record(student, {
    ...{ day: '31 Dec 2027', kind: 'Closing', text: 'Closed' },
    lines: [
      ['4010', 'Debit', '500'],
      ['5010', 'Credit', '120'],
      ['3100', 'Credit', ''],
    ],
  });
  await student.getByRole('link', { name: 'Statements', exact: true }).click();
  await expect(student.locator('.spread')).toContainText('Profit for the period');
  await handIn(student);
  expect(await (await notesOf(page, made, 'Ulf Kestrel')).count()).toBe(0);
  await student.close();
});
