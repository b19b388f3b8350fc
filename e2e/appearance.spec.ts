import { expect, test, type Page } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { comeInAs } from './people.js';

/** How light the desk is, from 0 to 255. */
const lightness = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const [r = 0, g = 0, b = 0] = (
      getComputedStyle(document.body).backgroundColor.match(/\d+/g) ?? []
    ).map(Number);
    return (r + g + b) / 3;
  });

async function wish(page: Page, look: string): Promise<void> {
  await page.getByRole('button', { name: /Ruth Marsh/ }).click();
  await page.getByRole('menuitem', { name: look }).click();
}

test('pages are dark where the system is, or where somebody wishes it; paper is light', async ({
  page,
}) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto('/');
  await expect(page.getByRole('button', { name: /^Ruth Marsh/ })).toBeVisible();
  expect(await lightness(page)).toBeLessThan(80);
  await nothingSerious(page, 'signing in, dark', 'body');
  await comeInAs(page, 'Ruth Marsh');
  await wish(page, 'Light');
  await expect.poll(() => lightness(page)).toBeGreaterThan(200);
  await page.emulateMedia({ colorScheme: 'light' });
  await wish(page, 'Dark');
  await expect.poll(() => lightness(page)).toBeLessThan(80);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Companies' })).toBeVisible();
  expect(await lightness(page)).toBeLessThan(80);
  await page.emulateMedia({ media: 'print' });
  await expect.poll(() => lightness(page)).toBeGreaterThan(200);
  // What a browser says when it prints: what is drawn by the theme is written darkly on paper, too.
  const words = () =>
    page.evaluate(() =>
      getComputedStyle(document.querySelector('.ant-app') as Element).getPropertyValue('color'),
    );
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  expect(await words()).toBe('rgb(35, 31, 43)');
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  expect(await words()).toBe('rgb(239, 234, 243)');
});

test('axe finds nothing serious in the dark', async ({ page }) => {
  test.setTimeout(240_000);
  await page.emulateMedia({ colorScheme: 'dark' });
  await comeInAs(page, 'Ruth Marsh');
  const view = async (path: string, there: string | RegExp) => {
    await page.goto(path);
    await expect(page.getByText(there).first()).toBeVisible();
    await nothingSerious(page, `${path}, dark`, 'body');
  };
  const ask = async (path: string) => (await page.request.get(`/api/${path}`)).json();
  const named = async (path: string, name: RegExp) =>
    ((await ask(path)) as { id: string; bookId: string; name?: string; title?: string }[]).find(
      (each) => name.test(each.name ?? each.title ?? ''),
    );
  const company = `/companies/${(await named('companies', /^Tern Island Kayaks/))?.bookId}`;
  const quarter = (await named('exercises', /^Quarter-end/))?.id ?? '';
  const { rows } = await ask(`exercises/${quarter}/results`);
  const { tryId } = rows.find(({ state }: { state: string }) => state === 'handed-in');
  await view('/today', 'Waits for you');
  await view(`${company}/chart`, 'Prepaid slipway rent');
  await page.getByText('Shop stock').first().click();
  await expect(page.getByRole('complementary', { name: 'Account Shop stock' })).toBeVisible();
  await nothingSerious(page, 'the slip, dark', 'body');
  await view(`${company}/journal`, 'Wages earned, paid in April');
  await view(`${company}/statements`, 'Gross profit');
  await view(`/results/${quarter}`, 'Ade Marlow');
  await view(`/marking/${tryId}`, 'Margin notes');
  await view(`/exercises/${quarter}/brief`, 'Quarter-end at Tern Island');
});
