import { expect, test, type Locator, type Page } from '@playwright/test';

/** What has gone over the wire so far, in bytes, with what is said about it. */
async function weighing(page: Page): Promise<() => number> {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  let bytes = 0;
  session.on('Network.loadingFinished', (answer) => (bytes += answer.encodedDataLength));
  return () => bytes;
}

/** Everything stands as it is to be read. */
async function stands(page: Page, shows: Locator): Promise<void> {
  await expect(shows.first()).toBeVisible();
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
}

test('signing in weighs less than 250 kB, and a try that is opened then less than 400', async ({
  page,
}) => {
  const weight = await weighing(page);
  const vera = page.getByRole('button', { name: /^Vera Quill/ });
  await page.goto('/');
  await stands(page, vera);
  const signingIn = weight();
  expect(signingIn).toBeGreaterThan(50_000);
  expect(signingIn).toBeLessThan(250_000);
  await vera.click();
  await page.getByRole('link', { name: /Quarter-end/ }).click();
  await stands(page, page.locator('.row.account'));
  expect(weight() - signingIn).toBeGreaterThan(100_000);
  expect(weight()).toBeLessThan(400_000);
});
