import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';

/** In a real browser: how long a keystroke takes to show in a chart of 2,000 accounts, against an empty page. */
const PORT = '3241';
const address = `http://localhost:${PORT}`;
const ACCOUNTS = 2000;
const TYPES = [
  'bank',
  'trade-receivables',
  'plant-equipment',
  'trade-payables',
  'goods-sales',
  'staff',
  'office',
];

const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];

/** Types into the focused field, a letter a frame; answers how long each took to be drawn. */
async function typed() {
  const field = document.activeElement;
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const times = [];
  for (const letter of 'prepaid rent of the boathouse at the quay') {
    const from = performance.now();
    set.call(field, field.value + letter);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
    times.push(performance.now() - from);
  }
  return times;
}

async function bookOf(page) {
  const accounts = Array.from({ length: ACCOUNTS }, (_, i) => ({
    id: `a${i}`,
    number: String(10_000 + 7 * i),
    name: `Account of the sort ${i}`,
    type: TYPES[i % TYPES.length],
  }));
  const company = { name: 'Long chart', firstDay: '2027-01-01' };
  const book = { format: 'gleddo-book', version: 1, company, numberPlan: 'five-digit', accounts };
  const answer = await page.request.post(`${address}/api/companies`, {
    headers: { 'x-gleddo': '1' },
    data: { book },
  });
  return (await answer.json()).bookId;
}

export async function benchInBrowser(server) {
  const data = mkdtempSync(join(tmpdir(), 'gleddo-bench-'));
  const env = { ...process.env, GLEDDO_DEMO: '1', GLEDDO_DATA: data, GLEDDO_PORT: PORT };
  const child = spawn(process.execPath, [server], { env });
  await new Promise((resolve) => {
    child.stdout.on('data', (said) => String(said).includes('Gleddo is at') && resolve());
  });
  const args = ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage', '--no-first-run'];
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.setContent('<input autofocus>');
  await page.locator('input').focus();
  const empty = median(await page.evaluate(typed));
  await page.goto(address);
  await page.getByRole('button', { name: /^Ruth Marsh/ }).click();
  await page.locator('.row-link').first().waitFor();
  const id = await bookOf(page);
  await page.reload();
  await page.locator('.row-link').first().waitFor();
  const from = Date.now();
  await page.locator(`a[href*="${id}"]`).click();
  await page.locator('.row.account').first().waitFor();
  await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn))));
  const opening = Date.now() - from;
  await page
    .locator('.row.account')
    .nth(ACCOUNTS - 1)
    .waitFor({ state: 'attached' });
  const whole = Date.now() - from;
  await page.getByRole('textbox', { name: 'New account in Current assets', exact: true }).click();
  const stroke = median(await page.evaluate(typed));
  await browser.close();
  child.kill('SIGTERM');
  await new Promise((resolve) => child.once('exit', resolve));
  rmSync(data, { recursive: true, force: true });
  process.stdout.write(
    `\nIn the browser, a chart of ${ACCOUNTS} accounts\n` +
      `opening it ${opening} ms until the pages are drawn, ${whole} ms until the last row stands below\n` +
      `a keystroke until it is drawn ${stroke.toFixed(1)} ms, ${(stroke / empty).toFixed(1)} × an empty page's (${empty.toFixed(1)} ms)\n`,
  );
}
