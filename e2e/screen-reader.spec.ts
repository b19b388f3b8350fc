import { expect, test } from '@playwright/test';
import { handOut, openBakery } from './exercise-steps.js';
import { signInFirst } from './people.js';
import { ScreenReader } from './screen-reader.js';

const HEARD = { role: 'combobox', end: 'Enter' };

test('a student’s whole exercise by the tree alone that a screen reader gets', async ({
  page,
  browser,
}) => {
  await openBakery(page, 'Heard Bakery');
  const made = await handOut(page, 'Build it', { title: 'Heard, not seen', student: 'Ida Fallow' });
  const student = await browser.newPage({ baseURL: new URL(page.url()).origin });
  await signInFirst(student, made.login, { password: made.password });
  const reader = await ScreenReader.on(student);

  await reader.press('link', /^Heard, not seen/);
  await reader.find('heading', 'Heard, not seen');
  await reader.press('button', 'Begin');
  await reader.find('grid', 'Balance sheet');
  await reader.find('region', 'The brief');
  await reader.find('cell', 'Oven loan');

  const accounts = [
    ['Current assets', 'Bank', /It will be: Bank, normally in debit/],
    ['Non-current assets', 'Ovens', null],
    ['Non-current liabilities', 'Oven loan', null],
  ] as const;
  for (const [section, name, becomes] of accounts) {
    await reader.write(`New account in ${section}`, name);
    if (becomes) await reader.hears(becomes);
    await student.keyboard.press('Enter');
    await reader.hears(new RegExp(`\\d{4} ${name} added`));
    await reader.find('row', new RegExp(`^\\d{4} ${name} `));
  }

  await reader.press('link', 'Opening');
  await reader.hears(/^Opening · Heard, not seen/);
  await reader.write('Bank, debit', 'five', { end: 'Tab' });
  await reader.hears(/“five” is not an amount/);
  await reader.write('Bank, debit', '500', { end: 'Tab' });
  await reader.hears(/500 more in debit/);
  await reader.write('Ovens, debit', '2000', { end: 'Tab' });
  await reader.write('Oven loan, credit', '1500', { end: 'Tab' });
  await reader.write('Profits kept, credit', '1000', { end: 'Tab' });
  await reader.hears(/The opening balances are in balance/);

  await reader.press('link', 'Journal');
  await reader.write('What happened', 'Oven bought');
  await reader.write('Account of line 1', 'Ovens', HEARD);
  await reader.write('Debit of line 1', '100');
  await reader.hears(/The entry: 100 more in debit/);
  await reader.write('Account of line 2', 'Oven loan', HEARD);
  await reader.hears(/The entry: in balance/);
  await reader.press('button', 'Record');
  await reader.find('button', 'Change Oven bought');
  await reader.hears(/Assets 2,600 equal liabilities 1,600 and equity 1,000/);

  await reader.press('link', 'Statements');
  await reader.find('button', 'Ovens 2,100: its entries');
  await reader.press('link', 'Back to my exercises');
  await reader.press('link', /^Heard, not seen/);
  // One is where one was.
  await reader.find('button', 'Ovens 2,100: its entries');
  await reader.press('button', 'Hand in');
  await reader.find('dialog', 'Hand this work in?');
  await reader.press('button', 'Hand in');
  await reader.find('StaticText', /^Handed in/);
  expect(await student.title()).toContain('Heard, not seen');
  await student.close();
});
