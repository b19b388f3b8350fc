import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.mjs';
import { launchOptions } from './chromium.mjs';
import { ensureChromium } from './install.mjs';
import { ROOT } from './run.mjs';
import { startServer } from './server.mjs';

/** Takes the pictures in docs/screenshots anew, from a fresh demo world. */
/** Only whether it runs: of the students’ pages, beside those that are kept. */
const IS_SMALL = process.env.GLEDDO_SMALL !== undefined;
const folder = IS_SMALL
  ? mkdtempSync(join(tmpdir(), 'gleddo-shots-'))
  : join(ROOT, 'docs', 'screenshots');
const data = mkdtempSync(join(tmpdir(), 'gleddo-pictures-'));

await build();
await ensureChromium();
const { chromium } = await import('@playwright/test');
const { address, end } = await startServer({ env: { GLEDDO_DEMO: '1', GLEDDO_DATA: data } });
const browser = await chromium.launch(launchOptions());

async function comeIn(name) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(address);
  await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
  await page.locator('.head-bar').waitFor();
  return page;
}

async function picture(page, name, shows) {
  await page.locator(shows).first().waitFor();
  await page.waitForTimeout(500);
  await standsStill(page);
  await page.screenshot({ path: join(folder, `${name}.png`) });
}

const link = (page, name) => page.getByRole('link', { name }).first().click();

const LIST = `No.,Account,Opening,Closing
1010,Bank acct Harbour,5780.00,18940.00
1020,Till float,300.00,300.00
1100,Customers,5200.00,6420.00
1150,Doubtfull debts,-320.00,-320.00
1200,Shop stock,7370.00,9700.00
1300,Prepaid slipway rent,6000.00,4500.00
1310,Prepaid insurance,2580.00,1720.00
1510,Hire fleet,40000.00,46000.00
1519,Acc. depn fleet,-9200.00,-11500.00
1520,Van + trailer,12200.00,12200.00
1529,Accumulated depreciation – van,-3000.00,-3650.00
2010,Creditors,-4300.00,-3700.00
2100,Passes sold,,-4200.00
2200,Wages payable,-980.00,
2300,Income tax payable,,-1780.00
2400,Boathouse loan – due within a year,-2400.00,-2400.00
2510,Boathouse loan,-18600.00,-18000.00
3010,Share capital,-30000.00,-30000.00
3100,Retained earnings,-10630.00,-10630.00
4010,Kayak hire,,-21300.00
4020,Guided tours,,-11840.00
4030,Shop sales,,-6120.00
4090,Refunds given,,600.00
5010,Cost of goods sold,,3670.00
5020,Guides’ fees,,3800.00
6010,Wages,,9710.00
6100,Slipway rent,,1500.00
6200,Insurance,,860.00
6300,Fleet repairs,,400.00
6400,Depreciation,,
6410,Depreciation – fleet,,2300.00
6420,Depreciation – van,,650.00
6500,Bank charges,,90.00
8010,Interest earned,,-90.00
8510,Loan interest,,390.00
9010,Income tax,,1780.00
,Total,,0.00
`;

const PROBLEM = `Nether Quay Pottery makes and sells bowls. On 1 May 2027 its owner begins the books.

1. The owner puts 12,000 into the business’s bank account.
2. Buys a kiln for 6,000, half from the bank, the rest is owed to Fenn Ovens.
3. Pays 1,800 for three months’ rent of the workshop, from 1 May.
4. Buys clay and glazes on account, 640.
5. Sells bowls for 1,150, of which 400 in cash.
6. Agrees to make a dinner service for the inn in June, 900.
7. Receives a third of it from the inn in advance.
8. Pays Fenn Ovens 1,000.
9. Squares up with the carrier.
10. Takes 250 home.
11. Of the clay, 210 is left at the end of May; one month of the rent is used up; the kiln serves five years.`;

async function problem(page) {
  await page.goto(`${address}/exercises/from-a-text`);
  await page.getByLabel('The text').fill(PROBLEM);
  await page.keyboard.press('Control+Enter');
  await picture(page, 'problem', '[aria-label="What it does to the books"]');
}

async function filed(page) {
  await link(page, 'Work from files');
  const csv = (name, text) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await page
    .getByLabel('Choose files')
    .setInputFiles([
      csv('balances-wim-aldous.csv', LIST),
      csv('export-0331.csv', LIST.replace('Hire fleet', 'Boats')),
      csv('scan0042.csv', '%PDF-1.7'),
    ]);
  await picture(page, 'work-from-files', 'canvas, .lines-table');
  await page.goBack();
  await page.locator('.matrix-table').waitFor();
}

async function instructor() {
  const page = await comeIn('Ruth Marsh');
  await picture(page, 'today', '[aria-label="Waits for you"]');
  await link(page, 'Companies');
  await link(page, /Tern Island Kayaks/);
  await page.getByText('Prepaid slipway rent').click();
  await picture(page, 'chart', '.slip-sheet');
  const book = page.url().replace(/\/chart.*/, '');
  for (const part of ['journal', 'statements']) {
    await page.goto(`${book}/${part}`);
    await picture(page, part, '.spread');
  }
  await page.goto(`${book}/profile/scheme`);
  await page.getByRole('button', { name: /^Prepayment/ }).click();
  await picture(page, 'scheme', '.scheme-sheet');
  await problem(page);
  await page.goto(`${address}/exercises/shelf`);
  await picture(page, 'shelf', 'h3');
  await page.goto(`${address}/exercises`);
  await link(page, /Quarter-end/);
  await page.locator('#brief-text').waitFor();
  const exercise = page.url().replace('/brief', '');
  await page.goto(exercise.replace('exercises', 'results'));
  await picture(page, 'class-results', '.matrix-table');
  await link(page, 'At work now');
  await page.getByRole('button', { name: 'Xenia Holt' }).click();
  await picture(page, 'at-work', '[aria-label="Xenia Holt"]');
  await link(page, 'Whole class');
  await filed(page);
  await link(page, 'Ines Okafor');
  await picture(page, 'marked-work', '.marked-spread');
  await aYear(page);
  await leading(page);
}

