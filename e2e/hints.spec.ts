import { expect, test } from '@playwright/test';
import { OwnServer } from './own-server.js';
import { comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('hints come one by one and are counted; the instructor sees them, and lets one go on', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Vera Quill', server.address);
  await page.getByRole('link', { name: /^Spring at Tern Island(?!,)/ }).click();
  const steps = page.getByRole('navigation', { name: 'Steps' });
  // What asks for nothing has nothing to tell.
  await expect(steps.getByText('Look through the chart')).toBeVisible();
  await expect(steps.getByRole('button', { name: /hint/ })).toHaveCount(0);
  await steps.getByRole('checkbox', { name: 'done' }).check();
  await steps.getByRole('button', { name: 'Opening balances', exact: true }).click();
  const hints = steps.getByRole('region', { name: 'Hints' });
  await expect(hints).toContainText('Each costs 1 point.');
  await hints.getByRole('button', { name: 'A hint' }).click();
  await expect(hints).toContainText('Where to look. An opening balance under Current assets');
  await expect(hints).toContainText('Look at “Balance sheet”');
  await hints.getByRole('button', { name: 'Another hint' }).click();
  await expect(hints).toContainText('The rule. What is owned stands in debit.');
  await hints.getByRole('button', { name: 'Another hint' }).click();
  await expect(hints).toContainText('A like case. Were it 1,000');
  await hints.getByRole('button', { name: 'Tell me what belongs there' }).click();
  await expect(hints).toContainText('What belongs there. “');
  await page.reload();
  await expect(hints).toContainText('What belongs there. “');

  const ruth = await browser.newPage();
  await comeInAs(ruth, 'Ruth Marsh', server.address);
  await ruth.getByRole('link', { name: 'Results', exact: true }).click();
  await ruth.getByRole('link', { name: /^Spring at Tern Island(?!,)/ }).click();
  await ruth.getByRole('link', { name: 'At work now' }).click();
  const row = ruth.getByRole('row', { name: /Vera Quill/ });
  await expect(row).toContainText('7 hints');
  await row.getByRole('button').click();
  await ruth.getByRole('button', { name: 'Let go on from “The entries of the period”' }).click();
  await ruth.getByRole('button', { name: 'Let them go on' }).click();
  await expect(row.getByRole('img', { name: 'Opening balances: 100 %' })).toBeVisible();
  await ruth.close();
});
