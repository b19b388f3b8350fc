import { expect, test, type Page } from '@playwright/test';
import { begin, handOut, openBakery, row } from './exercise-steps.js';
import { openOwnCompany } from './own-company.js';
import { answerSheet, comeInAs, saved, tabTo } from './people.js';

/** That something has the focus: the keys go somewhere. */
async function somebodyHasIt(page: Page, when: string): Promise<void> {
  await expect
    .poll(() => page.evaluate(() => document.activeElement?.tagName ?? 'BODY'), { message: when })
    .not.toBe('BODY');
}

const line = (page: Page, section: string) =>
  page.getByRole('textbox', { name: `New account in ${section}`, exact: true });

/** Chooses an account by typing, once the list offers it. */
async function chooseAccount(page: Page, at: number, name: string): Promise<void> {
  await tabTo(page, page.getByRole('combobox', { name: `Account of line ${at}` }));
  await page.keyboard.type(name);
  const offered = page.locator('.ant-select-dropdown:visible .ant-select-item-option-active');
  await expect(offered.filter({ hasText: name }).last()).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.locator('.entry-line').nth(at - 1)).toContainText(name);
}

/** A key as a keyboard of another layout sends it. */
const pressed = (
  page: Page,
  key: string,
  { code, shiftKey }: { readonly code: string; readonly shiftKey: boolean },
) =>
  page.evaluate(
    ([name, place, shift]) => {
      const init = { key: name, code: place, shiftKey: shift, bubbles: true, cancelable: true };
      document.activeElement?.dispatchEvent(new KeyboardEvent('keydown', init));
    },
    [key, code, shiftKey] as const,
  );

