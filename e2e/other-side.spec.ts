import { expect, test, type Page } from '@playwright/test';
import { comeInAs } from './people.js';

test.describe.configure({ mode: 'parallel' });

/** Turns every page of a browser round, as for a script that is read from the right. */
const turned = (page: Page) =>
  page.addInitScript(() => {
    document.addEventListener('readystatechange', () => {
      document.documentElement.dir = 'rtl';
    });
  });

async function openTurnedBook(page: Page): Promise<void> {
  await turned(page);
  await comeInAs(page, 'Ruth Marsh');
  await page.goto('/companies');
  await page
    .getByRole('link', { name: /Tern Island Kayaks/ })
    .first()
    .click();
  await expect(page.locator('.spread')).toBeVisible();
}

const isWithin = (page: Page) =>
  page.evaluate(() => {
    const { scrollWidth, clientWidth } = document.documentElement;
    return scrollWidth - clientWidth;
  });

async function holds(page: Page, address: string, shows: string): Promise<void> {
  await page.goto(address);
  await expect(page.locator(shows).first()).toBeVisible();
  expect(await isWithin(page), `${address} runs sideways`).toBeLessThanOrEqual(0);
}

for (const [width, height] of [
  [1280, 800],
  [390, 800],
] as const)
  test(`pages that are read from the right hold at ${width}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await openTurnedBook(page);
    const book = page.url().replace(/\/chart.*/, '');
    for (const part of ['chart', 'opening', 'journal', 'statements'])
      await holds(page, `${book}/${part}`, '.spread, .page');
    for (const address of ['/today', '/exercises', '/groups', '/results', '/guide'])
      await holds(page, address, 'main, .list-page-link');
  });

test('the pages of a turned book lie the other way round, figures at the end of their rows', async ({
  page,
}) => {
  await openTurnedBook(page);
  const at = async (name: string) =>
    (await page.getByRole('heading', { name }).first().boundingBox())?.x ?? 0;
  await expect(page.getByRole('heading', { name: 'Balance sheet' })).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('dir', 'rtl');
  expect(await at('Balance sheet')).toBeGreaterThan(await at('Profit and loss'));
  const row = page.locator('.row.account').first();
  const [name, figure] = [row.locator('.name'), row.locator('.figure')];
  const [from, to] = [await name.boundingBox(), await figure.boundingBox()];
  expect(from?.x ?? 0).toBeGreaterThan(to?.x ?? 0);
});
