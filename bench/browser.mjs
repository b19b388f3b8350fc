import { chromium } from '@playwright/test';
import { launchOptions } from '../scripts/chromium.mjs';
import { startDemo } from './demo-server.mjs';
import { IS_SMALL } from './people.mjs';

/**
 * In a real browser, at a quarter of the machine's speed: how long the longest task is while somebody types into a
 * chart of 2,000 accounts and a journal of 2,000 entries, and how much of a long class is drawn.
 */
const SLOWER = IS_SMALL ? 1 : 4;
const ACCOUNTS = IS_SMALL ? 100 : 2000;
const ENTRIES = IS_SMALL ? 50 : 2000;
const TYPES = [
  'bank',
  'trade-receivables',
  'plant-equipment',
  'trade-payables',
  'goods-sales',
  'staff',
  'office',
];
const WORDS = 'prepaid rent of the boathouse at the quay';

const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];

/** Types into the focused field, a letter a frame; answers how long each took to be drawn. */
async function typed(words) {
  const field = document.activeElement;
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const times = [];
  for (const letter of words) {
    const from = performance.now();
    set.call(field, field.value + letter);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
    times.push(performance.now() - from);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  return times;
}

/** Begins to gather tasks over 50 milliseconds, which is what a browser tells. */
function gather() {
  window.tasks = [];
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) window.tasks.push(entry.duration);
  }).observe({ type: 'longtask' });
}

const book = () => {
  const accounts = Array.from({ length: ACCOUNTS }, (_, i) => ({
    id: `a${i}`,
    number: String(10_000 + 7 * i),
    name: `Account of the sort ${i}`,
    type: TYPES[i % TYPES.length],
  }));
  const entries = Array.from({ length: ENTRIES }, (_, i) => ({
    id: `e${i}`,
    date: `2027-${String(1 + (i % 12)).padStart(2, '0')}-${String(1 + (i % 28)).padStart(2, '0')}`,
    text: `Entry ${i}`,
    lines: [
      { account: 'a0', debit: `${i + 1}.00` },
      { account: `a${(4 + 7 * (i % 200)) % ACCOUNTS}`, credit: `${i + 1}.00` },
    ],
  }));
  const company = { name: 'Long book', firstDay: '2027-01-01' };
  return {
    format: 'gleddo-book',
    version: 1,
    company,
    numberPlan: 'five-digit',
    accounts,
    entries,
  };
};

async function typingIn(page, field) {
  await field.click();
  await page.evaluate(gather);
  const times = await page.evaluate(typed, WORDS);
  const longest = Math.max(0, ...(await page.evaluate(() => window.tasks)));
  return { letter: median(times), longest };
}

const said = ({ letter, longest }) =>
  `a letter until it is drawn ${letter.toFixed(0)} ms, the longest task ${longest === 0 ? 'under 50' : longest.toFixed(0)} ms (wanted: 100 at most)`;

export async function benchInBrowser(server) {
  const demo = await startDemo(server);
  const browser = await chromium.launch(launchOptions());
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(demo.address);
  await page.getByRole('button', { name: /^Ruth Marsh/ }).click();
  await page.getByRole('region', { name: 'Waits for you' }).waitFor();
  const headers = { 'x-gleddo': '1' };
  const made = await page.request.post(`${demo.address}/api/companies`, {
    headers,
    data: { book: book() },
  });
  const { bookId } = await made.json();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  const opened = async (part, first) => {
    const from = Date.now();
    await page.goto(`${demo.address}/companies/${bookId}/${part}`);
    await page.locator(first).first().waitFor();
    return Date.now() - from;
  };
  const chartIn = await opened('chart', '.row.account');
  await page
    .locator('.row.account')
    .nth(ACCOUNTS - 1)
    .waitFor({ state: 'attached' });
  const line = page.getByRole('textbox', { name: 'New account in Current assets', exact: true });
  const chart = await typingIn(page, line);
  const journalIn = await opened('journal', '.entry-item');
  const journal = await typingIn(page, page.getByLabel('What happened'));
  const entries = await page.locator('.entry-item').count();
  const statementsIn = await opened('statements', '.row.account');
  await browser.close();
  await demo.end();
  process.stdout.write(
    `\nIn the browser, at a quarter of the speed, a book of ${ACCOUNTS} accounts and ${ENTRIES} entries\n` +
      `the chart: open in ${chartIn} ms; ${said(chart)}\n` +
      `the journal: open in ${journalIn} ms, ${entries} entries drawn; ${said(journal)}\n` +
      `the statements: open in ${statementsIn} ms\n`,
  );
}
