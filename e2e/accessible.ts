import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** What fades in is looked at once it stands. */
const atRest = (page: Page) =>
  page.evaluate(() =>
    Promise.allSettled(
      document
        .getAnimations()
        .filter(({ effect }) => Number.isFinite(effect?.getComputedTiming().endTime))
        .map(({ finished }) => finished),
    ).then(() => undefined),
  );

/** Looks at the whole page, or at a part of it that is new. */
export async function nothingSerious(page: Page, where: string, part = 'body'): Promise<void> {
  await atRest(page);
  const there = await page.evaluate(() => 'axe' in window);
  const { violations } = await new AxeBuilder({ page, ...(there && { axeSource: 'void 0' }) })
    .setLegacyMode()
    .options({ resultTypes: ['violations'], preload: false })
    .include(part)
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const serious = violations.filter((each) => ['serious', 'critical'].includes(each.impact ?? ''));
  const described = serious.map(
    ({ id, nodes }) => `${where}: ${id}: ${nodes[0]?.html.slice(0, 160)}`,
  );
  expect.soft(described).toEqual([]);
}
