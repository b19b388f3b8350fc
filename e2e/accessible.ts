import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Looks at the whole page, or at a part of it that is new. */
export async function nothingSerious(page: Page, where: string, part = 'body'): Promise<void> {
  await page.waitForTimeout(200);
  const { violations } = await new AxeBuilder({ page })
    .include(part)
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const serious = violations.filter((each) => ['serious', 'critical'].includes(each.impact ?? ''));
  const told = serious.map(({ id, nodes }) => `${where}: ${id}: ${nodes[0]?.html.slice(0, 160)}`);
  expect.soft(told).toEqual([]);
}
