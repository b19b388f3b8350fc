import { expect, test, type Page } from '@playwright/test';
import { answerSheet, comeInAs, saved, tabTo, giveBackHere, signInFirst } from './people.js';

const line = (page: Page, section: string) =>
  page.getByRole('textbox', { name: `New account in ${section}`, exact: true });

async function addAll(page: Page, section: string, names: readonly string[]): Promise<void> {
  for (let i = 0; i < 60; i++) {
    if (await line(page, section).evaluate((node) => node === document.activeElement)) break;
    await page.keyboard.press('ArrowDown');
  }
  await expect(line(page, section)).toBeFocused();
  for (const name of names) {
    await page.keyboard.type(name);
    await page.keyboard.press('Enter');
    await expect(line(page, section)).toHaveValue('');
  }
}

interface TypedEntry {
  readonly day: string;
  readonly text: string;
  readonly debit: string;
  readonly credit: string;
  readonly amount: string;
}

async function choose(page: Page, at: number, account: string): Promise<void> {
  await tabTo(page, page.getByRole('combobox', { name: `Account of line ${at}` }));
  await page.keyboard.type(account);
  await page.keyboard.press('Enter');
}

/** Records an entry by keyboard alone; the second amount fills itself. */
async function record(page: Page, entry: TypedEntry): Promise<void> {
  await tabTo(page, page.getByLabel('Day', { exact: true }));
  await page.keyboard.press('Control+a');
  await page.keyboard.type(entry.day);
  await page.keyboard.press('Enter');
  await tabTo(page, page.getByLabel('What happened'));
  await page.keyboard.type(entry.text);
  await choose(page, 1, entry.debit);
  await tabTo(page, page.getByLabel('Debit of line 1'));
  await page.keyboard.type(entry.amount);
  await choose(page, 2, entry.credit);
  await page.keyboard.press('Control+Enter');
  await expect(page.getByRole('listitem').filter({ hasText: entry.text })).toBeVisible();
}

const ENTRIES: readonly TypedEntry[] = [
  {
    day: '5 Feb 2027',
    text: 'Lessons in February',
    debit: 'Bank',
    credit: 'Sailing lessons',
    amount: '1,800',
  },
  { day: '28 Feb 2027', text: 'Wages of February', debit: 'Wages', credit: 'Bank', amount: '650' },
  {
    day: '31 Mar 2027',
    text: 'Insurance used up',
    debit: 'Insurance',
    credit: 'Prepaid insurance',
    amount: '300',
  },
];

async function open(page: Page, part: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Parts of the book' })
    .getByRole('link', { name: part, exact: true })
    .click();
}

async function openingAmount(page: Page, field: string, amount: string): Promise<void> {
  await tabTo(page, page.getByLabel(field, { exact: true }));
  await page.keyboard.type(amount);
  await page.keyboard.press('Enter');
}

