import { expect, type Locator, type Page } from '@playwright/test';

const TEACHES = 'Ruth Marsh';

/** Comes in as one of the demo's people: an instructor goes on to the companies, a student has their exercises before them. */
export async function comeInAs(page: Page, name: string, address = '/'): Promise<void> {
  await page.goto(address);
  await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
  const main = page.getByRole('navigation', { name: 'Main' });
  await expect(main).toBeVisible();
  if (name !== TEACHES || new URL(address, page.url()).pathname !== '/') return;
  await main.getByRole('link', { name: 'Companies' }).click();
  await expect(page.getByRole('heading', { name: 'Companies' })).toBeVisible();
}

export async function signIn(
  page: Page,
  login: string,
  { password, address = '/' }: { readonly password: string; readonly address?: string | undefined },
): Promise<void> {
  await page.goto(address);
  await page.getByLabel('Name you sign in with').fill(login);
  await page.getByLabel('Password', { exact: true }).fill(password);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
}

/** What everybody chooses who signs in by a password that was made for them. */
export const OWN_PASSWORD = 'kept to oneself';

/** The first time that somebody signs in: they choose a password of their own. */
export async function signInFirst(
  page: Page,
  login: string,
  how: { readonly password: string; readonly address?: string | undefined },
): Promise<void> {
  await signIn(page, login, how);
  await page.getByLabel('Password, 10 characters or more').fill(OWN_PASSWORD);
  await page.getByRole('button', { name: 'Come in' }).click();
}

/** Presses Tab until a thing has the focus: nothing is reached otherwise. */
export async function tabTo(page: Page, wanted: Locator, most = 80): Promise<void> {
  for (let i = 0; i < most; i++) {
    if (await wanted.evaluate((node) => node === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab does not come to ${wanted.toString()}`);
}

/** Waits until the book says that everything is saved. */
export const saved = (page: Page): Promise<void> =>
  expect(page.locator('.saved')).toHaveText('Saved');

/**
 * Chooses from an open list: where one can type, by typing (a long list shows only a part of itself);
 * again, should the list have moved away under the pointer.
 */
export async function choose(page: Page, option: string | RegExp): Promise<void> {
  const list = page.locator('.ant-select-dropdown:visible');
  await expect(list.first()).toBeVisible();
  const search = page.locator('.ant-select-open input:not([readonly])');
  if (typeof option === 'string' && (await search.count()) > 0) await search.fill(option);
  await expect(async () => {
    if ((await list.count()) > 0)
      await list.getByTitle(option, { exact: true }).click({ timeout: 2000 });
    await expect(list).toHaveCount(0, { timeout: 2000 });
  }).toPass();
}

/** Opens the sheet of places from a slip, and finds a type in it by typing. */
export async function findPlace(page: Page, slip: Locator, type: string): Promise<void> {
  await slip.getByLabel('Placed in').click();
  await expect(page.getByLabel('Find a place')).toBeFocused();
  await page.keyboard.type(type);
}

/** Clicks a button of a sheet that closes it: again, should the sheet still have been opening. */
export async function answerSheet(sheet: Locator, button: string): Promise<void> {
  await expect(sheet).toBeVisible();
  await expect(async () => {
    if (await sheet.isVisible())
      await sheet.getByRole('button', { name: button, exact: true }).click({ timeout: 2000 });
    await expect(sheet).toBeHidden({ timeout: 2000 });
  }).toPass();
}

/** Gives the marked work that lies open back, with what is usually shown of it. */
export async function giveBackHere(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Give back', exact: true }).click();
  await answerSheet(page.getByRole('dialog'), 'Give it back');
  await expect(page.getByText('✓ given back')).toBeVisible();
}

/** Opens the results of the demo's class, as its instructor. */
export async function openClass(page: Page, address = '/', who = 'Ruth Marsh'): Promise<void> {
  await comeInAs(page, who, address);
  await page.getByRole('link', { name: 'Results', exact: true }).click();
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  await expect(page.getByRole('link', { name: 'Work from files' })).toBeVisible();
}