test('a student’s exercise by keyboard: the focus is never lost', async ({ page, browser }) => {
  await openBakery(page, 'Keyed Bakery');
  const made = await handOut(page, 'Build it', { title: 'Keyed in', student: 'Kit Sorrel' });
  const student = await browser.newPage({ baseURL: new URL(page.url()).origin });
  await student.goto('/');
  await tabTo(student, student.getByLabel('Name you sign in with'));
  await student.keyboard.type(made.login);
  await student.keyboard.press('Tab');
  await student.keyboard.type(made.password);
  await student.keyboard.press('Enter');
  await tabTo(student, student.getByLabel('Password, 10 characters or more'));
  await student.keyboard.type('kept to oneself');
  await student.keyboard.press('Enter');
  await expect(student.getByRole('heading', { name: 'My exercises' })).toBeFocused();
  await tabTo(student, student.getByRole('link', { name: /Keyed in/ }));
  await student.keyboard.press('Enter');
  await expect(student.getByRole('heading', { name: 'Keyed in' })).toBeFocused();
  await tabTo(student, student.getByRole('button', { name: 'Begin' }));
  await student.keyboard.press('Enter');
  await expect(student.getByRole('grid', { name: 'Balance sheet' })).toBeVisible();
  await somebodyHasIt(student, 'after Begin');

  await line(student, 'Current assets').focus();
  for (const name of ['Bank', 'Till']) {
    await student.keyboard.type(name);
    await student.keyboard.press('Enter');
  }
  await student.keyboard.press('Escape');
  await expect(row(student, 'Till')).toBeFocused();
  await student.keyboard.press('Enter');
  const slip = student.getByRole('complementary', { name: 'Account Till' });
  await tabTo(student, slip.getByLabel('Placed in'));
  await student.keyboard.press('Enter');
  await student.keyboard.type('cash in hand');
  await student.keyboard.press('Enter');
  await expect(slip.getByLabel('Placed in')).toBeFocused();
  await tabTo(student, slip.getByRole('button', { name: 'Delete' }));
  await student.keyboard.press('Enter');
  await expect(row(student, 'Till')).toHaveCount(0);
  await somebodyHasIt(student, 'after deleting from the slip');
  await student.keyboard.press('Control+z');
  await expect(row(student, 'Till')).toBeVisible();
  await somebodyHasIt(student, 'after undo');

  await line(student, 'Equity').focus();
  await student.keyboard.type('Profits kept');
  await student.keyboard.press('Enter');
  await tabTo(student, student.getByRole('link', { name: 'Opening' }), 200);
  await student.keyboard.press('Enter');
  await tabTo(student, student.getByRole('textbox', { name: 'Bank, debit' }), 200);
  await student.keyboard.type('9600');
  await student.keyboard.press('Tab');
  await student.keyboard.press('Shift+Tab');
  await student.keyboard.type('12');
  await student.keyboard.press('Tab');
  await expect(student.getByRole('textbox', { name: 'Bank, debit' })).toHaveValue('12');

  await tabTo(student, student.getByRole('link', { name: 'Journal' }), 200);
  await student.keyboard.press('Enter');
  await tabTo(student, student.getByLabel('What happened'), 200);
  await student.keyboard.type('Till filled');
  await chooseAccount(student, 1, 'Till');
  await student.keyboard.press('Tab');
  await student.keyboard.type('5');
  await chooseAccount(student, 2, 'Bank');
  await student.keyboard.press('Control+Enter');
  const entry = student.getByRole('listitem').filter({ hasText: 'Till filled' });
  await expect(entry).toBeVisible();
  await somebodyHasIt(student, 'after recording');
  const change = entry.getByRole('button', { name: 'Change Till filled' });
  await tabTo(student, change, 200);
  await student.keyboard.press('Enter');
  await expect(student.getByRole('form', { name: 'Change an entry' })).toBeVisible();
  await expect(student.getByLabel('Day', { exact: true })).toBeFocused();
  await tabTo(student, student.getByRole('button', { name: 'Leave it as it was' }), 200);
  await student.keyboard.press('Enter');
  await expect(change).toBeFocused();
  await tabTo(student, entry.getByRole('button', { name: 'Remove Till filled' }));
  await student.keyboard.press('Enter');
  await expect(entry).toHaveCount(0);
  await somebodyHasIt(student, 'after removing an entry');

  await tabTo(student, student.getByRole('link', { name: 'Statements' }), 200);
  await student.keyboard.press('Enter');
  const figure = student.getByRole('button', { name: /^Bank .*its entries$/ });
  await tabTo(student, figure, 200);
  await student.keyboard.press('Enter');
  await expect(student.getByRole('complementary', { name: 'Entries of Bank' })).toBeVisible();
  await student.keyboard.press('Escape');
  await expect(figure).toBeFocused();

  await saved(student);
  await tabTo(student, student.getByRole('button', { name: 'Hand in' }), 200);
  await student.keyboard.press('Enter');
  const sheet = student.getByRole('dialog');
  await expect(sheet).toBeVisible();
  await tabTo(student, sheet.getByRole('button', { name: 'Hand in', exact: true }));
  await student.keyboard.press('Enter');
  await expect(student.getByText(/^Handed in/)).toBeVisible();
  await somebodyHasIt(student, 'after handing in');
  await student.close();
});

test('shortcuts are what is typed, on whichever keyboard, and can be turned off', async ({
  page,
}) => {
  await openOwnCompany(page, 'Pollard Row Bindery');
  const find = page.getByRole('combobox', { name: 'Go to an account or page' });
  await expect(row(page, 'Bank').first()).toBeVisible();
  await row(page, 'Drawings').focus();
  await pressed(page, '-', { code: 'Slash', shiftKey: false });
  await expect(find).not.toBeFocused();
  await pressed(page, '/', { code: 'Digit7', shiftKey: true });
  await expect(find).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(row(page, 'Drawings')).toBeFocused();
  await pressed(page, '?', { code: 'Minus', shiftKey: true });
  const sheet = page.getByRole('dialog', { name: 'About this page' });
  await expect(sheet.getByText('The open spread')).toBeVisible();
  await sheet.getByRole('checkbox').uncheck();
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await row(page, 'Drawings').focus();
  await page.keyboard.press('/');
  await expect(find).not.toBeFocused();
});

