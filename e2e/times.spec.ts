import { expect, test, type Page } from '@playwright/test';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { choose, comeInAs } from './people.js';

const server = new OwnServer(true);
test.beforeAll(async () => {
  test.setTimeout(400_000);
  await server.start();
});
test.afterAll(() => server.throwAway());

const day = (fromToday: number): string =>
  new Date(Date.now() + fromToday * 86_400_000).toISOString().slice(0, 10);

const typeMoment = (page: Page, label: string, text: string): Promise<void> =>
  page.getByLabel(label, { exact: true }).fill(text.replace(' ', 'T'));

async function openHandOut(page: Page): Promise<void> {
  await comeInAs(page, 'Ruth Marsh', server.address);
  await page.getByRole('link', { name: 'Exercises', exact: true }).click();
  await page.getByRole('link', { name: /Quarter-end at Tern Island/ }).click();
  await page.getByRole('link', { name: 'Hand out', exact: true }).click();
}

test('an exercise that closes takes in what is open; one student has more time, and nobody else sees it', async ({
  page,
  browser,
}) => {
  await openHandOut(page);
  const times = page.getByRole('button', { name: /^When Bookkeeping/ });
  await expect(times).toHaveText('always open');
  await times.click();
  await typeMoment(page, 'Opens', `${day(2)} 08:00`);
  await typeMoment(page, 'Closes', `${day(1)} 18:00`);
  await page.getByRole('button', { name: 'Save the times' }).click();
  await expect(page.getByRole('alert')).toContainText('It would close before it opens');
  await typeMoment(page, 'Opens', `${day(-9)} 08:00`);
  await typeMoment(page, 'Closes', `${day(2)} 18:00`);
  await page.getByRole('button', { name: 'Save the times' }).click();
  await expect(times).toContainText('18:00; late work is told');
  await page.getByText('More time for one student').click();
  await page.getByLabel('Who has more time').click();
  await choose(page, 'Wim Aldous');
  await typeMoment(page, 'Until when', `${day(3)} 12:00`);
  await page.getByRole('button', { name: 'Give more time' }).click();
  await expect(page.getByText(/Wim Aldous: until .*12:00/)).toBeVisible();

  const wims = await browser.newPage();
  await comeInAs(wims, 'Wim Aldous', server.address);
  await expect(wims.getByRole('link', { name: /Quarter-end/ })).toContainText(
    /closes .*, 12:00, in/,
  );
  const veras = await browser.newPage();
  await comeInAs(veras, 'Vera Quill', server.address);
  await expect(veras.getByRole('link', { name: /Quarter-end/ })).toContainText(
    /closes .*, 18:00, in/,
  );
  await veras.getByRole('link', { name: /Quarter-end/ }).click();
  await expect(veras.getByText(/^closes .*18:00/)).toBeVisible();

  await times.click();
  await typeMoment(page, 'Closes', `${day(-2)} 18:00`);
  await page.getByText('What is open is handed in as it stands').click();
  await expect(
    page.getByText(/what is still open is handed in as it stands, within seconds/),
  ).toBeVisible();
  await nothingSerious(page, 'the times of a class', 'main');
  await page.getByRole('button', { name: 'Save the times' }).click();
  await expect(times).toContainText('then handed in as it stands');
  await expect(async () => {
    await veras.reload();
    await expect(veras.getByText(/handed in by itself when it closed/)).toBeVisible({
      timeout: 3000,
    });
  }).toPass();
  await page.getByRole('link', { name: 'See the results' }).first().click();
  await page.getByRole('link', { name: 'By student' }).click();
  await expect(page.getByRole('row', { name: /Vera Quill/ })).toContainText(
    'by itself when it closed',
  );
  await wims.getByRole('link', { name: /Quarter-end/ }).click();
  await wims.getByRole('button', { name: 'Begin' }).click();
  await expect(wims.getByRole('button', { name: 'Hand in' })).toBeVisible();
  await wims.close();
  await veras.close();
});

test('what is not open yet says when it opens, and shows nothing else', async ({ page }) => {
  await comeInAs(page, 'Wim Aldous', server.address);
  await page.getByRole('link', { name: /A shop at Tern Island/ }).click();
  await expect(page.getByRole('heading', { name: 'It is not open yet' })).toBeVisible();
  await expect(page.getByText(/It opens \w{3} .*18:00/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Begin' })).toHaveCount(0);
  await nothingSerious(page, 'an exercise that is not open yet', 'main');
});
