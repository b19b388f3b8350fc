import { expect, test } from '@playwright/test';
import { choose, comeInAs } from './people.js';

test('what is typed quickly on a slow machine stands whole; two choices one after the other both count', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /A year at Juniper Lane/ }).click();
  await page.getByRole('link', { name: 'Journal', exact: true }).click();
  const search = page.getByRole('search', { name: 'Entries to look at' });
  const find = search.getByLabel('Find entries');
  await find.click();
  const slow = await page.context().newCDPSession(page);
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await page.keyboard.type('nothing of it');
  await expect(find).toHaveValue('nothing of it');
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await search.getByRole('button', { name: 'Show all' }).click();
  await search.getByRole('combobox', { name: 'Kind of entry' }).click();
  await choose(page, 'Adjusting');
  await expect(page).toHaveURL(/\?kind=adjusting$/);
});
