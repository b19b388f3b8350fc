import { expect, test } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { choose, comeInAs } from './people.js';

test('an exercise of the shelf is found, looked at, taken and handed out', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh', '/exercises');
  await page.getByRole('link', { name: 'From the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'The shelf' })).toBeVisible();
  await nothingSerious(page, 'the shelf', 'main');
  await page.getByLabel('Find on the shelf').fill('no such thing');
  await expect(page.getByText('Nothing on the shelf has these words')).toBeVisible();
  await page.getByLabel('Find on the shelf').fill('partnership');
  await page.getByRole('link', { name: 'Two partners share a profit' }).click();
  const seen = page.getByRole('region', { name: 'As students see it' });
  await seen.getByRole('button', { name: 'The books are closed' }).click();
  await expect(seen).toContainText('three parts to Oduya and two to Brock');
  await nothingSerious(page, 'an exercise of the shelf', 'main');
  await page.getByRole('button', { name: 'Take it and hand it out' }).click();
  await expect(page.getByText('a student can know all of it')).toBeVisible();
  await page.getByLabel('Class group').click();
  await choose(page, /^Bookkeeping, spring term/);
  await page.getByRole('button', { name: 'Hand out', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Handed out' })).toBeVisible();
  await page.getByRole('link', { name: 'As it lies on the shelf' }).click();
  await expect(page.getByText(/^Taken before: Two partners share a profit/)).toBeVisible();
});

test('what a class mixes up leads to ready exercises for it', async ({ page }) => {
  await comeInAs(page, 'Ruth Marsh', '/groups');
  await page.getByRole('link', { name: /spring term/ }).click();
  await page.getByRole('link', { name: 'Mix-ups' }).click();
  await page.getByRole('link', { name: 'Ready exercises for it' }).click();
  await expect(page.getByText('Those whose accounts ask for')).toBeVisible();
  await page.getByRole('link', { name: 'Show all' }).click();
  await expect(page.getByRole('heading', { name: 'What an account is' })).toBeVisible();
});