test('an Enter that ends a composed character adds no account', async ({ page }) => {
  await openBakery(page, 'Composed Bakery');
  const field = line(page, 'Current assets');
  await field.fill('にほん');
  await field.evaluate((input) => {
    const init = { key: 'Enter', isComposing: true, bubbles: true, cancelable: true };
    input.dispatchEvent(new KeyboardEvent('keydown', init));
  });
  await expect(field).toHaveValue('にほん');
  await field.press('Enter');
  await expect(row(page, 'にほん')).toBeVisible();
});

test('a double click on Hand in opens the question and leaves it open', async ({
  page,
  browser,
}) => {
  await openBakery(page, 'Doubly Clicked Bakery');
  const made = await handOut(page, 'Build it', { title: 'Clicked twice', student: 'Dov Clicks' });
  const student = await begin(browser, page, { made, title: 'Clicked twice' });
  await student.getByRole('button', { name: 'Hand in' }).dblclick();
  const sheet = student.getByRole('dialog', { name: 'Hand this work in?' });
  await expect(sheet).toBeVisible();
  await answerSheet(sheet, 'Go on working');
  await student.close();
});

test('past the head there is a way for who goes by keyboard', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^Ruth Marsh/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await page.goto('/companies');
  await expect(page.getByRole('heading', { name: 'Companies' })).toBeFocused();
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link').first().focus();
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Shift+Tab');
  const skip = page.getByRole('button', { name: 'Past the head, to the work' });
  await expect(skip).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Companies' })).toBeFocused();
});

test('several accounts with what stands under them are deleted in one step', async ({ page }) => {
  await openBakery(page, 'Nested Bakery');
  for (const name of ['Floats', 'Shop till', 'Market till']) {
    await line(page, 'Current assets').fill(name);
    await page.keyboard.press('Enter');
  }
  for (const name of ['Shop till', 'Market till']) {
    await row(page, name).focus();
    await page.keyboard.press('Tab');
  }
  await row(page, 'Floats').focus();
  await row(page, 'Floats').click();
  await page.keyboard.press('Escape');
  await expect(row(page, 'Floats')).toBeFocused();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  const bar = page.getByRole('toolbar', { name: 'Accounts taken together' });
  await expect(bar).toContainText('3 accounts');
  await bar.getByRole('button', { name: 'Delete' }).click();
  for (const name of ['Floats', 'Shop till', 'Market till'])
    await expect(row(page, name)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'Market till')).toBeVisible();
});

test('a key that goes to the next student does not leave a note half typed', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'Results' }).click();
  await page.getByRole('link', { name: /^Quarter-end/ }).click();
  await page.locator('a[href^="/marking/"]').first().click();
  await expect(page).toHaveURL(/\/marking\//);
  const first = page.url();
  await page.getByRole('button', { name: 'Add a note' }).click();
  await page.getByRole('textbox', { name: 'Your note to the student' }).fill('Half of what');
  await page.getByRole('heading', { name: 'Margin notes' }).click();
  await page.keyboard.press('n');
  await expect(page.getByText('A note is half typed.')).toBeVisible();
  expect(page.url()).toBe(first);
  await expect(page.getByRole('textbox', { name: 'Your note to the student' })).toBeFocused();
  await page.reload();
  const note = page.getByRole('textbox', { name: 'Your note to the student' });
  await expect(note).toHaveValue('Half of what');
  await note.fill('');
  await page.getByRole('heading', { name: 'Margin notes' }).click();
  await page.keyboard.press('n');
  await expect(page).not.toHaveURL(first);
});

test('the slip goes aside for who takes accounts together, and leaves when they do', async ({
  page,
}) => {
  await openOwnCompany(page, 'Pollard Row Bindery');
  await row(page, 'Trade debtors').click();
  const slip = page.getByRole('complementary', { name: 'Account Trade debtors' });
  await expect(slip.getByLabel('Name of the account')).toBeFocused();
  const under = row(page, 'Electricity');
  await page.keyboard.down('Control');
  await under.hover({ force: true });
  await expect(slip).toHaveClass(/is-aside/);
  await under.click();
  await page.keyboard.up('Control');
  await expect(page.getByRole('toolbar', { name: 'Accounts taken together' })).toContainText(
    '2 accounts',
  );
  await expect(slip).toHaveCount(0);
});
