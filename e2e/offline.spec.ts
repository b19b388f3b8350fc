import { expect, test, type Page } from '@playwright/test';
import { row } from './exercise-steps.js';
import { OwnServer } from './own-server.js';
import { comeInAs, saved } from './people.js';

const server = new OwnServer(true);
test.beforeAll(() => server.start());
test.afterAll(() => server.throwAway());
test.use({ serviceWorkers: 'allow' });

const pathsKept = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    if (!navigator.serviceWorker.controller) return [];
    const answers = await caches.open('gleddo-answers');
    return (await answers.keys()).map(({ url }) => new URL(url).pathname);
  });

/** Waits until the pages are kept, and answers to these ends. */
async function kept(page: Page, ...ends: readonly string[]): Promise<void> {
  for (const end of ends)
    await expect
      .poll(async () => (await pathsKept(page)).some((path) => path.endsWith(end)))
      .toBe(true);
}

const line = (page: Page) =>
  page.getByRole('textbox', { name: 'New account in Current assets', exact: true });

async function add(page: Page, name: string): Promise<void> {
  await line(page).fill(name);
  await line(page).press('Enter');
  await expect(row(page, name)).toBeVisible();
}

test('a try goes on without a line, through refreshes, and is handed in when there is one again, with the time of the wish', async ({
  page,
}) => {
  await comeInAs(page, 'Wim Aldous', server.address);
  await page.getByRole('link', { name: /Spring at Tern Island/ }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  const steps = page.getByRole('navigation', { name: 'Steps' });
  await expect(steps).toBeVisible();
  await kept(page, '/api/me', '/history', '/guide');
  await add(page, 'Cash tin');
  await saved(page);

  await server.end('SIGKILL');
  await add(page, 'Vouchers');
  await expect(page.locator('.saved')).toHaveText('Kept here; waiting for the server');
  for (let times = 0; times < 2; times++) {
    await page.reload();
    await expect(steps).toBeVisible();
    await expect(row(page, 'Cash tin')).toBeVisible();
    await expect(row(page, 'Vouchers')).toBeVisible();
  }
  await page.getByRole('link', { name: 'Statements' }).click();
  await expect(page.getByRole('heading', { name: 'Balance sheet' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Hand in' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('There is no line at the moment.');
  await dialog.getByRole('button', { name: 'Hand in' }).click();
  await expect(
    page.getByText(/^Is handed in as soon as there is a line \(wished \d/),
  ).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Is handed in as soon as there is a line/)).toBeVisible();

  await server.start();
  await expect(page.getByText(/^Handed in/)).toBeVisible();
  const wishes = () =>
    page.evaluate(() => Object.keys(localStorage).filter((name) => name.includes('wish')));
  expect(await wishes()).toEqual([]);
  await expect(row(page, 'Vouchers')).toHaveCount(1);
  await expect(row(page, 'Cash tin')).toHaveCount(1);
});

test('whoever signs out leaves nothing behind', async ({ page }) => {
  await comeInAs(page, 'Sami Kettle', server.address);
  await kept(page, '/api/me', '/api/my-exercises');
  await page.getByRole('button', { name: /^Sami Kettle/ }).click();
  await page.getByText('Sign out').click();
  await expect(page.getByLabel('Name you sign in with')).toBeVisible();
  expect((await pathsKept(page)).filter((path) => path !== '/api/me')).toEqual([]);
});
