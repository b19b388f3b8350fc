import { expect, test, type Page } from '@playwright/test';
import { comeInAs } from './people.js';

/** Somebody whose browser has letters twice as large as is usual. */
async function withLargeLetters(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Page.setFontSizes', { fontSizes: { standard: 32, fixed: 26 } });
}

/** What of a view is off the page, or runs sideways. */
const offThePage = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const width = document.documentElement.clientWidth;
    const sideways = document.documentElement.scrollWidth > width + 1 ? ['the page itself'] : [];
    const scrolls = (element: Element | null): boolean =>
      element !== null &&
      element !== document.body &&
      (/auto|scroll/.test(getComputedStyle(element).overflowX) || scrolls(element.parentElement));
    const off = [...document.querySelectorAll('main *, .sheet-head *')].filter((element) => {
      const { right, width: own } = element.getBoundingClientRect();
      return own > 1 && right > width + 2 && !scrolls(element.parentElement);
    });
    return [...sideways, ...off.map(({ textContent }) => (textContent ?? '').trim().slice(0, 40))];
  });

test('with letters twice as large nothing is lost: a student’s step, the journal, a work marked, a class', async ({
  page,
  browser,
}) => {
  await withLargeLetters(page);
  await comeInAs(page, 'Vera Quill');
  const size = () => page.evaluate(() => getComputedStyle(document.body).fontSize);
  expect(await size()).toBe('28px');
  await page.getByRole('link', { name: /Spring at Tern/ }).click();
  for (const part of ['Chart', 'Opening', 'Journal', 'Statements']) {
    await page.getByRole('link', { name: part, exact: true }).click();
    await expect(
      page.getByRole('heading', { name: /Balance sheet|Journal/ }).first(),
    ).toBeVisible();
    expect(await offThePage(page), part).toEqual([]);
  }
  await expect(page.getByRole('button', { name: 'Hand in' })).toBeInViewport();

  const teacher = await browser.newPage();
  await withLargeLetters(teacher);
  await comeInAs(teacher, 'Ruth Marsh', '/results');
  await teacher.getByRole('link', { name: /^Quarter-end/ }).click();
  await expect(teacher.getByRole('button', { name: 'Give all back' })).toBeVisible();
  expect(await offThePage(teacher)).toEqual([]);
  await teacher.getByRole('link', { name: 'Ade Marlow' }).first().click();
  await expect(teacher.getByRole('heading', { name: 'Margin notes' })).toBeVisible();
  expect(await offThePage(teacher)).toEqual([]);
});

test('a number of an account is not cut, however large the letters are', async ({ page }) => {
  await withLargeLetters(page);
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /^Tern Island Kayaks/ }).click();
  const number = page.getByText('1010', { exact: true }).first();
  await expect(number).toBeVisible();
  const isWhole = await number.evaluate(
    ({ scrollWidth, clientWidth }) => scrollWidth <= clientWidth + 1,
  );
  expect(isWhole).toBe(true);
});
