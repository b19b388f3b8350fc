import { expect, test, type Page } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { choose, comeInAs, saved } from './people.js';

/** Somebody else comes in, in the same browser. */
async function comeInInstead(page: Page, name: string, address = '/'): Promise<void> {
  await page.context().clearCookies();
  await comeInAs(page, name, address);
}

/** Chooses from a list by its label. */
async function pick(page: Page, label: string, option: string | RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await choose(page, option);
}

async function saveTheSteps(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Save the steps' }).click();
  await expect(page.locator('.saved')).toHaveText('Saved');
}

test('an instructor lets the key propose steps, asks questions, draws own figures and hands it out; a student is led through', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /^Tern Island Kayaks/ }).click();
  await page.getByRole('button', { name: 'Make an exercise' }).click();
  const dialog = page.getByRole('dialog', { name: /^An exercise from Tern Island/ });
  await dialog.getByLabel('Title').fill('A quarter by oneself');
  await dialog.getByRole('radio', { name: /^Keep the books/ }).check();
  await dialog.getByRole('button', { name: 'Make it' }).click();

  await page.getByRole('link', { name: 'Steps', exact: true }).click();
  await page.getByRole('button', { name: 'Propose steps from the key' }).click();
  await expect(page.getByRole('button', { name: /Opening balances/ }).first()).toBeVisible();
  await page.getByRole('button', { name: /^\d Read the statements/ }).click();
  await pick(page, 'Ask something that the key proposes', /^A judgement call/);
  await pick(page, 'Ask something that the key proposes', 'What is the profit for the period?');
  await expect(page.getByText('now 12,480')).toBeVisible();
  await saveTheSteps(page);

  await page.getByRole('link', { name: 'Own figures', exact: true }).click();
  await page.getByRole('button', { name: 'Vary every amount' }).click();
  await page.getByRole('button', { name: 'Try 1,000 seeds' }).click();
  await expect(page.getByText('✓ 1,000 seeds tried, each of them holds.')).toBeVisible({
    timeout: 120_000,
  });
  await page.getByRole('button', { name: 'By a formula instead' }).click();
  await page.getByLabel('Every amount without a formula').fill('usual * 0');
  await expect(page.getByText(/gives no amount over zero/).first()).toBeVisible();
  await page.getByRole('button', { name: 'The same figures for everybody' }).click();
  await page.getByRole('button', { name: 'Vary every amount' }).click();
  await expect(page.getByText('More than a million different sets.')).toBeVisible();
  await page.getByRole('button', { name: 'Save the figures' }).click();
  await expect(page.locator('.saved')).toHaveText('Saved');
  await page.getByRole('link', { name: 'Hand out', exact: true }).click();
  await pick(page, 'Class group', /^Bookkeeping, spring term/);
  await page.getByRole('button', { name: 'Hand out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Handed out' })).toBeVisible();

  await comeInInstead(page, 'Wim Aldous');
  await page.getByRole('link', { name: /^A quarter by oneself/ }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  const steps = page.getByRole('navigation', { name: 'Steps' });
  await expect(steps.getByText('0 %')).toBeVisible();
  await steps.getByRole('checkbox', { name: 'done' }).first().click();
  await expect(steps.getByRole('checkbox', { name: 'done' }).first()).toBeChecked();
  await page.keyboard.press('Escape');
  await page.locator('h1').click();
  await page.keyboard.press('.');
  await expect(page).toHaveURL(/\/opening$/);
  const papers = page.getByRole('complementary', { name: 'Papers' });
  const row = papers.getByRole('row', { name: /Till float/ });
  const amount = (await row.getByRole('cell').last().innerText()).replaceAll(',', '');
  const field = page.getByLabel('Till float, debit');
  await field.fill(amount);
  await field.press('Enter');
  await saved(page);
  await expect(row.getByRole('checkbox')).toBeChecked();
  await expect(steps.getByText(/^1 of \d+ opening balances entered/)).toBeVisible();
  await nothingSerious(page, 'a step');

  await steps.getByRole('button', { name: 'Read the statements' }).click();
  const profit = steps.getByRole('group', { name: 'What is the profit for the period?' });
  await profit.getByRole('textbox').fill('1,234.50');
  await profit.getByRole('textbox').press('Enter');
  await expect(steps.getByText('1 of 2 questions answered')).toBeVisible();
  await page.reload();
  await expect(profit.getByRole('textbox')).toHaveValue('1,234.50');
  await steps.getByRole('button', { name: 'Words' }).click();
  await page.getByLabel('Search the words').fill('contra');
  await expect(
    page
      .getByRole('dialog')
      .getByText(/lowers another and stands/)
      .first(),
  ).toBeVisible();
});

