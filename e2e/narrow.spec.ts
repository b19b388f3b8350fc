import { expect, test, type Browser, type Page } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { choose, comeInAs, saved } from './people.js';

const server = new OwnServer(true);
test.beforeAll(async () => {
  test.setTimeout(400_000);
  await server.start();
});
test.afterAll(() => server.throwAway());

/** A page as a phone or a tablet has it, by touch. */
async function held(browser: Browser, width: number, who: string): Promise<Page> {
  const viewport = { width, height: width < 500 ? 800 : 1100 };
  const context = await browser.newContext({ viewport, hasTouch: true, isMobile: width < 500 });
  const page = await context.newPage();
  await comeInAs(page, who, server.address);
  return page;
}

const tab = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Parts of the book' }).getByRole('link', { name }).tap();

test('an exercise without steps is done on a phone by touch: brief, account, opening, entry, handed in', async ({
  browser,
}) => {
  const page = await held(browser, 390, 'Wim Aldous');
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).tap();
  await page.getByRole('button', { name: 'Begin' }).tap();
  const sheet = page.getByRole('region', { name: 'Balance sheet' });
  const profit = page.getByRole('region', { name: 'Profit and loss' });
  await expect(sheet).toBeVisible();
  await expect(profit).toBeHidden();
  await page.getByRole('button', { name: /The brief/ }).tap();
  await expect(page.getByText(/Nine accounts are missing/)).toBeInViewport();
  await page.getByRole('button', { name: 'Put The brief away' }).tap();
  await expect(page.getByText(/Nine accounts are missing/)).toBeHidden();
  await page.getByRole('button', { name: /^Profit and loss/ }).tap();
  await expect(profit).toBeVisible();
  await expect(sheet).toBeHidden();
  await page.getByRole('button', { name: /^Balance sheet/ }).tap();
  await sheet.getByLabel(/^New account in Current assets/).tap();
  await page.keyboard.type('Prepaid insurance');
  await page.keyboard.press('Enter');
  await expect(sheet.getByText('Prepaid insurance')).toBeVisible();
  await nothingSerious(page, 'a chart on a phone', 'main, .book-desk');
  await tab(page, 'Opening');
  await page.getByLabel('Prepaid insurance, debit').fill('2580');
  await page.getByLabel('Prepaid insurance, debit').blur();
  await expect(page.getByText(/more in debit/)).toBeInViewport();
  await tab(page, 'Journal');
  await page.getByLabel('What happened').fill('Insurance used up');
  await page.getByLabel('Account of line 1').fill('Insurance');
  await choose(page, /^6200/);
  await page.getByLabel('Debit of line 1').fill('860');
  await page.getByLabel('Account of line 2').fill('Prepaid insurance');
  await choose(page, /Prepaid insurance/);
  await page.getByRole('button', { name: 'Record', exact: true }).tap();
  await expect(page.getByRole('form', { name: 'New entry' })).toBeVisible();
  await expect(page.getByText('Insurance used up').last()).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Hand in' }).tap();
  await page.getByRole('dialog').getByRole('button', { name: 'Hand in' }).tap();
  await expect(page.getByText(/^Handed in/)).toBeVisible();
  await page.context().close();
});

test('steps and papers slide over the work on a tablet, and go away when one goes on', async ({
  browser,
}) => {
  const page = await held(browser, 820, 'Vera Quill');
  await page.getByRole('link', { name: /Spring at Tern Island/ }).tap();
  const steps = page.getByRole('navigation', { name: 'Steps' });
  await expect(steps).toBeHidden();
  await page.getByRole('button', { name: /^☰ Step \d of 6/ }).tap();
  await expect(steps).toBeVisible();
  await steps.getByRole('button', { name: /^Opening balances/ }).tap();
  await expect(steps).toBeHidden();
  await expect(page.getByRole('button', { name: '☰ Step 3 of 6' })).toBeVisible();
  await page.getByRole('button', { name: /Papers/ }).tap();
  const papers = page.getByRole('complementary', { name: 'Papers' });
  await expect(papers).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(papers).toBeHidden();
  await page.context().close();
});

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** How long a finger takes from one place to the next, in seconds: a swipe is as quick on a slow machine. */
const A_MOVE = 0.02;

