import { expect, type Page } from '@playwright/test';

/** Chooses in the field that has the focus by typing the beginning of what it shows. */
export async function pick(page: Page, typed: string, shown: string): Promise<void> {
  await page.keyboard.type(typed);
  const active = page.locator('.ant-select-dropdown:visible .ant-select-item-option-active');
  // One that is closing may still offer the same.
  await expect(active.filter({ hasText: shown }).last()).toBeVisible();
  await page.keyboard.press('Enter');
}

export async function tab(page: Page, times = 1): Promise<void> {
  for (let i = 0; i < times; i++) await page.keyboard.press('Tab');
}
