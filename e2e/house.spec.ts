import { expect, test } from '@playwright/test';
import { Secret, TOTP } from 'otpauth';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { comeInAs, signIn, signInFirst, OWN_PASSWORD } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());

test('the head of the house sees what runs, and finds what was done', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'House' }).click();
  const runs = page.getByRole('region', { name: 'What runs' });
  await expect(runs).toContainText('nothing waits');
  await expect(page.getByRole('region', { name: 'Backup' })).toContainText('npx gleddo backup');
  const done = page.getByRole('region', { name: 'What was done' });
  await expect(done.getByText('became the first instructor')).toBeVisible();
  await page.getByLabel('Look for a person or a deed').fill('handed out');
  await expect(done.getByRole('listitem').first()).toContainText('handed out an exercise');
  await expect(done.getByText('became the first instructor')).toHaveCount(0);
  await page.getByLabel('Look for a person or a deed').fill('nobody at all');
  await expect(done).toContainText('Nothing of that is written down.');
  await nothingSerious(page, 'house');
});

test('who marks sets up a second device, is asked for it, and ends another session', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByLabel('Their name').fill('Una Vale');
  await page.getByLabel('Name to sign in with').fill('una.vale');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const password = await page.locator('code').innerText();
  const una = await browser.newPage();
  await signInFirst(una, 'una.vale', { password, address: server.address });
  await una.getByRole('button', { name: /^Una Vale/ }).click();
  await una.getByText('My sign-in').click();
  const device = una.getByRole('region', { name: 'A second device' });
  await device.getByRole('button', { name: 'Set one up' }).click();
  await nothingSerious(una, 'my sign-in');
  const secret = (await device.locator('code').innerText()).replaceAll(' ', '');
  const totp = new TOTP({ secret: Secret.fromBase32(secret) });
  await device.getByLabel(/six digits/).fill('12345');
  await device.getByLabel('Your password').fill(OWN_PASSWORD);
  await device.getByRole('button', { name: 'Ask for it from now on' }).click();
  await expect(device.getByRole('alert')).toContainText('not the six digits');
  await device.getByLabel(/six digits/).fill(totp.generate());
  await device.getByRole('button', { name: 'Ask for it from now on' }).click();
  await expect(device).toContainText('you are asked for the six digits');

  const again = await browser.newPage();
  await signIn(again, 'una.vale', { password: OWN_PASSWORD, address: server.address });
  await expect(again.getByRole('alert')).toContainText('second device');
  const next = totp.generate({ timestamp: Date.now() + 30_000 });
  await again.getByLabel(/^Six digits/).fill(next);
  await again.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(again.getByRole('heading', { name: 'What comes first' })).toBeVisible();

  await una.reload();
  await una.getByRole('button', { name: 'Sign out there' }).click();
  await expect(una.getByRole('button', { name: 'Sign out there' })).toHaveCount(0);
  await again.reload();
  await expect(again.getByLabel('Name you sign in with')).toBeVisible();
});

test('in the list of companies each button does what it says: copy, put away, delete', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Companies' }).click();
  const rows = page.getByRole('listitem').filter({ hasText: 'Pollard Row Bindery' });
  await expect(rows).toHaveCount(1);
  await rows.hover();
  const button = (what: string) =>
    page.getByRole('button', { name: new RegExp(`^${what}: .*Pollard`) });
  const boxes = await Promise.all(['Copy', 'Put away'].map((what) => button(what).boundingBox()));
  const [copy, away] = boxes;
  expect((copy?.x ?? 0) + (copy?.width ?? 0)).toBeLessThanOrEqual(away?.x ?? 0);
  await button('Copy').click();
  await expect(rows).toHaveCount(2);
  await rows.last().hover();
  await button('Put away').last().click();
  await expect(rows).toHaveCount(1);
  await page.getByRole('checkbox', { name: /^Show what was put away/ }).check();
  await expect(rows).toHaveCount(2);
  await rows.last().hover();
  await button('Delete').click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(rows).toHaveCount(1);
});

test('a student and a class are deleted in time: what goes is said before, and it is taken back', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Class groups' }).click();
  await page.getByRole('link', { name: /^Bookkeeping, spring term/ }).click();
  await page.getByRole('button', { name: 'Change: Ines Okafor' }).click();
  await page.getByRole('button', { name: 'Delete Ines Okafor' }).click();
  const dialog = page.getByRole('dialog').filter({ hasText: 'can be taken back' });
  await expect(dialog).toContainText(/With them go \d+ works.*until then it can be taken back/);
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog).toBeHidden();
  await page.getByRole('button', { name: 'Change: Ines Okafor' }).click();
  await page.getByRole('button', { name: 'Delete Ines Okafor' }).click();
  await dialog.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  const leaves = page.getByRole('region', { name: 'To be deleted' });
  await expect(leaves).toContainText('Ines Okafor is deleted on');
  await nothingSerious(page, 'class with somebody who leaves');
  await leaves.getByRole('button', { name: 'Take back: Ines Okafor' }).click();
  await expect(leaves).toHaveCount(0);

  await page.getByRole('link', { name: 'House' }).click();
  const term = page.getByRole('region', { name: 'What is deleted' });
  await term.getByLabel(/can be taken back for/).fill('90');
  const nameless = term.getByRole('radio', { name: 'their works stay without a name' });
  // A page that is still coming in may move from under a click.
  await expect(async () => {
    await nameless.check();
    await expect(nameless).toBeChecked({ timeout: 1_000 });
  }).toPass();
  await term.getByRole('button', { name: 'Save' }).click();
  await expect(term.getByRole('status')).toContainText('Saved');
  await page.goto(`${server.address}/groups`);
  await page.getByRole('link', { name: /^Bookkeeping, spring term/ }).click();
  await page.getByRole('button', { name: 'Delete this class group' }).click();
  await expect(dialog).toContainText(/Of \d+ students in no other class: their works stay/);
  await expect(dialog).toContainText('in 90 days');
  await dialog.getByRole('button', { name: 'Keep' }).click();
});
