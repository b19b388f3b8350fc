import { expect, test, type Page } from '@playwright/test';
import { row } from './exercise-steps.js';
import { comeInAs } from './people.js';

const told = (page: Page) => page.locator('#page-told');

test('where one comes to is told: the page and its part, once each; not where one stays', async ({
  page,
}) => {
  await comeInAs(page, 'Ruth Marsh', '/today');
  await expect(told(page)).toHaveText('');
  await page.getByRole('link', { name: 'Companies', exact: true }).click();
  await expect(told(page)).toHaveText('Companies');
  await page.getByRole('link', { name: /^Tern Island Kayaks/ }).click();
  await expect(told(page)).toHaveText('Chart · Tern Island Kayaks');
  await page
    .getByRole('navigation', { name: 'Parts of the book' })
    .getByRole('link', { name: 'Journal' })
    .click();
  await expect(told(page)).toHaveText('Journal · Tern Island Kayaks');
  await expect(told(page)).toHaveAttribute('aria-live', 'polite');
});

/** How a thing stands out where the system forces its colours: the width of the line around it. */
const outlined = (page: Page, at: string) =>
  page
    .locator(at)
    .first()
    .evaluate((node) => {
      const { outlineStyle, outlineWidth, borderStyle } = getComputedStyle(node);
      return outlineStyle !== 'none' && outlineWidth !== '0px' ? 'outlined' : borderStyle;
    });

test('where the system forces its colours, what is chosen has a line and what is drawn its own', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await comeInAs(page, 'Ruth Marsh');
  await page.getByRole('link', { name: /^Tern Island Kayaks/ }).click();
  await row(page, 'Trade receivables').click();
  await expect(page.locator('.row.is-selected')).toBeVisible();
  expect(await outlined(page, '.row.is-selected')).toBe('outlined');
  expect(await outlined(page, '.sheet-head [aria-current="page"]')).toBe('outlined');
  await page.goto('/results');
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  const bar = page.locator('[data-drawn]').first();
  await expect(bar).toBeVisible();
  expect(await bar.evaluate((node) => getComputedStyle(node).forcedColorAdjust)).toBe('none');
  expect(await outlined(page, '.sheet-head [aria-current]')).toBe('outlined');
});