test('an instructor builds a company by keyboard alone, a student does the exercise with three faults, and the marked work names exactly these', async ({
  page,
  browser,
}) => {
  test.setTimeout(180_000);
  await page.goto('/');
  await tabTo(page, page.getByRole('button', { name: /^Ruth Marsh/ }));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Waits for you' })).toBeVisible();

  await test.step('a company of ten accounts', async () => {
    await tabTo(page, page.getByRole('link', { name: 'New company' }));
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByLabel('Name', { exact: true }));
    await page.keyboard.type('Gannet Sailing School');
    await tabTo(page, page.getByRole('button', { name: 'Open the book' }));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Gannet Sailing School' })).toBeVisible();
    await tabTo(page, line(page, 'Current assets'));
    await addAll(page, 'Current assets', ['Bank', 'Trade receivables', 'Prepaid insurance']);
    await addAll(page, 'Non-current assets', ['Dinghies']);
    await addAll(page, 'Current liabilities', ['Trade payables']);
    await addAll(page, 'Equity', ['Share capital']);
    await addAll(page, 'Revenue', ['Sailing lessons']);
    await addAll(page, 'Operating expenses', ['Wages', 'Insurance']);
    await saved(page);
    await expect(page.locator('.row.account')).toHaveCount(10);
    await expect(
      page.locator('.row.account').filter({ hasText: 'Prepaid insurance' }),
    ).toContainText('1030');
  });

  await test.step('opening balances', async () => {
    await open(page, 'Opening');
    await openingAmount(page, 'Bank, debit', '4,000');
    await openingAmount(page, 'Prepaid insurance, debit', '1,200');
    await openingAmount(page, 'Dinghies, debit', '6 000');
    await expect(page.getByText('11,200 more in debit')).toBeVisible();
    await openingAmount(page, 'Share capital, credit', '11200');
    await expect(page.getByText('✓ The opening balances are in balance.')).toBeVisible();
  });

  await test.step('three entries', async () => {
    await open(page, 'Journal');
    for (const entry of ENTRIES) await record(page, entry);
    await saved(page);
    await expect(page.locator('.spread-foot.right')).toContainText('850');
  });

  await test.step('an exercise, handed out to a new class group', async () => {
    await tabTo(page, page.getByRole('button', { name: 'Make an exercise' }));
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByLabel('Title'));
    await page.keyboard.type('First quarter at Gannet');
    await page.keyboard.press('Enter');
    await expect(
      page.getByRole('heading', { name: 'First quarter at Gannet' }).first(),
    ).toBeVisible();
    await tabTo(page, page.getByLabel(/^Brief/));
    await page.keyboard.press('Control+A');
    await page.keyboard.type('Set up the books of **Gannet Sailing School**.');
    await tabTo(page, page.getByRole('button', { name: 'Save the brief' }));
    await page.keyboard.press('Enter');
    await expect(page.locator('.saved')).toHaveText('Saved');
  });

  const exercise = page.url();
  await page.goto('/groups');
  await page.getByLabel('Name of the new class group').fill('Sailors');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: /Sailors/ }).click();
  await page.getByLabel(/^A name on each line/).fill('Nell Harbour');
  await page.getByRole('button', { name: 'Add them' }).click();
  const password = await page.locator('code').innerText();
  await page.goto(exercise.replace('/brief', '/hand-out'));
  await page.getByRole('combobox', { name: 'Class group' }).click();
  await page.keyboard.type('Sail');
  await page.getByTitle(/^Sailors/).click();
  await page.getByRole('button', { name: 'Hand out', exact: true }).click();
  await expect(page.getByRole('cell', { name: 'Sailors', exact: true })).toBeVisible();

  await test.step('the student does it, with three faults', async () => {
    const nell = await browser.newPage({ baseURL: new URL(page.url()).origin });
    await signInFirst(nell, 'nell.harbour', { password });
    await nell.getByRole('link', { name: /First quarter at Gannet/ }).click();
    await expect(nell.getByText('Gannet Sailing School', { exact: true })).toBeVisible();
    await nell.getByRole('button', { name: 'Begin' }).click();
    await line(nell, 'Current assets').click();
    await addAll(nell, 'Current assets', ['Bank', 'Trade receivables']);
    await addAll(nell, 'Non-current assets', ['Dinghies']);
    await addAll(nell, 'Current liabilities', ['Trade payables']);
    await addAll(nell, 'Equity', ['Share capital']);
    await addAll(nell, 'Revenue', ['Sailing lessons']);
    // The first fault: a prepayment among the expenses.
    await addAll(nell, 'Operating expenses', ['Wages', 'Insurance', 'Prepaid insurance']);
    await open(nell, 'Opening');
    await openingAmount(nell, 'Bank, debit', '4000');
    await openingAmount(nell, 'Dinghies, debit', '6000');
    await openingAmount(nell, 'Share capital, credit', '11200');
    await openingAmount(nell, 'Prepaid insurance, debit', '1200');
    await open(nell, 'Journal');
    // The second: two digits swapped. The third: the insurance is never used up.
    await record(nell, { ...(ENTRIES[0] as TypedEntry), amount: '8100' });
    await record(nell, ENTRIES[1] as TypedEntry);
    await saved(nell);
    await nell.getByRole('button', { name: 'Hand in' }).click();
    await answerSheet(nell.getByRole('dialog'), 'Hand in');
    await expect(nell.getByText(/^Handed in/)).toBeVisible();
    await nell.close();
  });

  await test.step('the marked work', async () => {
    await page.goto(exercise.replace('/exercises/', '/results/').replace('/brief', ''));
    await page.getByRole('link', { name: 'Nell Harbour' }).click();
    const notes = page.getByRole('article', { name: /^Note \d/ });
    await expect(notes).toHaveCount(3);
    await expect(notes.nth(0)).toContainText('On the wrong statement');
    await expect(notes.nth(0)).toContainText('Prepaid insurance');
    await expect(notes.nth(1)).toContainText('Entry missing');
    await expect(notes.nth(1)).toContainText('Insurance used up');
    await expect(notes.nth(2)).toContainText('Digits of an amount exchanged');
    await expect(notes.nth(2)).toContainText('Lessons in February');
    await expect(page.getByText('Nothing is marked down twice.')).toBeVisible();
    await expect(page.locator('.marked-foot.right')).toContainText('Profit for the period 7,450');
    await expect(page.locator('.marked-foot.right')).toContainText(
      'key 850+6,600 = note 2 (+300) + note 3 (+6,300)',
    );
    await expect(page.locator('.marked-row.is-wanted')).toContainText('Prepaid insurance');
  });
});

test('the keys of marking: next, previous, a note, given back', async ({ page, browser }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.goto('/results');
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  await page.getByRole('link', { name: 'Hugh Santos' }).click();
  await expect(page.getByRole('heading', { name: /Hugh Santos/ })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: /Ines Okafor/ })).toBeVisible();
  await expect(page.locator('.marked-foot.right')).toContainText(
    '+5,060 = note 1 (+4,200) + note 3 (+860)',
  );
  await page.getByRole('button', { name: 'Add a note' }).click();
  await page.getByLabel('Your note to the student').fill('Rides sold ahead are owed.');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Rides sold ahead are owed.')).toBeVisible();
  await giveBackHere(page);
  const student = await browser.newPage({ baseURL: new URL(page.url()).origin });
  await comeInAs(student, 'Ines Okafor');
  await student.getByRole('link', { name: /Quarter-end/ }).click();
  await expect(student.getByText('Rides sold ahead are owed.')).toBeVisible();
  await expect(student.getByRole('article', { name: 'Note 1' })).toContainText('Season passes');
  await expect(student.getByText('The key alone')).toHaveCount(0);
  await student.close();
});