/** Own figures of an exercise that leads, and what the class mixes up. */
async function leading(page) {
  await page.goto(`${address}/exercises`);
  await link(page, /^Spring at Tern Island(?!,)/);
  await link(page, 'Own figures');
  await page.getByRole('button', { name: 'Try 1,000 seeds' }).click();
  await picture(page, 'own-figures', 'text=1,000 seeds tried');
  await page.goto(`${address}/groups`);
  await link(page, /Bookkeeping/);
  await link(page, 'Mix-ups');
  await page.getByRole('button', { name: /^Received or earned/ }).click();
  await picture(page, 'mix-ups', 'canvas');
}

/** A year told by documents, and the course of it. */
async function aYear(page) {
  await page.goto(`${address}/companies`);
  await link(page, /A year at Juniper Lane/);
  const book = page.url().replace(/\/chart.*/, '');
  await page.goto(`${book}/documents`);
  const kind = page.getByRole('combobox', { name: 'What happened' });
  await kind.click();
  await page.keyboard.type('money from');
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: 'Customer' }).click();
  await page.keyboard.type('hallfield');
  await page.keyboard.press('Enter');
  await page.getByRole('checkbox').first().check();
  await picture(page, 'documents', '[data-document]');
  await page.goto(`${book}/statements?show=time&to=2027-02-28&step=9`);
  await picture(page, 'through-time', '.row.account');
}

/** A page as it is held in the hand: by touch, narrow. */
async function held(name, width) {
  const context = await browser.newContext({
    viewport: { width, height: 844 },
    ...{ hasTouch: true, isMobile: width < 500 },
  });
  const page = await context.newPage();
  await page.goto(address);
  await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
  await page.locator('.head-bar').waitFor();
  return page;
}

/** What slides in has come. */
const standsStill = (page) =>
  page.evaluate(() => {
    const ends = ({ effect }) => effect?.getComputedTiming().iterations !== Infinity;
    const sliding = document.getAnimations().filter(ends);
    return Promise.allSettled(sliding.map(({ finished }) => finished));
  });

async function shotOf(page, shows) {
  await page.locator(shows).first().waitFor();
  await page.waitForTimeout(700);
  await standsStill(page);
  return page.screenshot({ type: 'png' });
}

/** What one has in the hand, side by side: a try and its slip on a phone, a step and marked work on a tablet. */
async function narrow() {
  const phone = await held('Vera Quill', 390);
  await link(phone, /Quarter-end/);
  const shots = [await shotOf(phone, '.row.account')];
  await phone.locator('.row.account', { hasText: 'Prepaid insurance' }).tap();
  shots.push(await shotOf(phone, '.slip-sheet'));
  const tablet = await held('Vera Quill', 820);
  await link(tablet, /^Spring at Tern Island(?!,)/);
  await tablet.getByRole('button', { name: /^☰ Step/ }).tap();
  shots.push(await shotOf(tablet, '.is-slid'));
  const marking = await held('Ruth Marsh', 820);
  await marking.goto(`${address}/results`);
  await link(marking, /Quarter-end/);
  await link(marking, 'By student');
  await link(marking, 'Ines Okafor');
  shots.push(await shotOf(marking, '.marked-spread'));
  const wall = await browser.newPage({ viewport: { width: 2450, height: 844 } });
  const images = shots.map(
    (shot) => `<img src="data:image/png;base64,${shot.toString('base64')}">`,
  );
  await wall.setContent(
    `<body style="margin:0;display:flex;gap:10px;background:#8d8795">${images.join('')}</body>`,
  );
  await picture(wall, 'narrow', 'img');
}

async function student() {
  const page = await comeIn('Vera Quill');
  await link(page, /Quarter-end/);
  await picture(page, 'student-try', '.spread');
  await page.goto(`${address}/mine`);
  await link(page, /^Spring at Tern Island(?!,)/);
  await page.getByRole('link', { name: 'Opening', exact: true }).click();
  await page.getByRole('button', { name: 'Opening balances', exact: true }).click();
  const papers = page.getByRole('complementary', { name: 'Papers' });
  for (const name of ['Till float', 'Shop stock', 'Prepaid insurance', 'Hire fleet']) {
    const row = papers.getByRole('row', { name: new RegExp(name) });
    const amount = await row.getByRole('cell').last().innerText();
    const field = page.getByLabel(`${name}, debit`);
    await field.fill(amount);
    await field.press('Enter');
    await row.locator('input:checked').waitFor();
  }
  await picture(page, 'step', 'nav[aria-label="Steps"]');
  const back = await comeIn('Sami Kettle');
  await link(back, /Quarter-end/);
  await picture(back, 'given-back', '.marked-spread');
}

if (!IS_SMALL) await instructor();
await student();
if (!IS_SMALL) await narrow();
await browser.close();
await end();
rmSync(data, { recursive: true, force: true });
if (IS_SMALL) rmSync(folder, { recursive: true, force: true });