test('who comes late goes on from a later step, and can go back to how it was', async ({
  page,
}) => {
  await comeInAs(page, 'Vera Quill');
  await page.getByRole('link', { name: /^Spring at Tern Island(?!,)/ }).click();
  const steps = page.getByRole('navigation', { name: 'Steps' });
  await steps.getByRole('button', { name: 'Opening balances', exact: true }).click();
  await expect(steps.getByText('0 of 17 opening balances entered')).toBeVisible();
  await steps.getByRole('button', { name: /^Stuck\? Go on from the beginning of/ }).click();
  await expect(
    page.getByText(/What you have not done yourself until then earns nothing/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Go on from there' }).click();
  await expect(steps.getByText('17 of 17 opening balances entered')).toBeVisible();
  await page.getByRole('link', { name: 'History', exact: true }).click();
  await expect(page.getByText(/^Went on from the beginning of/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to how it was before that' }).click();
  await expect(steps.getByText('0 of 17 opening balances entered')).toBeVisible();
});

test('a drill is answered by keys, told at once, and what was missed is seen by the class’s instructor', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await comeInAs(page, 'Sami Kettle');
  await page.getByRole('link', { name: 'Practice', exact: true }).click();
  await page.getByRole('radio', { name: '10 names' }).check();
  await page.getByRole('link', { name: 'Begin the drill' }).click();
  for (let i = 1; i <= 10; i++) {
    await expect(page.getByText(`${i} of 10`)).toBeVisible();
    await page.keyboard.press('1');
    await expect(page.getByText(/^(✓ Right|× Not so)$/)).toBeVisible();
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('heading', { name: /of 10 right$/ })).toBeVisible();
  await nothingSerious(page, 'a drill');
  await page.getByRole('link', { name: 'Back to practice' }).click();
  await expect(page.getByRole('heading', { name: 'What you tell apart' })).toBeVisible();
  await nothingSerious(page, 'practice');

  await comeInInstead(page, 'Ruth Marsh', '/groups');
  await page.getByRole('link', { name: /^Bookkeeping, spring term/ }).click();
  await page.getByRole('link', { name: 'Mix-ups', exact: true }).click();
  await page.getByRole('button', { name: /^Received or earned/ }).click();
  await expect(page.getByRole('link', { name: 'Ade Marlow' })).toBeVisible();
  await nothingSerious(page, 'mix-ups');
  await page.getByRole('button', { name: /^Drill for these/ }).click();
  await expect(page.getByRole('button', { name: 'The drill is asked of all' })).toBeVisible();
});

test('an exercise is practised with new figures, and checked at once', async ({ page }) => {
  await comeInAs(page, 'Ines Okafor');
  await page.getByRole('link', { name: 'Practice', exact: true }).click();
  await page.getByRole('button', { name: 'Begin with new figures' }).first().click();
  await expect(page.getByRole('navigation', { name: 'Steps' })).toBeVisible();
  await page.getByRole('link', { name: 'Check it' }).click();
  await expect(page.getByText(/^0 of \d+/).first()).toBeVisible();
});

test('a series goes on in another trade, and whose figures stand in a work is told', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: 'Results', exact: true }).click();
  await page.getByRole('link', { name: /^Spring at Tern Island(?!,)/ }).click();
  const described = page.getByRole('region', { name: 'Somebody else’s figures' });
  await expect(
    described.getByText(/Dov Armitage: \d+ amounts that are .*Bea Lindqvist/),
  ).toBeVisible();
  await expect(described.getByRole('listitem')).toHaveCount(1);

  await page.getByRole('link', { name: 'Exercises', exact: true }).click();
  await page.getByRole('link', { name: /^Spring at Tern Island(?!,)/ }).click();
  await page.getByRole('link', { name: 'Hand out', exact: true }).click();
  await page.getByRole('button', { name: 'Next of the series' }).click();
  const dialog = page.getByRole('dialog', { name: /^What comes after/ });
  await dialog.getByRole('combobox', { name: 'The company' }).click();
  await choose(page, 'becomes: Shop');
  await expect(dialog.getByText('1010 Bank, current account')).toBeVisible();
  await dialog.getByRole('button', { name: 'Make the next exercise' }).click();
  await expect(page).toHaveURL(/\/key\/journal$/);
  await page.getByRole('link', { name: 'Opening', exact: true }).click();
  await expect(page.getByText('✓ The opening balances are in balance.')).toBeVisible();
});

test('details wait for their step, and the company is set up by whoever does the exercise', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', '/exercises');
  const headers = { 'x-gleddo': '1' };
  const companies = (await (await page.request.get('/api/companies')).json()) as {
    id: string;
    name: string;
  }[];
  const companyId = companies.find(({ name }) => name === 'Pollard Row Bindery')?.id;
  const asked = { companyId, title: 'The bindery, set up', start: 'accounts' };
  const made = await page.request.post('/api/exercises', { headers, data: asked });
  const { id } = (await made.json()) as { id: string };
  const steps = [
    { id: 'look', title: 'Look at the accounts' },
    { id: 'number', title: 'Now the numbers', brings: ['numbers', 'types'] },
  ];
  const changes = [
    ...steps.map((now) => ({ at: `/guide/steps/${now.id}`, now })),
    { at: '/keyRules/settings', now: ['legalForm'] },
  ];
  await page.request.post(`/api/exercises/${id}/changes`, { headers, data: { changes } });

  await page.goto(`/exercises/${id}/try`);
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  const bank = page.getByRole('row', { name: /^(1010 )?Bank\b/ }).first();
  await expect(bank).toBeVisible();
  await expect(bank).not.toContainText('1010');
  await bank.click();
  const slip = page.getByRole('complementary', { name: 'Account Bank' });
  await expect(slip.getByLabel('Placed in')).toHaveText('Balance sheet › Current assets');
  await expect(slip.getByLabel('Number')).toBeHidden();
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('button', { name: 'Now the numbers', exact: true })
    .click();
  await expect(bank).toContainText('1010');
  await expect(slip.getByLabel('Placed in')).toHaveText('Balance sheet › Current assets › Bank');

  await page.getByRole('link', { name: 'Company', exact: true }).click();
  await page.getByRole('combobox', { name: 'Legal form' }).click();
  await choose(page, 'Partnership');
  await page.getByRole('button', { name: 'Save the changes' }).click();
  await page.getByRole('link', { name: 'Marks', exact: true }).click();
  await expect(
    page.getByText('Legal form is partnership in this work. It is sole trader.'),
  ).toBeVisible();
});