/** Moves a finger: as a swipe, or, where it rests first, with what lies under it. */
async function finger(page: Page, from: Spot, { to, rests }: { to: Spot; rests: number }) {
  const session = await page.context().newCDPSession(page);
  let timestamp = Date.now() / 1000;
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at: readonly Spot[]) => {
    timestamp += A_MOVE;
    return session.send('Input.dispatchTouchEvent', { type, touchPoints: [...at], timestamp });
  };
  await touch('touchStart', [from]);
  await page.waitForTimeout(rests);
  timestamp += rests / 1000;
  for (let i = 1; i <= 8; i++) {
    const part = (a: number, b: number) => a + ((b - a) * i) / 8;
    await touch('touchMove', [{ x: part(from.x, to.x), y: part(from.y, to.y) }]);
  }
  await touch('touchEnd', []);
}

async function middleOf(page: Page, name: string): Promise<Spot> {
  const box = await page.locator('.row.account:visible').filter({ hasText: name }).boundingBox();
  if (!box) throw new Error(`no row of ${name}`);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

test('a finger that rests takes an account to another place; one that moves turns the page and moves nothing', async ({
  browser,
}) => {
  const page = await held(browser, 820, 'Vera Quill');
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).tap();
  const current = page.getByRole('rowgroup', { name: 'Current assets', exact: true });
  const rows = page.getByRole('rowgroup', { name: 'Non-current assets' });
  const before = await current.innerText();
  const [stock, van] = [await middleOf(page, 'Shop stock'), await middleOf(page, 'Hire fleet')];
  await finger(page, stock, { to: { x: stock.x - 200, y: stock.y + 44 }, rests: 0 });
  await expect(page.getByRole('region', { name: 'Profit and loss' })).toBeVisible();
  await page.keyboard.press('F6');
  await expect(current).toBeVisible();
  expect(await current.innerText()).toBe(before);
  await finger(page, stock, { to: { x: van.x, y: van.y }, rests: 700 });
  await expect(rows).toContainText('Shop stock');
  await expect(current).not.toContainText('Shop stock');
  await page.context().close();
});

const WIDTHS = [320, 390, 640, 820, 1024];

/** The addresses of what a student has, as far as it goes. */
async function addressesOf(page: Page): Promise<string[]> {
  const mine = (await (await page.request.get(`${server.address}/api/my-exercises`)).json()) as {
    exerciseId: string;
    state: string;
  }[];
  const parts = ['chart', 'opening', 'documents', 'journal', 'statements', 'history'];
  return mine.flatMap(({ exerciseId, state }) => {
    const base = `/mine/${exerciseId}`;
    if (state === 'not-started') return [base];
    const back = state === 'given-back' ? [`${base}/given-back`] : [];
    return [...back, ...parts.map((part) => `${base}/${part}`)];
  });
}

async function addressesOfInstructor(page: Page): Promise<string[]> {
  const asked = async (path: string) =>
    (await page.request.get(`${server.address}/api/${path}`)).json();
  const [exercise] = await asked('exercises');
  const [group] = await asked('groups');
  const [company] = await asked('companies');
  const books = [
    'profile',
    'chart',
    'numbers',
    'opening',
    'documents',
    'journal',
    'statements',
    'history',
  ];
  const { rows } = await asked(`exercises/${exercise.id}/results`);
  const work = rows.find(({ points }: { points: number | null }) => points !== null);
  const parts = [
    'brief',
    'steps',
    'also-right',
    'checks',
    'own-figures',
    'try',
    'hand-out',
    'versions',
  ];
  return [
    ...['/companies', '/exercises', '/groups', '/results', '/people', '/house'],
    ...parts.map((part) => `/exercises/${exercise.id}/${part}`),
    ...[`/groups/${group.id}`, `/results/${exercise.id}`, `/marking/${work.tryId}`],
    ...[
      `/results/${exercise.id}?by=now`,
      `/results/${exercise.id}?by=class`,
      '/guide',
      `/results/${exercise.id}/files`,
      '/today',
      '/term',
      '/password',
    ],
    ...['/companies/new', '/exercises/from-a-text', `/groups/${group.id}/mix-ups`],
    ...['/exercises/shelf', '/exercises/shelf/school-ahead', `/groups/${group.id}/marks`],
    `/marking/${work.tryId}/pairs`,
    ...books.map((part) => `/companies/${company.bookId}/${part}`),
  ];
}

