import { chromium } from '@playwright/test';
import { launchOptions } from '../scripts/chromium.mjs';
import { startDemo } from './demo-server.mjs';
import { IS_SMALL } from './people.mjs';

/** A line of 400 kbit/s on which an answer takes 400 ms, and a machine at a quarter of its speed. */
const LINE = { offline: false, latency: 400, downloadThroughput: 51_200, uploadThroughput: 51_200 };
const SLOWER = IS_SMALL ? 1 : 4;
const TURNS = IS_SMALL ? 1 : 3;

const middle = (times) => [...times].sort((a, b) => a - b)[times.length >> 1];
const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`;

async function throttled(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  if (!IS_SMALL) await session.send('Network.emulateNetworkConditions', LINE);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
}

/** From nothing, with nothing kept: until the frame is drawn, and until what the page is for can be used. */
async function opened(browser, { address, person, path, usable }) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const headers = { 'x-gleddo': '1' };
  if (person)
    await context.request.post(`${address}/api/demo-sign-in`, { data: { person }, headers });
  const page = await context.newPage();
  await throttled(page);
  const from = Date.now();
  await page.goto(address + path, { waitUntil: 'commit' });
  await page.locator(usable).first().waitFor({ timeout: 120_000 });
  const took = Date.now() - from;
  const drawn = await page.evaluate(
    () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN,
  );
  await context.close();
  return { drawn, took };
}

/** Where each kind of page stands in the demo. */
async function pages(browser, address) {
  const context = await browser.newContext();
  const person = 'ruth.marsh';
  const headers = { 'x-gleddo': '1' };
  await context.request.post(`${address}/api/demo-sign-in`, { data: { person }, headers });
  const list = async (path) => (await context.request.get(`${address}/api/${path}`)).json();
  const company = (await list('companies')).find(({ name }) => name.startsWith('Tern'));
  const exercise = (await list('exercises')).find(({ title }) => title.startsWith('Quarter-end'));
  await context.close();
  const book = `/companies/${company.bookId}`;
  return [
    { name: 'signing in', path: '/', usable: 'button:has-text("Ruth Marsh")' },
    { name: 'today', person, path: '/', usable: '[aria-label="Waits for you"]' },
    { name: 'a student’s exercises', person: 'sami.kettle', path: '/mine', usable: 'main a' },
    { name: 'a chart', person, path: `${book}/chart`, usable: '.row.account' },
    { name: 'a journal', person, path: `${book}/journal`, usable: '.entry-item' },
    { name: 'a class', person, path: `/results/${exercise.id}`, usable: 'text=Lior Mendes' },
  ];
}

export async function slowLine(server) {
  const demo = await startDemo(server);
  const browser = await chromium.launch(launchOptions());
  process.stdout.write('\nOn a slow line, from nothing (wanted: drawn in 2 s, usable in 6 s)\n');
  for (const { name, ...page } of await pages(browser, demo.address)) {
    const times = [];
    for (let turn = 0; turn < TURNS; turn++)
      times.push(await opened(browser, { address: demo.address, ...page }));
    const [drawn, took] = ['drawn', 'took'].map((of) => middle(times.map((each) => each[of])));
    process.stdout.write(`${name}: drawn ${seconds(drawn)}, usable ${seconds(took)}\n`);
  }
  await browser.close();
  await demo.end();
}
