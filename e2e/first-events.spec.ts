import { expect, test, type Page } from '@playwright/test';
import { pick, tab } from './by-keys.js';

/** Counts what a hand does from signing in on, through every change of page. */
async function countHands(
  page: Page,
): Promise<(what: 'keydown' | 'pointerdown') => Promise<number>> {
  await page.addInitScript(() => {
    for (const what of ['keydown', 'pointerdown'])
      window.addEventListener(
        what,
        () => sessionStorage.setItem(what, String(Number(sessionStorage.getItem(what)) + 1)),
        true,
      );
  });
  return (what) => page.evaluate((of) => Number(sessionStorage.getItem(of)), what);
}

type Line = readonly [account: string, debit: string, credit?: string];

/** What happened, line by line, and what both statements come to after it; what balances an entry is offered. */
interface Happened {
  readonly lines: readonly Line[];
  readonly assets: string;
  readonly rest: string;
  readonly profit: string;
}

/** By hand, in the books of a shop that counts its stock: what is bought is a cost until then. */
const HAPPENED: readonly Happened[] = [
  {
    lines: [
      ['1010', '10000'],
      ['3010', '', ''],
    ],
    ...{ assets: '10,000', rest: 'liabilities – + equity 10,000', profit: '–' },
  },
  {
    lines: [
      ['1510', '6000'],
      ['1010', '', '3000'],
      ['2010', '', ''],
    ],
    ...{ assets: '13,000', rest: 'liabilities 3,000 + equity 10,000', profit: '–' },
  },
  {
    lines: [
      ['5010', '2000'],
      ['2010', '', ''],
    ],
    ...{ assets: '13,000', rest: 'liabilities 5,000 + equity 8,000', profit: '(2,000)' },
  },
  {
    lines: [
      ['1030', '1500'],
      ['4010', '', ''],
    ],
    ...{ assets: '14,500', rest: 'liabilities 5,000 + equity 9,500', profit: '(500)' },
  },
  {
    lines: [
      ['2010', '800'],
      ['1010', '', ''],
    ],
    ...{ assets: '13,700', rest: 'liabilities 4,200 + equity 9,500', profit: '(500)' },
  },
  {
    lines: [
      ['1010', '900'],
      ['1030', '', ''],
    ],
    ...{ assets: '13,700', rest: 'liabilities 4,200 + equity 9,500', profit: '(500)' },
  },
  {
    lines: [
      ['pr', '1200'],
      ['1010', '', ''],
    ],
    ...{ assets: '13,700', rest: 'liabilities 4,200 + equity 9,500', profit: '(500)' },
  },
  {
    lines: [
      ['rent', '400'],
      ['pr', '', ''],
    ],
    ...{ assets: '13,300', rest: 'liabilities 4,200 + equity 9,100', profit: '(900)' },
  },
];

const SHOWN: Readonly<Record<string, string>> = { pr: 'Prepaid rent', rent: '6020 Rent' };

/** An entry by keys alone, from its day on; the focus stands on the day of the next then. */
async function record(page: Page, { lines }: Happened): Promise<void> {
  await tab(page, 4);
  for (const [i, [typed, debit, credit]] of lines.entries()) {
    await pick(page, typed, SHOWN[typed] ?? typed);
    await tab(page);
    if (debit !== '') await page.keyboard.type(debit);
    if (credit !== undefined) {
      await tab(page);
      await page.keyboard.type(credit);
    }
    if (i < lines.length - 1) await tab(page, credit === undefined ? 2 : 1);
  }
  await page.keyboard.press('Control+Enter');
  await expect(page.getByLabel('Day', { exact: true })).toBeFocused();
}

test('the first events of a trader, from signing in to statements: few clicks, few keys, each statement right', async ({
  page,
}) => {
  const hands = await countHands(page);
  await page.goto('/');
  await page.getByRole('button', { name: /^Ruth Marsh/ }).click();
  await page.getByRole('link', { name: 'Companies', exact: true }).click();
  await page.getByRole('link', { name: 'New company' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.type('Fen Lamps');
  await page.getByRole('radio', { name: 'A starter chart' }).check();
  await page.getByRole('button', { name: /^Open the book with/ }).click();
  await page.getByRole('textbox', { name: 'New account in Current assets', exact: true }).click();
  await page.keyboard.type('Prepaid rent');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('rowgroup', { name: 'Current assets', exact: true })).toContainText(
    'Prepaid rent',
  );
  await page.getByRole('link', { name: 'Journal', exact: true }).click();
  await page.getByLabel('Day', { exact: true }).click();
  await page.keyboard.press('Escape');
  for (const happened of HAPPENED) {
    await record(page, happened);
    const [left, right] = [
      page.locator('.spread-foot').first(),
      page.locator('.spread-foot').last(),
    ];
    await expect(left).toContainText(`Assets ${happened.assets}`);
    await expect(left).toContainText(happened.rest);
    await expect(right).toContainText(happened.profit);
  }
  await page.getByRole('link', { name: 'Statements', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Profit and loss' })).toContainText('(900)');
  await expect(page.getByRole('alert')).toHaveCount(0);
  const [keys, clicks] = [await hands('keydown'), await hands('pointerdown')];
  expect(keys).toBeLessThan(250);
  expect(clicks).toBeLessThan(60);
});