/** What every page has: a title of its own, and one main part. */
async function lacks(page: Page, address: string): Promise<string[]> {
  const mains = await page.locator('main:visible').count();
  await expect(page)
    .toHaveTitle(/\S · Gleddo$/)
    .catch(() => undefined);
  const title = await page.title();
  return [
    ...(mains === 1 ? [] : [`${address} has ${mains} main parts`]),
    ...(/\S · Gleddo$/.test(title) ? [] : [`${address} is called “${title}”`]),
  ];
}

/** Where a view runs sideways: its address, and at which widths; or what it lacks. */
async function sideways(page: Page, addresses: readonly string[]): Promise<string[]> {
  const found: string[] = [];
  for (const address of addresses) {
    await page.goto(`${server.address}${address}`);
    await expect(page.locator('h1').first()).toBeVisible();
    await expect(page.locator('[aria-busy="true"]')).toHaveCount(0);
    found.push(...(await lacks(page, address)));
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 900 });
      const isOver = await page.evaluate(
        () => document.documentElement.scrollWidth > document.documentElement.clientWidth,
      );
      if (isOver) found.push(`${address} at ${width}`);
    }
  }
  return found;
}

test('every view has a title and a main part, and none runs sideways, for a student or an instructor, from 320 pixels on', async ({
  page,
}) => {
  test.setTimeout(600_000);
  await comeInAs(page, 'Sami Kettle', server.address);
  expect(await sideways(page, ['/mine', '/practice', ...(await addressesOf(page))])).toEqual([]);
  await page.context().clearCookies();
  await comeInAs(page, 'Ruth Marsh', server.address);
  expect(await sideways(page, await addressesOfInstructor(page))).toEqual([]);
});

test('the door has room on a phone: who comes in, and who chooses a password, sees all of it', async ({
  page,
}) => {
  await page.goto(server.address);
  const sides = async (field: string) => {
    await expect(page.getByLabel(field, { exact: true })).toBeVisible();
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 700 });
      const box = await page.getByLabel(field, { exact: true }).boundingBox();
      expect([
        field,
        width,
        (box?.width ?? 0) > 120,
        (box?.x ?? 0) + (box?.width ?? 0) <= width,
      ]).toEqual([field, width, true, true]);
    }
  };
  await sides('Password');
  await comeInAs(page, 'Ruth Marsh', server.address);
  const asked = async (path: string) =>
    (await page.request.get(`${server.address}/api/${path}`)).json();
  const [group] = await asked('groups');
  const { members } = await asked(`groups/${group.id}`);
  const made = await page.request.post(
    `${server.address}/api/groups/${group.id}/members/${members[0].id}/link`,
    { headers: { 'x-gleddo': '1' } },
  );
  await page.context().clearCookies();
  await page.goto(`${server.address}/link/${(await made.json()).token}`);
  await sides('Password, 10 characters or more');
});

/** What can be touched on the open pages and is lower than a fingertip. */
const tooLow = (page: Page): Promise<string[]> =>
  page
    .locator('.spread :is(button, a, summary, .ant-checkbox-wrapper):visible')
    .evaluateAll((all) =>
      all.flatMap((each) => {
        const { height } = each.getBoundingClientRect();
        return height < 43.5 ? [`${each.textContent}: ${Math.round(height)}`] : [];
      }),
    );

test('entries of the journal, and what is done with them, are as high as a fingertip', async ({
  browser,
}) => {
  const page = await held(browser, 390, 'Vera Quill');
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).tap();
  await page.getByRole('link', { name: 'Journal' }).tap();
  await expect(page.getByRole('button', { name: /^Duplicate / }).first()).toBeVisible();
  expect(await tooLow(page)).toEqual([]);
});
